-- What a kit takes in place of the whole cloth of its colourway: precuts for a role, or the cloth of a fabric cut into quarters in the shop.
CREATE TABLE kit_precut (
    kit_id   bigint      NOT NULL REFERENCES kit,
    role_key varchar(20) NOT NULL,
    good_id  bigint      NOT NULL REFERENCES good,
    PRIMARY KEY (kit_id, role_key)
);
CREATE TABLE kit_quarters (
    kit_id      bigint      NOT NULL REFERENCES kit,
    fabric_id   bigint      NOT NULL REFERENCES fabric,
    precut_kind varchar(20) NOT NULL CHECK (precut_kind IN ('FAT_QUARTER', 'FAT_EIGHTH')),
    PRIMARY KEY (kit_id, fabric_id)
);
GRANT SELECT, INSERT, UPDATE, DELETE ON kit_precut, kit_quarters TO ${appUser};

-- The same for a role of a pattern.
ALTER TABLE role_source ADD COLUMN cut_in_the_shop boolean NOT NULL DEFAULT false;
ALTER TABLE role_source ALTER COLUMN cut_in_the_shop DROP DEFAULT;
ALTER TABLE role_source ADD CONSTRAINT role_source_is_cut_from_a_bolt CHECK (NOT cut_in_the_shop OR precut_kind IN ('FAT_QUARTER', 'FAT_EIGHTH'));

-- What a length in a bag is cut into.
ALTER TABLE bag_line ADD COLUMN into_kind varchar(20) CHECK (into_kind IN ('FAT_QUARTER', 'FAT_EIGHTH'));
ALTER TABLE bag_line ADD COLUMN into_count integer CHECK (into_count > 0);
ALTER TABLE bag_line ADD CONSTRAINT bag_line_into_is_whole CHECK ((into_kind IS NULL) = (into_count IS NULL));

-- A kit may be planned on cloth of another usable width than its fabrics have.
ALTER TABLE kit_override DROP CONSTRAINT kit_override_measure_check;
ALTER TABLE kit_override ADD CONSTRAINT kit_override_measure_check CHECK (measure IN ('USABLE_WIDTH', 'SQUARING', 'SELLING_STEP'));
