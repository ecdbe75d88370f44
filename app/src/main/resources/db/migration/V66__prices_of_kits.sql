-- By what a kit is priced, where it is not by its parts; and to which step prices of kits go up.
ALTER TABLE kit ADD price varchar(30);
ALTER TABLE kit ADD CONSTRAINT kit_price_is_known
    CHECK (price ~ '^(parts|margin [0-9]{1,4}|hand [A-Z]{3} [0-9]{1,12})$') NOT VALID;
ALTER TABLE usual_price DROP CONSTRAINT usual_price_what_check;
ALTER TABLE usual_price ADD CONSTRAINT usual_price_what_check
    CHECK (what IN ('CLOTH', 'STRIP_ROLL', 'SQUARES_10', 'SQUARES_5', 'FAT_QUARTER', 'FAT_EIGHTH', 'KIT_STEP'));
