-- A print may read across the width, and has a repeat.
ALTER TABLE fabric DROP CONSTRAINT fabric_print_check;
ALTER TABLE fabric ALTER COLUMN print TYPE varchar(20);
ALTER TABLE fabric ADD CONSTRAINT fabric_print_check CHECK (print IN ('SOLID', 'ALL_OVER', 'ONE_WAY', 'ONE_WAY_ACROSS', 'STRIPE'));
ALTER TABLE fabric ADD COLUMN repeat_ticks bigint CHECK (repeat_ticks > 0);

-- How a kit runs the seams of its back, and where it leaves what is customary for prints with a direction.
ALTER TABLE kit ADD COLUMN backing_seams varchar(20) CHECK (backing_seams IN ('FEWEST', 'VERTICAL', 'HORIZONTAL'));
CREATE TABLE kit_any_way (
    kit_id    bigint NOT NULL REFERENCES kit,
    fabric_id bigint NOT NULL REFERENCES fabric,
    PRIMARY KEY (kit_id, fabric_id)
);
CREATE INDEX kit_any_way_fabric ON kit_any_way (fabric_id);
CREATE TABLE kit_upright (
    kit_id  bigint NOT NULL REFERENCES kit,
    good_id bigint NOT NULL REFERENCES good,
    PRIMARY KEY (kit_id, good_id)
);
CREATE INDEX kit_upright_good ON kit_upright (good_id);
GRANT SELECT, INSERT, UPDATE, DELETE ON kit_any_way, kit_upright TO ${appUser};
