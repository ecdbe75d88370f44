-- Whose cutting instructions a kit's lengths are enough for; leaving the printed pattern's is a decision with a person and a reason.
ALTER TABLE kit DROP CONSTRAINT kit_instructions_check;
ALTER TABLE kit ADD CONSTRAINT kit_instructions_check CHECK (instructions IN ('OURS', 'PRINTED', 'SHOP'));
ALTER TABLE kit ADD COLUMN instructions_reason varchar(200);
ALTER TABLE kit ADD COLUMN instructions_by bigint REFERENCES person;
ALTER TABLE kit ADD COLUMN instructions_at timestamptz;
ALTER TABLE kit ADD CONSTRAINT kit_decision_is_whole CHECK (
    (instructions_reason IS NULL) = (instructions_by IS NULL) AND (instructions_by IS NULL) = (instructions_at IS NULL));
ALTER TABLE kit ADD CONSTRAINT kit_shop_cuts_by_decision CHECK (instructions <> 'SHOP' OR instructions_reason IS NOT NULL);
