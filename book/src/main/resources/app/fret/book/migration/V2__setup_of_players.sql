-- What a player says of the instrument and was taught where schools differ; NULL is the usual.
ALTER TABLE player ADD COLUMN a4_hz REAL NOT NULL DEFAULT 440 CHECK (a4_hz > 0);
ALTER TABLE player ADD COLUMN set_up TEXT;
ALTER TABLE player ADD COLUMN tuning TEXT;
ALTER TABLE player ADD COLUMN school TEXT;
ALTER TABLE player ADD COLUMN reach TEXT NOT NULL DEFAULT 'MIXED';
ALTER TABLE player ADD COLUMN crawl INTEGER CHECK (crawl IN (0, 1));
ALTER TABLE player ADD COLUMN slide TEXT NOT NULL DEFAULT 'EARLY';
ALTER TABLE player ADD COLUMN slides_are_heard INTEGER NOT NULL DEFAULT 0 CHECK (slides_are_heard IN (0, 1));
ALTER TABLE player ADD COLUMN guide TEXT NOT NULL DEFAULT 'LOWER_FINGER';
