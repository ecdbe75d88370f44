-- Kits whose colours or pattern were changed: new ones stand in their places, bags and runs keep those before.
ALTER TABLE kit ADD COLUMN replaced_by bigint REFERENCES kit (id);
CREATE INDEX kit_replaced_by ON kit (replaced_by) WHERE replaced_by IS NOT NULL;
