-- People, practice, patterns, fabrics, and stock with its one movement book.
-- Lengths are whole ticks: 609,600 to the inch, 24,000 to the millimetre.

CREATE TABLE person (
    id            bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    version       integer      NOT NULL DEFAULT 0,
    sign_in_name  varchar(30)  NOT NULL UNIQUE CHECK (sign_in_name = lower(sign_in_name) AND sign_in_name <> ''),
    name          varchar(60)  NOT NULL CHECK (name <> ''),
    password_hash varchar(200) NOT NULL,
    active        boolean      NOT NULL
);

CREATE TABLE person_job (
    person_id bigint      NOT NULL REFERENCES person,
    job       varchar(12) NOT NULL CHECK (job IN ('OWNER', 'DESIGNER', 'CUTTER', 'PACKER', 'COUNTER')),
    PRIMARY KEY (person_id, job)
);

CREATE TABLE practice (
    id                smallint PRIMARY KEY CHECK (id = 1),
    version           integer     NOT NULL DEFAULT 0,
    margin_hundredths integer CHECK (margin_hundredths BETWEEN 1 AND 10000),
    margin_ticks      bigint CHECK (margin_ticks > 0),
    selling_unit      varchar(12) NOT NULL CHECK (selling_unit IN ('YARD', 'METRE')),
    CHECK (margin_hundredths IS NULL OR margin_ticks IS NULL)
);

CREATE TABLE practice_measure (
    practice_id  smallint    NOT NULL REFERENCES practice,
    measure      varchar(30) NOT NULL,
    length_ticks bigint      NOT NULL CHECK (length_ticks >= 0),
    PRIMARY KEY (practice_id, measure)
);

CREATE TABLE pattern (
    id         bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    version    integer     NOT NULL DEFAULT 0,
    name       varchar(80) NOT NULL CHECK (name <> ''),
    created_at timestamptz NOT NULL
);
CREATE UNIQUE INDEX pattern_name ON pattern (lower(name));

CREATE TABLE pattern_version (
    id          bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    pattern_id  bigint      NOT NULL REFERENCES pattern,
    number      integer     NOT NULL CHECK (number > 0),
    document    jsonb       NOT NULL,
    role_count  integer     NOT NULL CHECK (role_count > 0),
    size_count  integer     NOT NULL CHECK (size_count > 0),
    person_id   bigint      NOT NULL REFERENCES person,
    created_at  timestamptz NOT NULL,
    UNIQUE (pattern_id, number)
);

CREATE TABLE fabric (
    id                 bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    version            integer     NOT NULL DEFAULT 0,
    code               varchar(20) NOT NULL UNIQUE CHECK (code = upper(code) AND code <> ''),
    name               varchar(60) NOT NULL CHECK (name <> ''),
    ground_colour      char(7)     NOT NULL CHECK (ground_colour ~ '^#[0-9a-f]{6}$'),
    print_colour       char(7)     NOT NULL CHECK (print_colour ~ '^#[0-9a-f]{6}$'),
    print              varchar(12) NOT NULL CHECK (print IN ('SOLID', 'ALL_OVER', 'ONE_WAY', 'STRIPE')),
    motif              varchar(12) NOT NULL,
    usable_width_ticks bigint CHECK (usable_width_ticks > 0)
);

CREATE TABLE stock_item (
    id                 bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    version            integer     NOT NULL DEFAULT 0,
    kind               varchar(8)  NOT NULL CHECK (kind IN ('BOLT', 'KIT')),
    code               varchar(20) NOT NULL UNIQUE CHECK (code <> ''),
    fabric_id          bigint REFERENCES fabric,
    kit_id             bigint UNIQUE,
    lot                varchar(30),
    place              varchar(40),
    usable_width_ticks bigint CHECK (usable_width_ticks > 0),
    parent_id          bigint REFERENCES stock_item,
    measured_at        timestamptz,
    on_hand_ticks      bigint      NOT NULL DEFAULT 0 CHECK (on_hand_ticks >= 0),
    on_hand_count      bigint      NOT NULL DEFAULT 0 CHECK (on_hand_count >= 0),
    created_at         timestamptz NOT NULL,
    CHECK (kind <> 'BOLT' OR (fabric_id IS NOT NULL AND lot IS NOT NULL AND usable_width_ticks IS NOT NULL AND on_hand_count = 0)),
    CHECK (kind <> 'KIT' OR (kit_id IS NOT NULL AND on_hand_ticks = 0))
);
CREATE INDEX stock_item_fabric ON stock_item (fabric_id);

-- The book: every change of stock, never changed itself.
CREATE TABLE movement (
    id            bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    stock_item_id bigint      NOT NULL REFERENCES stock_item,
    amount_ticks  bigint      NOT NULL DEFAULT 0,
    amount_count  bigint      NOT NULL DEFAULT 0,
    reason        varchar(20) NOT NULL CHECK (reason IN (
        'RECEIVED', 'CUT_FOR_RUN', 'SOLD_BY_LENGTH', 'FLAW', 'WASTE', 'SPLIT', 'CORRECTION', 'REVERSAL', 'PACKED', 'KIT_SOLD', 'KIT_RETURNED')),
    person_id     bigint      NOT NULL REFERENCES person,
    at            timestamptz NOT NULL,
    client_id     uuid        NOT NULL UNIQUE,
    reverses_id   bigint UNIQUE REFERENCES movement,
    group_id      uuid        NOT NULL,
    note          varchar(200) NOT NULL DEFAULT '',
    CHECK ((amount_ticks <> 0) <> (amount_count <> 0)),
    CHECK ((reason = 'REVERSAL') = (reverses_id IS NOT NULL))
);
CREATE INDEX movement_item ON movement (stock_item_id, id);

CREATE TABLE reservation (
    id            bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    stock_item_id bigint      NOT NULL REFERENCES stock_item,
    length_ticks  bigint      NOT NULL CHECK (length_ticks > 0),
    owner         varchar(60) NOT NULL UNIQUE
);
CREATE INDEX reservation_item ON reservation (stock_item_id);

CREATE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
    RAISE EXCEPTION '% is written once and never changed', TG_TABLE_NAME;
END $$;

CREATE TRIGGER movement_is_append_only BEFORE UPDATE OR DELETE ON movement
    FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER movement_is_kept BEFORE TRUNCATE ON movement
    FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();
CREATE TRIGGER pattern_version_is_immutable BEFORE UPDATE OR DELETE ON pattern_version
    FOR EACH ROW EXECUTE FUNCTION refuse_change();

-- What is on hand follows the book and nothing else; the application may not write these two columns.
CREATE FUNCTION book_movement() RETURNS trigger LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS $$
BEGIN
    UPDATE stock_item
       SET on_hand_ticks = on_hand_ticks + NEW.amount_ticks, on_hand_count = on_hand_count + NEW.amount_count
     WHERE id = NEW.stock_item_id;
    RETURN NEW;
END $$;

CREATE TRIGGER movement_is_booked AFTER INSERT ON movement
    FOR EACH ROW EXECUTE FUNCTION book_movement();

GRANT SELECT, INSERT, UPDATE ON person, practice, practice_measure, pattern, fabric TO ${appUser};
GRANT SELECT, INSERT, DELETE ON person_job TO ${appUser};
GRANT DELETE ON practice_measure TO ${appUser};
GRANT SELECT, INSERT ON pattern_version, movement TO ${appUser};
GRANT SELECT, INSERT, DELETE ON reservation TO ${appUser};
GRANT SELECT ON stock_item TO ${appUser};
GRANT INSERT (version, kind, code, fabric_id, kit_id, lot, place, usable_width_ticks, parent_id, measured_at, created_at)
    ON stock_item TO ${appUser};
GRANT UPDATE (version, lot, place, usable_width_ticks, measured_at) ON stock_item TO ${appUser};
