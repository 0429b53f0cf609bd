-- The steepest street, and what the range supposes of the way; absent where nothing was said.
ALTER TABLE job
  ADD COLUMN steepest_tenths  BIGINT NULL,
  ADD COLUMN rider_watts      BIGINT NULL,
  ADD COLUMN wind_millimetres BIGINT NULL,
  ADD COLUMN stops_tenths     BIGINT NULL;
