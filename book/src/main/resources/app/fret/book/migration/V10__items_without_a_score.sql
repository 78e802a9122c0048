-- Studies and recordings to listen to, which come up without music of their own,
-- and what was heard in a recording.
CREATE TABLE other_item (
  id               INTEGER PRIMARY KEY,
  player_id        INTEGER NOT NULL REFERENCES player (id) ON DELETE CASCADE,
  kind             TEXT NOT NULL CHECK (kind IN ('study', 'listening')),
  title            TEXT NOT NULL,
  minutes          INTEGER NOT NULL CHECK (minutes > 0),
  heard_per_minute REAL CHECK (heard_per_minute > 0),
  bowings          TEXT NOT NULL DEFAULT '',
  bow_amount       TEXT NOT NULL DEFAULT '',
  shape            TEXT NOT NULL DEFAULT ''
);

-- Days on which one of them had its turn.
CREATE TABLE other_done (
  item_id INTEGER NOT NULL REFERENCES other_item (id) ON DELETE CASCADE,
  day     TEXT NOT NULL,
  PRIMARY KEY (item_id, day)
);
