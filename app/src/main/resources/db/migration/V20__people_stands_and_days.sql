-- Who is skilled in what and works when. Whoever worked here before did every kind of step: it stays so until the manager says otherwise.
CREATE TABLE person_team (
  person_id BIGINT NOT NULL PRIMARY KEY,
  version   INT    NOT NULL,
  FOREIGN KEY (person_id) REFERENCES person (id)
);
CREATE TABLE person_skill (
  person_id BIGINT      NOT NULL,
  skill     VARCHAR(20) NOT NULL,
  grade     VARCHAR(10) NOT NULL,
  PRIMARY KEY (person_id, skill),
  FOREIGN KEY (person_id) REFERENCES person (id)
);
INSERT INTO person_skill (person_id, skill, grade)
  SELECT p.id, s.skill, 'SKILLED' FROM person p
  CROSS JOIN (SELECT 'WHEELS' AS skill UNION SELECT 'BRAKES' UNION SELECT 'ELECTRICS' UNION SELECT 'MACHINING' UNION SELECT 'WELDING') s;
CREATE TABLE person_hours (
  person_id BIGINT      NOT NULL,
  weekday   VARCHAR(10) NOT NULL,
  starts    CHAR(5)     NOT NULL,
  ends      CHAR(5)     NOT NULL,
  PRIMARY KEY (person_id, weekday),
  FOREIGN KEY (person_id) REFERENCES person (id)
);
INSERT INTO person_hours (person_id, weekday, starts, ends)
  SELECT p.id, d.weekday, '08:00', '17:00' FROM person p
  CROSS JOIN (SELECT 'MONDAY' AS weekday UNION SELECT 'TUESDAY' UNION SELECT 'WEDNESDAY' UNION SELECT 'THURSDAY' UNION SELECT 'FRIDAY') d;

-- What a second person must be skilled in who looks at a step, because somebody was at it who is not.
ALTER TABLE step ADD COLUMN second_skill VARCHAR(20) NULL;

-- The shop's stands, the hours it is open, and the days it is closed all the same; one version for the three.
CREATE TABLE shop_book (
  id      INT NOT NULL PRIMARY KEY,
  version INT NOT NULL
);
INSERT INTO shop_book (id, version) VALUES (1, 0);
CREATE TABLE stand (
  number  INT         NOT NULL PRIMARY KEY,
  name    VARCHAR(40) NOT NULL DEFAULT '',
  holds   VARCHAR(10) NOT NULL,
  rated_g BIGINT      NULL
);
INSERT INTO stand (number, holds) VALUES (1, 'CLAMP'), (2, 'CLAMP'), (3, 'CLAMP'), (4, 'CLAMP'), (5, 'CLAMP'), (6, 'CLAMP');
CREATE TABLE shop_hours (
  weekday VARCHAR(10) NOT NULL PRIMARY KEY,
  opens   CHAR(5)     NOT NULL,
  closes  CHAR(5)     NOT NULL
);
INSERT INTO shop_hours (weekday, opens, closes) VALUES ('MONDAY', '08:00', '17:00'), ('TUESDAY', '08:00', '17:00'),
  ('WEDNESDAY', '08:00', '17:00'), ('THURSDAY', '08:00', '17:00'), ('FRIDAY', '08:00', '17:00');
CREATE TABLE closed_day (
  day DATE        NOT NULL PRIMARY KEY,
  why VARCHAR(60) NOT NULL
);
