-- A pass knows what it was played for, whether it was cold, where it missed, and a note in words.
ALTER TABLE log_entry ADD COLUMN card TEXT NOT NULL DEFAULT 'ladder';
ALTER TABLE log_entry ADD COLUMN cold INTEGER NOT NULL DEFAULT 0 CHECK (cold IN (0, 1));
ALTER TABLE log_entry ADD COLUMN spot TEXT;
ALTER TABLE log_entry ADD COLUMN spot_left_out INTEGER NOT NULL DEFAULT 0 CHECK (spot_left_out IN (0, 1));
ALTER TABLE log_entry ADD COLUMN hurts INTEGER NOT NULL DEFAULT 0 CHECK (hurts IN (0, 1));
ALTER TABLE log_entry ADD COLUMN repeats INTEGER NOT NULL DEFAULT 1 CHECK (repeats > 0);
ALTER TABLE log_entry ADD COLUMN words TEXT;

-- How a player practises.
ALTER TABLE player ADD COLUMN minutes_per_day INTEGER NOT NULL DEFAULT 60 CHECK (minutes_per_day > 0);
ALTER TABLE player ADD COLUMN days_off TEXT NOT NULL DEFAULT '';
ALTER TABLE player ADD COLUMN rhythm_days INTEGER NOT NULL DEFAULT 2 CHECK (rhythm_days BETWEEN 1 AND 3);
ALTER TABLE player ADD COLUMN stance TEXT NOT NULL DEFAULT 'EVEN';

-- Cards of a day that were ticked off; what has passes of its own is done by them.
CREATE TABLE card_done (
  player_id INTEGER NOT NULL REFERENCES player (id) ON DELETE CASCADE,
  day       TEXT NOT NULL,
  card      INTEGER NOT NULL,
  PRIMARY KEY (player_id, day, card)
);
