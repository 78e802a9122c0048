-- Which event of the music as it was read each event of mended music is, so that decisions find
-- their notes again; NULL where an older Fret mended it and it has to be told by the music.
ALTER TABLE passage ADD COLUMN edited_from TEXT;

-- A pass that came in a packet was logged elsewhere; a slip is the last one that was logged here.
ALTER TABLE log_entry ADD COLUMN brought INTEGER NOT NULL DEFAULT 0 CHECK (brought IN (0, 1));

-- A pass that was taken back, so that it does not return with a packet.
CREATE TABLE pass_taken_back (
  passage_id INTEGER NOT NULL REFERENCES passage (id) ON DELETE CASCADE,
  logged_at  TEXT NOT NULL,
  PRIMARY KEY (passage_id, logged_at)
);

-- A tick names its card: a running number was another card's once the day was planned otherwise.
-- Which card an old number meant is not known any more; they served for one day.
DROP TABLE card_done;
CREATE TABLE card_done (
  player_id INTEGER NOT NULL REFERENCES player (id) ON DELETE CASCADE,
  day       TEXT NOT NULL,
  card      TEXT NOT NULL,
  PRIMARY KEY (player_id, day, card)
);
