-- When what was known of a customer was erased on their request; the row stays for the books and for the bikes.
ALTER TABLE customer ADD COLUMN erased_at DATETIME(3) NULL;
