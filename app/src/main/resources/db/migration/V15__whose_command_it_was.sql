-- A receipt answers the command it was written for, by the person who gave it: a mark of person, address and content.
ALTER TABLE command_receipt ADD COLUMN asked CHAR(64) NULL;
