-- Which kits come with another designer's paper: those are sold as printed, or by the shop's plan with a reason. Ours never are.
ALTER TABLE kit ADD COLUMN follows_paper boolean;
UPDATE kit SET follows_paper = instructions <> 'OURS';
ALTER TABLE kit ALTER COLUMN follows_paper SET NOT NULL;
ALTER TABLE kit DROP CONSTRAINT kit_instructions_check;
ALTER TABLE kit ADD CONSTRAINT kit_instructions_check CHECK (instructions IN ('OURS', 'OURS_ALONE', 'PRINTED', 'SHOP'));
ALTER TABLE kit ADD CONSTRAINT kit_paper_is_left_with_a_reason CHECK (
    NOT follows_paper OR instructions = 'PRINTED' OR (instructions = 'SHOP' AND instructions_reason <> ''));
ALTER TABLE kit ADD CONSTRAINT kit_without_paper_is_ours CHECK (follows_paper OR instructions <> 'PRINTED');

-- A piece of cloth that was left over is counted like a precut: so many of one size of one fabric.
ALTER TABLE good ADD COLUMN fabric_id bigint REFERENCES fabric;
ALTER TABLE good ADD COLUMN left_width_ticks bigint CHECK (left_width_ticks > 0);
ALTER TABLE good ADD COLUMN left_height_ticks bigint CHECK (left_height_ticks > 0);
ALTER TABLE good DROP CONSTRAINT good_check;
ALTER TABLE good ADD CONSTRAINT good_is_one_thing CHECK (num_nonnulls(precut_kind, pattern_id, left_width_ticks) = 1);
ALTER TABLE good ADD CONSTRAINT good_left_over_is_whole CHECK (
    (left_width_ticks IS NULL) = (left_height_ticks IS NULL) AND (left_width_ticks IS NULL OR (fabric_id IS NOT NULL AND per_unit = 1)));
CREATE UNIQUE INDEX good_left_over_size ON good (fabric_id, left_width_ticks, left_height_ticks);
CREATE SEQUENCE left_over_number;
GRANT USAGE ON SEQUENCE left_over_number TO ${appUser};

ALTER TABLE movement DROP CONSTRAINT movement_reason_check;
ALTER TABLE movement ADD CONSTRAINT movement_reason_check CHECK (reason IN (
    'RECEIVED', 'CUT_FOR_RUN', 'SOLD_BY_LENGTH', 'FLAW', 'WASTE', 'SPLIT', 'CORRECTION', 'REVERSAL', 'PACKED', 'KIT_SOLD', 'KIT_RETURNED',
    'PICKED', 'SOLD_BY_COUNT', 'LEFT_OVER'));

-- What the shop keeps of the cloth of a kit whose pieces it cuts itself: each size of rest once.
CREATE TABLE kept_left_over (
    id           bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    kit_id       bigint      NOT NULL REFERENCES kit,
    fabric_id    bigint      NOT NULL REFERENCES fabric,
    width_ticks  bigint      NOT NULL CHECK (width_ticks > 0),
    height_ticks bigint      NOT NULL CHECK (height_ticks > 0),
    good_id      bigint      NOT NULL REFERENCES good,
    for_kit_id   bigint REFERENCES kit,
    person_id    bigint      NOT NULL REFERENCES person,
    at           timestamptz NOT NULL,
    UNIQUE (kit_id, fabric_id, width_ticks, height_ticks),
    CHECK (for_kit_id <> kit_id)
);

-- Which left-overs a kit takes, as long as there are some.
CREATE TABLE taken_left_over (
    kit_id    bigint      NOT NULL REFERENCES kit,
    good_id   bigint      NOT NULL REFERENCES good,
    person_id bigint      NOT NULL REFERENCES person,
    at        timestamptz NOT NULL,
    PRIMARY KEY (kit_id, good_id)
);

-- What a bag's length leaves that is kept, frozen with its bill; it is in stock once the length is cut.
CREATE TABLE bag_left_over (
    id          bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    bag_line_id bigint  NOT NULL REFERENCES bag_line,
    good_id     bigint  NOT NULL REFERENCES good,
    count       integer NOT NULL CHECK (count > 0),
    UNIQUE (bag_line_id, good_id)
);
CREATE TRIGGER bag_left_over_is_frozen BEFORE UPDATE OR DELETE ON bag_left_over
    FOR EACH ROW EXECUTE FUNCTION refuse_change();

GRANT SELECT, INSERT, DELETE ON kept_left_over, taken_left_over TO ${appUser};
GRANT SELECT, INSERT ON bag_left_over TO ${appUser};
