-- By how much the values of neighbours in a quilt must differ, of 100, so that one does not fade into the other.
ALTER TABLE practice ADD COLUMN least_contrast integer NOT NULL DEFAULT 12;
ALTER TABLE practice ADD CONSTRAINT practice_least_contrast_check CHECK (least_contrast BETWEEN 4 AND 40) NOT VALID;
ALTER TABLE practice VALIDATE CONSTRAINT practice_least_contrast_check;
