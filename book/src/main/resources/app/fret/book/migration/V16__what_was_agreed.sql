-- Minutes of days of the week that have others than usual, such as SATURDAY=30,SUNDAY=90.
ALTER TABLE player ADD COLUMN minutes_by_weekday TEXT NOT NULL DEFAULT '';

-- Cards that a teacher set for days of the week, in order.
CREATE TABLE week_card (
  id            INTEGER PRIMARY KEY,
  player_id     INTEGER NOT NULL REFERENCES player (id) ON DELETE CASCADE,
  weekday       TEXT NOT NULL,
  passage_id    INTEGER REFERENCES passage (id) ON DELETE CASCADE,
  other_item_id INTEGER REFERENCES other_item (id) ON DELETE CASCADE,
  kind          TEXT NOT NULL,
  minutes       INTEGER NOT NULL CHECK (minutes > 0),
  per_minute    REAL CHECK (per_minute > 0),
  drill         TEXT,
  spot          TEXT,
  words         TEXT NOT NULL DEFAULT '',
  CHECK ((passage_id IS NULL) <> (other_item_id IS NULL))
);
CREATE INDEX week_card_of_player ON week_card (player_id);

-- Rounds of an audition with their own dates and lists.
CREATE TABLE audition_round (
  id        INTEGER PRIMARY KEY,
  player_id INTEGER NOT NULL REFERENCES player (id) ON DELETE CASCADE,
  name      TEXT NOT NULL,
  day       TEXT NOT NULL
);
CREATE TABLE round_passage (
  round_id   INTEGER NOT NULL REFERENCES audition_round (id) ON DELETE CASCADE,
  passage_id INTEGER NOT NULL REFERENCES passage (id) ON DELETE CASCADE,
  PRIMARY KEY (round_id, passage_id)
);

-- A list drawn by lot for a day, as a panel would ask it.
CREATE TABLE drawn_list (
  player_id  INTEGER NOT NULL REFERENCES player (id) ON DELETE CASCADE,
  day        TEXT NOT NULL,
  place      INTEGER NOT NULL,
  passage_id INTEGER NOT NULL REFERENCES passage (id) ON DELETE CASCADE,
  PRIMARY KEY (player_id, day, place)
);

-- What a teacher, a jury or the player said of a passage; a note can hold a place in a lesson's video.
CREATE TABLE passage_note (
  id         INTEGER PRIMARY KEY,
  passage_id INTEGER NOT NULL REFERENCES passage (id) ON DELETE CASCADE,
  written_at TEXT NOT NULL,
  said_by    TEXT NOT NULL,
  bar        TEXT,
  words      TEXT NOT NULL,
  video      TEXT,
  video_seconds INTEGER CHECK (video_seconds >= 0),
  UNIQUE (passage_id, written_at)
);
