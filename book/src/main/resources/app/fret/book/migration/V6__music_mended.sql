-- The music of a passage as it was mended in Fret, beside the file as it was read; MusicXML, zipped.
ALTER TABLE passage ADD COLUMN edited BLOB;
