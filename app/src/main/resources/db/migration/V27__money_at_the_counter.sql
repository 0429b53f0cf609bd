-- How far each kind of paper has been counted in each year. A number that was not used in the end is given back with the rest.
CREATE TABLE money_number (
  kind VARCHAR(12) NOT NULL,
  year INT         NOT NULL,
  last INT         NOT NULL,
  PRIMARY KEY (kind, year)
);

-- Invoices, credit notes and receipts as they were handed over, to the byte.
CREATE TABLE money_paper (
  number      VARCHAR(20)  NOT NULL PRIMARY KEY,
  kind        VARCHAR(12)  NOT NULL,
  job_id      BIGINT       NOT NULL,
  customer_id BIGINT       NOT NULL,
  on_day      DATE         NOT NULL,
  corrects    VARCHAR(20)  NULL,
  by_minor    BIGINT       NOT NULL,
  paper       LONGTEXT     NOT NULL,
  pdf         MEDIUMBLOB   NOT NULL,
  made_by     VARCHAR(80)  NOT NULL,
  made_at     DATETIME(3)  NOT NULL,
  INDEX money_paper_job (job_id),
  INDEX money_paper_customer (customer_id),
  INDEX money_paper_day (on_day),
  CONSTRAINT money_paper_corrects FOREIGN KEY (corrects) REFERENCES money_paper (number)
);
CREATE TRIGGER money_paper_is_not_rewritten BEFORE UPDATE ON money_paper FOR EACH ROW
  SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'a closed document never changes';
CREATE TRIGGER money_paper_is_not_removed BEFORE DELETE ON money_paper FOR EACH ROW
  SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'a closed document never changes';

-- What each invoice and credit note comes to at each rate of tax.
CREATE TABLE money_tax (
  number    VARCHAR(20)   NOT NULL,
  percent   DECIMAL(5, 2) NOT NULL,
  net_minor BIGINT        NOT NULL,
  tax_minor BIGINT        NOT NULL,
  PRIMARY KEY (number, percent),
  CONSTRAINT money_tax_of FOREIGN KEY (number) REFERENCES money_paper (number)
);
CREATE TRIGGER money_tax_is_not_rewritten BEFORE UPDATE ON money_tax FOR EACH ROW
  SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'a closed document never changes';
CREATE TRIGGER money_tax_is_not_removed BEFORE DELETE ON money_tax FOR EACH ROW
  SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'a closed document never changes';

-- Lines of an invoice that were credited, each once.
CREATE TABLE money_credited (
  invoice VARCHAR(20) NOT NULL,
  place   INT         NOT NULL,
  credit  VARCHAR(20) NOT NULL,
  PRIMARY KEY (invoice, place),
  CONSTRAINT money_credited_of FOREIGN KEY (invoice) REFERENCES money_paper (number),
  CONSTRAINT money_credited_by FOREIGN KEY (credit) REFERENCES money_paper (number)
);

-- Money that came or was given back. An entry that was wrong is taken back by another; both stay.
CREATE TABLE money_payment (
  receipt      VARCHAR(20) NOT NULL PRIMARY KEY,
  job_id       BIGINT      NOT NULL,
  amount_minor BIGINT      NOT NULL,
  how          VARCHAR(12) NOT NULL,
  on_day       DATE        NOT NULL,
  takes_back   VARCHAR(20) NULL UNIQUE,
  INDEX money_payment_job (job_id),
  INDEX money_payment_day (on_day),
  CONSTRAINT money_payment_of FOREIGN KEY (receipt) REFERENCES money_paper (number),
  CONSTRAINT money_payment_wrong FOREIGN KEY (takes_back) REFERENCES money_payment (receipt)
);
CREATE TRIGGER money_payment_is_not_rewritten BEFORE UPDATE ON money_payment FOR EACH ROW
  SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'payments are only ever added to';
CREATE TRIGGER money_payment_is_not_removed BEFORE DELETE ON money_payment FOR EACH ROW
  SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'payments are only ever added to';

-- Jobs whose account is not closed: something is asked, open, or not invoiced yet.
CREATE TABLE money_open (
  job_id BIGINT NOT NULL PRIMARY KEY
);
INSERT INTO money_open (job_id) SELECT DISTINCT job_id FROM bill WHERE withdrawn_reason IS NULL;

-- A quote as it was handed over, to the byte; one of before this was kept is drawn anew.
CREATE TABLE quote_paper (
  quote_id BIGINT     NOT NULL PRIMARY KEY,
  pdf      MEDIUMBLOB NOT NULL,
  CONSTRAINT quote_paper_of FOREIGN KEY (quote_id) REFERENCES quote (id)
);
CREATE TRIGGER quote_paper_is_not_rewritten BEFORE UPDATE ON quote_paper FOR EACH ROW
  SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'a closed document never changes';
CREATE TRIGGER quote_paper_is_not_removed BEFORE DELETE ON quote_paper FOR EACH ROW
  SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'a closed document never changes';
