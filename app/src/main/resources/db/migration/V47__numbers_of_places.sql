-- By its number a place is scanned.
ALTER TABLE place ADD COLUMN number integer GENERATED ALWAYS AS IDENTITY UNIQUE;
