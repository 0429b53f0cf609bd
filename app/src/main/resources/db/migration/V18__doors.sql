-- What happened at the doors: who came in, who tried in vain, who was refused what, what was taken out. Never a secret.
CREATE TABLE security_event (
  id      BIGINT AUTO_INCREMENT PRIMARY KEY,
  what    VARCHAR(30)  NOT NULL,
  who     VARCHAR(60)  NOT NULL,
  address VARCHAR(45)  NOT NULL,
  detail  VARCHAR(200) NOT NULL,
  at      DATETIME(3)  NOT NULL,
  INDEX security_event_at (at),
  INDEX security_event_who (who, what, address)
);

-- Misses are counted by name and by where they came from.
ALTER TABLE failed_attempt MODIFY what VARCHAR(140) NOT NULL;

-- Steps, hold points and papers know people by this name: it is nobody else's.
ALTER TABLE person ADD CONSTRAINT person_display_name UNIQUE (display_name);

-- Sessions hold no password's hash any more; everybody signs in once again.
DELETE FROM SPRING_SESSION_ATTRIBUTES;
DELETE FROM SPRING_SESSION;
