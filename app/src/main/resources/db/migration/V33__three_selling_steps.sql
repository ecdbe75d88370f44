-- A kit may have up to three steps of its own in which its lengths are sold.
ALTER TABLE kit_override DROP CONSTRAINT kit_override_measure_check;
ALTER TABLE kit_override ADD CONSTRAINT kit_override_measure_check
    CHECK (measure IN ('USABLE_WIDTH', 'SQUARING', 'SELLING_STEP', 'OTHER_SELLING_STEP', 'THIRD_SELLING_STEP'));
