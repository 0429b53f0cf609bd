-- A fit note is about a kit, kits of a kind, or a frame whatever kit; before, about a kit where one was named.
ALTER TABLE fit_note
  ADD COLUMN scope      VARCHAR(10) NOT NULL DEFAULT 'KIT',
  ADD COLUMN kit_family VARCHAR(40) NOT NULL DEFAULT '';
UPDATE fit_note SET scope = 'FRAME' WHERE kit_box = '';
