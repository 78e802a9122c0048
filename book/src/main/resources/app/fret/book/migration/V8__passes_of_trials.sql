-- Of a trial of two ways: which way a pass was.
ALTER TABLE log_entry ADD COLUMN way TEXT CHECK (way IN ('a', 'b'));
