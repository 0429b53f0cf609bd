-- A customer and a bike are changed on what their writer saw: two editors never write over one another.
ALTER TABLE customer ADD COLUMN version INT NOT NULL DEFAULT 0;
ALTER TABLE bike ADD COLUMN version INT NOT NULL DEFAULT 0;
