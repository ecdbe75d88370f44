-- Sheets that a kit has cut off a bolt where its packs are a few short.
CREATE TABLE kit_top_up (
    kit_id    bigint      NOT NULL REFERENCES kit,
    role_key  varchar(60) NOT NULL,
    fabric_id bigint      NOT NULL REFERENCES fabric,
    value     varchar(10) NOT NULL CHECK (value IN ('LIGHT', 'MEDIUM', 'DARK')),
    count     integer     NOT NULL CHECK (count BETWEEN 1 AND 100),
    PRIMARY KEY (kit_id, fabric_id)
);
CREATE INDEX kit_top_up_fabric ON kit_top_up (fabric_id);
GRANT SELECT, INSERT, UPDATE, DELETE ON kit_top_up TO ${appUser};

-- A length may be cut into sheets of any kind, of a measure of their own.
ALTER TABLE bag_line DROP CONSTRAINT bag_line_into_kind_check;
ALTER TABLE bag_line ADD CONSTRAINT bag_line_into_kind_check
    CHECK (into_kind IN ('STRIP_ROLL', 'SQUARES_10', 'SQUARES_5', 'FAT_QUARTER', 'FAT_EIGHTH', 'OWN'));
ALTER TABLE bag_line ADD COLUMN into_length_ticks bigint CHECK (into_length_ticks > 0);
ALTER TABLE bag_line ADD COLUMN into_width_ticks bigint CHECK (into_width_ticks > 0);
ALTER TABLE bag_line ADD CONSTRAINT bag_line_into_size_is_whole
    CHECK ((into_length_ticks IS NULL) = (into_width_ticks IS NULL) AND (into_length_ticks IS NULL OR into_kind IS NOT NULL));
ALTER TABLE bag_line ADD CONSTRAINT bag_line_into_halves
    CHECK (into_length_ticks IS NOT NULL OR into_kind IS NULL OR into_kind IN ('FAT_QUARTER', 'FAT_EIGHTH'));
