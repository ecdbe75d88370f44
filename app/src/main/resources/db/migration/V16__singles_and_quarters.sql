-- Singles are taken by the kit that needs them, counted and reserved like all it picks, and no longer written among a bundle's prints.
CREATE TABLE kit_single (
    kit_id   bigint      NOT NULL REFERENCES kit,
    role_key varchar(20) NOT NULL,
    good_id  bigint      NOT NULL REFERENCES good,
    value    varchar(6)  NOT NULL CHECK (value IN ('LIGHT', 'MEDIUM', 'DARK')),
    count    integer     NOT NULL CHECK (count BETWEEN 1 AND 100),
    PRIMARY KEY (kit_id, good_id)
);
GRANT SELECT, INSERT, UPDATE, DELETE ON kit_single TO ${appUser};

CREATE TEMPORARY TABLE kept_print ON COMMIT DROP AS
    SELECT good_id, row_number() OVER (PARTITION BY good_id ORDER BY position) - 1 AS position, name, value, pieces, part
    FROM good_print WHERE part <> 'SINGLE';
DELETE FROM good_print;
INSERT INTO good_print (good_id, position, name, value, pieces, part) SELECT good_id, position, name, value, pieces, part FROM kept_print;
ALTER TABLE good_print DROP CONSTRAINT good_print_part_check;
ALTER TABLE good_print ADD CONSTRAINT good_print_part_check CHECK (part IN ('BUNDLE', 'DROPPED'));

-- Quarters that are cut off a bolt go onto the shelf in the same entry of the book.
ALTER TABLE movement DROP CONSTRAINT movement_reason_check;
ALTER TABLE movement ADD CONSTRAINT movement_reason_check CHECK (reason IN (
    'RECEIVED', 'CUT_FOR_RUN', 'SOLD_BY_LENGTH', 'FLAW', 'WASTE', 'SPLIT', 'CORRECTION', 'REVERSAL', 'PACKED', 'KIT_SOLD', 'KIT_RETURNED', 'PICKED',
    'SOLD_BY_COUNT', 'LEFT_OVER', 'SHOP_CUT'));
