-- What a way that a player decided cost more than the planned one, by each effort term.
-- It counts as long as it is decided, and until the player takes the leaning back.
CREATE TABLE kept_way (
  passage_id INTEGER NOT NULL REFERENCES passage (id) ON DELETE CASCADE,
  area       TEXT NOT NULL CHECK (area IN ('left-hand', 'bow')),
  item       TEXT NOT NULL,
  term       TEXT NOT NULL,
  share      REAL NOT NULL,
  counts     INTEGER NOT NULL DEFAULT 1 CHECK (counts IN (0, 1)),
  PRIMARY KEY (passage_id, area, item, term)
);
