-- What went wrong in a pass that missed: a line for each place, its kind and, where it was said,
-- the place. Null where nobody said more than that it missed.
ALTER TABLE log_entry ADD COLUMN misses TEXT;
