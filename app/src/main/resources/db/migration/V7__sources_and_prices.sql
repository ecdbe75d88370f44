-- Precuts of the shop's own kinds, and how large one really is where somebody measured it.
ALTER TABLE good DROP CONSTRAINT good_precut_kind_check;
ALTER TABLE good ADD CONSTRAINT good_precut_kind_check
    CHECK (precut_kind IN ('STRIP_ROLL', 'SQUARES_10', 'SQUARES_5', 'FAT_QUARTER', 'FAT_EIGHTH', 'OWN'));
ALTER TABLE good ADD COLUMN sheet_length_ticks bigint;
ALTER TABLE good ADD COLUMN sheet_width_ticks bigint CHECK (sheet_width_ticks > 0 AND sheet_width_ticks <= sheet_length_ticks);
ALTER TABLE good ADD CONSTRAINT good_sheet_is_whole CHECK (
    (sheet_length_ticks IS NULL) = (sheet_width_ticks IS NULL) AND (sheet_length_ticks IS NULL OR precut_kind IS NOT NULL));
ALTER TABLE good ADD CONSTRAINT good_own_kind_is_measured CHECK (precut_kind <> 'OWN' OR sheet_length_ticks IS NOT NULL);

-- What the shop plans a role of a pattern from, where it is not cloth off the bolt.
CREATE TABLE role_source (
    pattern_id  bigint      NOT NULL REFERENCES pattern,
    role_key    varchar(20) NOT NULL,
    precut_kind varchar(20) NOT NULL CHECK (precut_kind IN ('STRIP_ROLL', 'SQUARES_10', 'SQUARES_5', 'FAT_QUARTER', 'FAT_EIGHTH')),
    PRIMARY KEY (pattern_id, role_key)
);

-- A role may have both: what a precut does not give comes off the bolt.
ALTER TABLE colourway_choice DROP CONSTRAINT colourway_choice_check;
ALTER TABLE colourway_choice ADD CONSTRAINT colourway_choice_is_something CHECK (num_nonnulls(fabric_id, good_id) > 0);

GRANT SELECT, INSERT, UPDATE, DELETE ON role_source TO ${appUser};
