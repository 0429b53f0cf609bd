-- Tablets the shop knows, each by what it keeps in its own cookie; of that only a hash is kept here.
CREATE TABLE tablet (
  id         INT          NOT NULL AUTO_INCREMENT PRIMARY KEY,
  name       VARCHAR(40)  NOT NULL UNIQUE,
  stand      INT          NULL,
  token_hash CHAR(64)     NOT NULL UNIQUE,
  paired_by  VARCHAR(60)  NOT NULL,
  paired_at  DATETIME(3)  NOT NULL
);
-- What a manager made for a tablet that is to come, until it is used once or its time is over.
CREATE TABLE tablet_code (
  name      VARCHAR(40) NOT NULL PRIMARY KEY,
  stand     INT         NULL,
  code_hash CHAR(64)    NOT NULL UNIQUE,
  made_by   VARCHAR(60) NOT NULL,
  until     DATETIME(3) NOT NULL
);
