-- A tick is the same for a length and for something counted: one table for both.
CREATE TABLE bag_tick (
    id          bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    bag_line_id bigint REFERENCES bag_line,
    bag_pick_id bigint REFERENCES bag_pick,
    person_id   bigint      NOT NULL REFERENCES person,
    at          timestamptz NOT NULL,
    CONSTRAINT bag_tick_of_one CHECK (num_nonnulls(bag_line_id, bag_pick_id) = 1),
    CONSTRAINT bag_tick_line_once UNIQUE (bag_line_id),
    CONSTRAINT bag_tick_pick_once UNIQUE (bag_pick_id)
);
INSERT INTO bag_tick (bag_line_id, person_id, at) SELECT bag_line_id, person_id, at FROM pack_tick ORDER BY at, bag_line_id;
INSERT INTO bag_tick (bag_pick_id, person_id, at) SELECT bag_pick_id, person_id, at FROM pick_tick ORDER BY at, bag_pick_id;
DROP TABLE pack_tick;
DROP TABLE pick_tick;

GRANT SELECT, INSERT, DELETE ON bag_tick TO ${appUser};
