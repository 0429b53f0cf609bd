-- The demo's story begins with bike 396; the first bike of a shop of one's own is number 1. Where there are jobs already, the next number
-- stays the next one.
ALTER TABLE job AUTO_INCREMENT = ${firstjob};
