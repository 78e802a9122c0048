ALTER TABLE log_entry ADD COLUMN remark TEXT;
