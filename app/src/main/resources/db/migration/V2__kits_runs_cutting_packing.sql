-- Colourways and kits, runs with their frozen bills, planned and recorded cuts, packing.

CREATE TABLE colourway (
    id         bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    version    integer     NOT NULL DEFAULT 0,
    pattern_id bigint      NOT NULL REFERENCES pattern,
    name       varchar(60) NOT NULL CHECK (name <> '')
);
CREATE UNIQUE INDEX colourway_name ON colourway (pattern_id, lower(name));

CREATE TABLE colourway_choice (
    colourway_id bigint      NOT NULL REFERENCES colourway,
    role_key     varchar(20) NOT NULL,
    fabric_id    bigint      NOT NULL REFERENCES fabric,
    PRIMARY KEY (colourway_id, role_key)
);

CREATE TABLE kit (
    id                 bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    version            integer     NOT NULL DEFAULT 0,
    pattern_version_id bigint      NOT NULL REFERENCES pattern_version,
    size_key           varchar(20) NOT NULL,
    colourway_id       bigint      NOT NULL REFERENCES colourway,
    with_binding       boolean     NOT NULL,
    with_backing       boolean     NOT NULL,
    instructions       varchar(10) NOT NULL CHECK (instructions IN ('OURS')),
    created_at         timestamptz NOT NULL,
    UNIQUE (pattern_version_id, size_key, colourway_id, with_binding, with_backing)
);

ALTER TABLE stock_item ADD FOREIGN KEY (kit_id) REFERENCES kit;

CREATE TABLE kit_run (
    id           bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    version      integer     NOT NULL DEFAULT 0,
    state        varchar(10) NOT NULL CHECK (state IN ('DRAFT', 'CONFIRMED', 'CUTTING', 'CUT', 'PACKED', 'CANCELLED')),
    plan_version integer     NOT NULL CHECK (plan_version >= 0),
    person_id    bigint      NOT NULL REFERENCES person,
    created_at   timestamptz NOT NULL,
    confirmed_at timestamptz,
    CHECK ((state = 'DRAFT') = (confirmed_at IS NULL) OR state = 'CANCELLED')
);

CREATE TABLE run_line (
    id       bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    run_id   bigint  NOT NULL REFERENCES kit_run,
    position integer NOT NULL,
    kit_id   bigint  NOT NULL REFERENCES kit,
    asked    integer NOT NULL CHECK (asked BETWEEN 1 AND 200),
    UNIQUE (run_id, kit_id)
);

CREATE TABLE bag (
    id        bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    version   integer     NOT NULL DEFAULT 0,
    run_id    bigint      NOT NULL REFERENCES kit_run,
    number    integer     NOT NULL CHECK (number > 0),
    kit_id    bigint      NOT NULL REFERENCES kit,
    state     varchar(10) NOT NULL CHECK (state IN ('OPEN', 'PACKED', 'LEFT_OUT')),
    packed_at timestamptz,
    packed_by bigint REFERENCES person,
    UNIQUE (run_id, number),
    CHECK ((state = 'PACKED') = (packed_at IS NOT NULL AND packed_by IS NOT NULL))
);

-- The bill of a bag, frozen when its run is confirmed.
CREATE TABLE bag_line (
    id                  bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    bag_id              bigint      NOT NULL REFERENCES bag,
    position            integer     NOT NULL,
    fabric_id           bigint      NOT NULL REFERENCES fabric,
    letters             varchar(40) NOT NULL,
    exact_ticks         bigint      NOT NULL CHECK (exact_ticks > 0),
    length_ticks        bigint      NOT NULL CHECK (length_ticks > 0),
    planned_width_ticks bigint      NOT NULL CHECK (planned_width_ticks > 0),
    UNIQUE (bag_id, fabric_id)
);

CREATE TRIGGER bag_line_is_frozen BEFORE UPDATE OR DELETE ON bag_line
    FOR EACH ROW EXECUTE FUNCTION refuse_change();

CREATE TABLE planned_cut (
    id            bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    version       integer     NOT NULL DEFAULT 0,
    run_id        bigint      NOT NULL REFERENCES kit_run,
    bag_line_id   bigint      NOT NULL REFERENCES bag_line,
    stock_item_id bigint      NOT NULL REFERENCES stock_item,
    position      integer     NOT NULL,
    length_ticks  bigint      NOT NULL CHECK (length_ticks > 0),
    plan_version  integer     NOT NULL CHECK (plan_version > 0),
    state         varchar(10) NOT NULL CHECK (state IN ('PLANNED', 'CUT', 'SUPERSEDED'))
);
CREATE UNIQUE INDEX planned_cut_once ON planned_cut (bag_line_id) WHERE state <> 'SUPERSEDED';
CREATE INDEX planned_cut_run ON planned_cut (run_id);
CREATE INDEX planned_cut_bolt ON planned_cut (stock_item_id) WHERE state = 'PLANNED';

CREATE TABLE cut_record (
    id             bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    planned_cut_id bigint      NOT NULL REFERENCES planned_cut,
    run_id         bigint      NOT NULL REFERENCES kit_run,
    stock_item_id  bigint      NOT NULL REFERENCES stock_item,
    client_id      uuid        NOT NULL UNIQUE,
    real_ticks     bigint      NOT NULL CHECK (real_ticks >= 0),
    outcome        varchar(10) NOT NULL CHECK (outcome IN ('GOOD', 'SHORT', 'FLAW')),
    person_id      bigint      NOT NULL REFERENCES person,
    at             timestamptz NOT NULL,
    undone         boolean     NOT NULL DEFAULT false
);
CREATE UNIQUE INDEX cut_record_once ON cut_record (planned_cut_id) WHERE outcome = 'GOOD' AND NOT undone;
CREATE INDEX cut_record_run ON cut_record (run_id);

CREATE TABLE pack_tick (
    bag_line_id bigint PRIMARY KEY REFERENCES bag_line,
    person_id   bigint      NOT NULL REFERENCES person,
    at          timestamptz NOT NULL
);

GRANT SELECT, INSERT, UPDATE ON colourway, kit, kit_run, bag, planned_cut, cut_record TO ${appUser};
GRANT SELECT, INSERT, DELETE ON colourway_choice, run_line, pack_tick TO ${appUser};
GRANT SELECT, INSERT ON bag_line TO ${appUser};
GRANT DELETE ON kit_run TO ${appUser};
