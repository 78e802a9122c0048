-- Decisions are rows of an area (such as left-hand), each with the version of its form, so that one
-- is written without touching another and areas of a newer Fret are kept as they are.
CREATE TABLE decision (
  passage_id INTEGER NOT NULL REFERENCES passage (id) ON DELETE CASCADE,
  area       TEXT NOT NULL,
  item       TEXT NOT NULL,
  version    INTEGER NOT NULL,
  value      TEXT NOT NULL,
  PRIMARY KEY (passage_id, area, item)
);
INSERT INTO decision (passage_id, area, item, version, value)
  SELECT id, 'left-hand', 'profile', 1, profile FROM passage;
ALTER TABLE passage DROP COLUMN profile;

-- A pass keeps its own beat and how long it took, so that another target does not change what was
-- played. Passes from before count in the target's beat of that day; how long they took is unknown.
ALTER TABLE log_entry ADD COLUMN beat TEXT NOT NULL DEFAULT 'quarter 1/4';
ALTER TABLE log_entry ADD COLUMN seconds REAL CHECK (seconds > 0);
UPDATE log_entry SET beat =
  (SELECT target_beat FROM passage WHERE passage.id = log_entry.passage_id);
