-- Patterns entered in three ways: what lists search by, the archive, precuts and copies as counted stock, kits that take them.

ALTER TABLE pattern ADD COLUMN archived_at timestamptz;

-- Search columns of a version, written once with it. Versions from before this were all drawn, of patches and triangles.
ALTER TABLE pattern_version
    ADD COLUMN ways   varchar(60)  NOT NULL DEFAULT ' drawing ',
    ADD COLUMN units  varchar(400) NOT NULL DEFAULT ' patch half-square ',
    ADD COLUMN precuts varchar(100) NOT NULL DEFAULT ' ',
    ADD COLUMN size_names varchar(500) NOT NULL DEFAULT ' ',
    ADD COLUMN own_design boolean NOT NULL DEFAULT true;

-- Something counted: packs and loose pieces of a precut, copies of a pattern.
CREATE TABLE good (
    id          bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    version     integer     NOT NULL DEFAULT 0,
    code        varchar(20) NOT NULL UNIQUE CHECK (code = upper(code) AND code <> ''),
    name        varchar(60) NOT NULL CHECK (name <> ''),
    precut_kind varchar(20) CHECK (precut_kind IN ('STRIP_ROLL', 'SQUARES_10', 'SQUARES_5', 'FAT_QUARTER', 'FAT_EIGHTH')),
    per_unit    integer     NOT NULL CHECK (per_unit BETWEEN 1 AND 1000),
    pattern_id  bigint UNIQUE REFERENCES pattern,
    colour      char(7)     NOT NULL CHECK (colour ~ '^#[0-9a-f]{6}$'),
    CHECK ((precut_kind IS NULL) <> (pattern_id IS NULL)),
    CHECK (pattern_id IS NULL OR per_unit = 1)
);

ALTER TABLE stock_item DROP CONSTRAINT stock_item_kind_check;
ALTER TABLE stock_item ADD CHECK (kind IN ('BOLT', 'KIT', 'GOOD'));
ALTER TABLE stock_item ADD COLUMN good_id bigint UNIQUE REFERENCES good;
ALTER TABLE stock_item ADD CHECK (kind <> 'GOOD' OR (good_id IS NOT NULL AND on_hand_ticks = 0));
GRANT INSERT (good_id) ON stock_item TO ${appUser};

ALTER TABLE movement DROP CONSTRAINT movement_reason_check;
ALTER TABLE movement ADD CHECK (reason IN (
    'RECEIVED', 'CUT_FOR_RUN', 'SOLD_BY_LENGTH', 'FLAW', 'WASTE', 'SPLIT', 'CORRECTION', 'REVERSAL', 'PACKED', 'KIT_SOLD', 'KIT_RETURNED',
    'PICKED', 'SOLD_BY_COUNT'));

ALTER TABLE reservation ALTER COLUMN length_ticks SET DEFAULT 0;
ALTER TABLE reservation DROP CONSTRAINT reservation_length_ticks_check;
ALTER TABLE reservation ADD COLUMN count bigint NOT NULL DEFAULT 0;
ALTER TABLE reservation ADD CHECK (length_ticks >= 0 AND count >= 0 AND (length_ticks > 0) <> (count > 0));

ALTER TABLE colourway_choice ALTER COLUMN fabric_id DROP NOT NULL;
ALTER TABLE colourway_choice ADD COLUMN good_id bigint REFERENCES good;
ALTER TABLE colourway_choice ADD CHECK ((fabric_id IS NULL) <> (good_id IS NULL));

ALTER TABLE kit DROP CONSTRAINT kit_instructions_check;
ALTER TABLE kit ADD CHECK (instructions IN ('OURS', 'PRINTED'));

-- What is picked for a bag, frozen with its bill; ticked when it is in the bag.
CREATE TABLE bag_pick (
    id       bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    bag_id   bigint      NOT NULL REFERENCES bag,
    position integer     NOT NULL,
    good_id  bigint      NOT NULL REFERENCES good,
    letters  varchar(40) NOT NULL,
    count    integer     NOT NULL CHECK (count > 0),
    UNIQUE (bag_id, good_id)
);
CREATE TRIGGER bag_pick_is_frozen BEFORE UPDATE OR DELETE ON bag_pick
    FOR EACH ROW EXECUTE FUNCTION refuse_change();

CREATE TABLE pick_tick (
    bag_pick_id bigint PRIMARY KEY REFERENCES bag_pick,
    person_id   bigint      NOT NULL REFERENCES person,
    at          timestamptz NOT NULL
);

-- Keys for other programs, made and revoked by an owner. Only a hash is kept.
CREATE TABLE api_token (
    id         bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    version    integer     NOT NULL DEFAULT 0,
    name       varchar(60) NOT NULL CHECK (name <> ''),
    token_hash char(64)    NOT NULL UNIQUE,
    may_write  boolean     NOT NULL,
    person_id  bigint      NOT NULL REFERENCES person,
    created_at timestamptz NOT NULL,
    revoked_at timestamptz
);

GRANT SELECT, INSERT, UPDATE ON good, api_token TO ${appUser};
GRANT SELECT, INSERT ON bag_pick TO ${appUser};
GRANT SELECT, INSERT, DELETE ON pick_tick TO ${appUser};
