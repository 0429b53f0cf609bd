-- Several roles for one person, in the order of the table of rights; whether they work here; and codes that let them choose a password once.
ALTER TABLE person
  ADD COLUMN roles    VARCHAR(60) NOT NULL DEFAULT '',
  ADD COLUMN standing VARCHAR(8)  NOT NULL DEFAULT 'ACTIVE';
UPDATE person SET roles = role;
ALTER TABLE person DROP COLUMN role;

CREATE TABLE person_code (
  username  VARCHAR(60) PRIMARY KEY,
  code_hash CHAR(64)    NOT NULL,
  made_by   VARCHAR(80) NOT NULL,
  until     DATETIME(3) NOT NULL
);

-- Who the shop is: what stands on its papers, and whether it is the demo or somebody's own. A database in which people worked before it
-- was asked can only be the demo's.
CREATE TABLE shop_face (
  id         INT           NOT NULL PRIMARY KEY,
  version    INT           NOT NULL,
  kind       VARCHAR(4)    NULL,
  name       VARCHAR(80)   NOT NULL DEFAULT '',
  address    VARCHAR(300)  NOT NULL DEFAULT '',
  telephone  VARCHAR(60)   NOT NULL DEFAULT '',
  tax_number VARCHAR(60)   NOT NULL DEFAULT '',
  terms      VARCHAR(2000) NOT NULL DEFAULT '',
  currency   CHAR(3)       NOT NULL DEFAULT 'EUR',
  opened_at  DATETIME(3)   NULL
);
INSERT INTO shop_face (id, version, kind) SELECT 1, 0, IF(EXISTS (SELECT 1 FROM person), 'DEMO', NULL);
UPDATE shop_face SET name = 'Sundry Wharf Conversions', address = 'Shed 4, Sundry Wharf', telephone = 'ext. 10' WHERE kind = 'DEMO';

CREATE TABLE shop_sign (
  id     INT        NOT NULL PRIMARY KEY,
  bytes  MEDIUMBLOB NOT NULL,
  width  INT        NOT NULL,
  height INT        NOT NULL
);

-- Backups of this database, and whether each came back whole in its proof; written by the command that makes them.
CREATE TABLE backup_made (
  file      VARCHAR(400) NOT NULL PRIMARY KEY,
  bytes     BIGINT       NOT NULL,
  made_at   DATETIME(3)  NOT NULL,
  proven_at DATETIME(3)  NULL
);
