-- What hurt twice within a week and was put back by the player; a NULL bar is the whole passage.
CREATE TABLE put_back (
  id         INTEGER PRIMARY KEY,
  passage_id INTEGER NOT NULL REFERENCES passage (id) ON DELETE CASCADE,
  bar        TEXT,
  day        TEXT NOT NULL
);
CREATE INDEX put_back_of_passage ON put_back (passage_id);
