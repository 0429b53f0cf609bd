-- What a part is bought by, and how little of it is too little.
ALTER TABLE part
  ADD COLUMN supplier  VARCHAR(80) NOT NULL DEFAULT '',
  ADD COLUMN pack      INT         NOT NULL DEFAULT 1 CHECK (pack >= 1),
  ADD COLUMN minimum   INT         NOT NULL DEFAULT 0 CHECK (minimum >= 0),
  ADD COLUMN version   INT         NOT NULL DEFAULT 0,
  ADD INDEX part_place (place, number);

-- Every state a part's sheet was in; only ever added.
CREATE TABLE part_change (
  id          BIGINT AUTO_INCREMENT PRIMARY KEY,
  part_number VARCHAR(40)  NOT NULL,
  version     INT          NOT NULL,
  changes     VARCHAR(2000) NOT NULL,
  reason      VARCHAR(400) NOT NULL,
  changed_by  VARCHAR(80)  NOT NULL,
  changed_at  DATETIME(3)  NOT NULL,
  FOREIGN KEY (part_number) REFERENCES part (number),
  INDEX part_change_part (part_number, id)
);

-- Which part may stand in for which, and when.
CREATE TABLE part_alternative (
  part_number VARCHAR(40)  NOT NULL,
  alternative VARCHAR(40)  NOT NULL,
  condition_text VARCHAR(200) NOT NULL,
  PRIMARY KEY (part_number, alternative),
  FOREIGN KEY (part_number) REFERENCES part (number),
  FOREIGN KEY (alternative) REFERENCES part (number)
);

-- What is held is a movement too: on hand and held are both sums of the ledger.
ALTER TABLE stock_movement
  ADD COLUMN held_delta INT         NOT NULL DEFAULT 0,
  ADD COLUMN lot        VARCHAR(40) NOT NULL DEFAULT '';

INSERT INTO stock_movement (part_number, delta, held_delta, kind, job_id, note, moved_by, moved_at)
  SELECT part_number, 0, count, 'RESERVED', job_id, 'carried over', 'database version 4', NOW(3) FROM reservation;
INSERT INTO stock_movement (part_number, delta, held_delta, kind, job_id, note, moved_by, moved_at)
  SELECT part_number, 0, -count, IF(state = 'RELEASED', 'RELEASED', 'CONSUMED'), job_id, 'carried over', 'database version 4', NOW(3) FROM reservation WHERE state <> 'HELD';

-- The ledger's sums, kept by the database itself with every movement. Nothing else writes here; an audit adds the ledger up again.
CREATE TABLE stock_level (
  part_number VARCHAR(40) PRIMARY KEY,
  on_hand     INT NOT NULL DEFAULT 0,
  held        INT NOT NULL DEFAULT 0,
  version     INT NOT NULL DEFAULT 0,
  FOREIGN KEY (part_number) REFERENCES part (number),
  CONSTRAINT never_negative CHECK (on_hand >= 0 AND held >= 0),
  CONSTRAINT never_held_twice CHECK (held <= on_hand)
);

INSERT INTO stock_level (part_number, on_hand, held)
  SELECT p.number, COALESCE(SUM(m.delta), 0), COALESCE(SUM(m.held_delta), 0) FROM part p LEFT JOIN stock_movement m ON m.part_number = p.number GROUP BY p.number;

CREATE TRIGGER part_has_level AFTER INSERT ON part FOR EACH ROW
  INSERT INTO stock_level (part_number) VALUES (NEW.number);
CREATE TRIGGER level_follows_ledger AFTER INSERT ON stock_movement FOR EACH ROW
  UPDATE stock_level SET on_hand = on_hand + NEW.delta, held = held + NEW.held_delta, version = version + 1 WHERE part_number = NEW.part_number;
CREATE TRIGGER ledger_is_not_rewritten BEFORE UPDATE ON stock_movement FOR EACH ROW
  SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the stock ledger is only ever added to';
CREATE TRIGGER ledger_is_not_shortened BEFORE DELETE ON stock_movement FOR EACH ROW
  SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the stock ledger is only ever added to';

-- Every state a battery's sheet was in.
CREATE TABLE battery_sheet_change (
  id           BIGINT AUTO_INCREMENT PRIMARY KEY,
  battery_code VARCHAR(40)  NOT NULL,
  version      INT          NOT NULL,
  sheet        LONGTEXT     NOT NULL,
  reason       VARCHAR(400) NOT NULL,
  changed_by   VARCHAR(80)  NOT NULL,
  changed_at   DATETIME(3)  NOT NULL,
  UNIQUE (battery_code, version)
);
INSERT INTO battery_sheet_change (battery_code, version, sheet, reason, changed_by, changed_at)
  SELECT code, version, sheet, 'carried over', 'database version 4', NOW(3) FROM battery_sheet;
