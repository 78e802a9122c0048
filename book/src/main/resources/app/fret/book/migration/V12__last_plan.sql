-- The marks of the last plan of a passage, shown until it is planned again, and what they
-- followed from: where that has changed they are of no use.
CREATE TABLE last_plan (
  passage_id INTEGER PRIMARY KEY REFERENCES passage (id) ON DELETE CASCADE,
  made_from  TEXT NOT NULL,
  marks      TEXT NOT NULL
);
