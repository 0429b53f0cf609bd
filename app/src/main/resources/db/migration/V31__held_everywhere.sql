-- Locks that count on every node of a cluster: a row for each thing that was ever held. Stays empty where one database serves all.
CREATE TABLE held_everywhere (
  thing VARCHAR(120) CHARACTER SET ascii PRIMARY KEY,
  turns BIGINT       NOT NULL
);
