-- Runs of half steps are fingered in two schools.
ALTER TABLE player ADD COLUMN half_steps TEXT NOT NULL DEFAULT 'MIXED';
