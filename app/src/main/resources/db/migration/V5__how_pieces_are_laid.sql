-- How many different pieces a strip may hold, none for any number, and how many layers of cotton are cut at a time.
ALTER TABLE practice ADD COLUMN most_sizes integer CHECK (most_sizes BETWEEN 1 AND 12);
ALTER TABLE practice ADD COLUMN layers integer NOT NULL DEFAULT 4 CHECK (layers BETWEEN 1 AND 8);
