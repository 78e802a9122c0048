CREATE TABLE player (
  id               INTEGER PRIMARY KEY,
  name             TEXT NOT NULL,
  instrument       TEXT NOT NULL,
  comfortable_mm   REAL NOT NULL CHECK (comfortable_mm > 0),
  string_length_mm REAL NOT NULL CHECK (string_length_mm > 0)
);

CREATE TABLE passage (
  id                INTEGER PRIMARY KEY,
  player_id         INTEGER NOT NULL REFERENCES player (id),
  place             INTEGER NOT NULL,
  title             TEXT NOT NULL,
  file_name         TEXT NOT NULL,
  score             BLOB NOT NULL,
  part_index        INTEGER NOT NULL,
  first_bar         INTEGER NOT NULL,
  last_bar          INTEGER NOT NULL,
  target_beat       TEXT NOT NULL,
  target_per_minute REAL NOT NULL CHECK (target_per_minute > 0),
  due_on            TEXT,
  profile           TEXT NOT NULL
);
CREATE INDEX passage_of_player ON passage (player_id, place);

CREATE TABLE pin (
  passage_id INTEGER NOT NULL REFERENCES passage (id) ON DELETE CASCADE,
  note       INTEGER NOT NULL,
  string     INTEGER,
  finger     TEXT,
  base       INTEGER,
  PRIMARY KEY (passage_id, note)
);

CREATE TABLE log_entry (
  id         INTEGER PRIMARY KEY,
  passage_id INTEGER NOT NULL REFERENCES passage (id) ON DELETE CASCADE,
  logged_at  TEXT NOT NULL,
  per_minute REAL NOT NULL CHECK (per_minute > 0),
  clean      INTEGER NOT NULL CHECK (clean IN (0, 1))
);
CREATE INDEX log_of_passage ON log_entry (passage_id, id);
