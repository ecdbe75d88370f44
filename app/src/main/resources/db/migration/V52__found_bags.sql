-- Packed bags that come into the book as they stand: they were on the shelf before the shop kept one here, or somebody found them.
ALTER TABLE bag ADD COLUMN found_entry uuid;
CREATE INDEX bag_found ON bag (found_entry) WHERE found_entry IS NOT NULL;
ALTER TABLE bag ADD CONSTRAINT bag_found_was_not_packed_here CHECK (found_entry IS NULL OR packed_entry IS NULL) NOT VALID;

ALTER TABLE kit_run ADD COLUMN found boolean NOT NULL DEFAULT false;
ALTER TABLE kit_run ADD CONSTRAINT kit_run_found_is_done CHECK (NOT found OR state IN ('PACKED', 'CANCELLED')) NOT VALID;
CREATE INDEX kit_run_asked ON kit_run (id DESC) WHERE NOT found;

ALTER TABLE opening_list DROP CONSTRAINT opening_list_kind_check;
ALTER TABLE opening_list ADD CONSTRAINT opening_list_kind_check CHECK (kind IN ('FABRICS', 'BOLTS', 'GOODS', 'KITS', 'PEOPLE')) NOT VALID;
