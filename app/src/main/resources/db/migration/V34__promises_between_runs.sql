-- Which run comes first where cloth is not enough for all.
ALTER TABLE kit_run
    ADD COLUMN priority  varchar(10) NOT NULL DEFAULT 'USUAL' CHECK (priority IN ('RUSH', 'USUAL', 'CAN_WAIT')),
    ADD COLUMN needed_on date;

-- A run whose bags are all packed but for those that were asked and could not be made yet.
ALTER TABLE kit_run DROP CONSTRAINT kit_run_state_check;
ALTER TABLE kit_run ADD CONSTRAINT kit_run_state_check
    CHECK (state IN ('DRAFT', 'CONFIRMED', 'CUTTING', 'CUT', 'WAITING', 'PACKED', 'CANCELLED'));
DROP INDEX kit_run_open;
CREATE INDEX kit_run_open ON kit_run (id) WHERE state IN ('DRAFT', 'CONFIRMED', 'CUTTING', 'CUT', 'WAITING');
CREATE INDEX bag_open ON bag (run_id) WHERE state = 'OPEN';

-- Bags that were asked and are not to be made any more: who said so, and when.
CREATE TABLE run_drop (
    id          bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    run_line_id bigint      NOT NULL REFERENCES run_line,
    bags        integer     NOT NULL CHECK (bags > 0),
    person_id   bigint      NOT NULL REFERENCES person,
    at          timestamptz NOT NULL
);
CREATE INDEX run_drop_line ON run_drop (run_line_id);
INSERT INTO run_drop (run_line_id, bags, person_id, at)
SELECT l.id, l.asked - made.bags, r.person_id, coalesce(r.confirmed_at, r.created_at)
  FROM run_line l JOIN kit_run r ON r.id = l.run_id
  CROSS JOIN LATERAL (
       SELECT count(*) AS bags FROM bag b WHERE b.run_id = l.run_id AND b.kit_id = l.kit_id AND b.state = 'PACKED') made
 WHERE r.state IN ('PACKED', 'CANCELLED') AND l.asked > made.bags;
INSERT INTO run_drop (run_line_id, bags, person_id, at)
SELECT l.id, count(*), r.person_id, r.confirmed_at
  FROM run_line l JOIN kit_run r ON r.id = l.run_id JOIN bag b ON b.run_id = l.run_id AND b.kit_id = l.kit_id
 WHERE r.state IN ('CONFIRMED', 'CUTTING', 'CUT') AND b.state = 'LEFT_OUT'
 GROUP BY l.id, r.person_id, r.confirmed_at;

-- A run that took cloth from later ones did so by somebody's press, and gives it back by another.
CREATE TABLE run_taking (
    id        bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    run_id    bigint      NOT NULL REFERENCES kit_run,
    person_id bigint      NOT NULL REFERENCES person,
    at        timestamptz NOT NULL,
    undone_at timestamptz
);
CREATE INDEX run_taking_run ON run_taking (run_id);
ALTER TABLE bag ADD COLUMN taking_id bigint REFERENCES run_taking;
CREATE INDEX bag_taking ON bag (taking_id) WHERE taking_id IS NOT NULL;

-- Why a run is to be planned again.
ALTER TABLE replan
    ADD COLUMN cause         varchar(16) NOT NULL DEFAULT 'ASKED',
    ADD COLUMN stock_item_id bigint REFERENCES stock_item,
    ADD COLUMN by_run        bigint REFERENCES kit_run;

-- What became of a run when it was planned again: each line that has another bolt than before, or none.
CREATE TABLE run_change (
    id            bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    run_id        bigint      NOT NULL REFERENCES kit_run,
    at            timestamptz NOT NULL,
    cause         varchar(16) NOT NULL,
    stock_item_id bigint REFERENCES stock_item,
    by_run        bigint REFERENCES kit_run,
    plan_version  integer     NOT NULL,
    open_bags     integer     NOT NULL DEFAULT 0 CHECK (open_bags >= 0),
    seen_at       timestamptz,
    seen_by       bigint REFERENCES person,
    CONSTRAINT run_change_seen_is_whole CHECK ((seen_at IS NULL) = (seen_by IS NULL))
);
CREATE INDEX run_change_run ON run_change (run_id, id);
CREATE INDEX run_change_unseen ON run_change (id) WHERE seen_at IS NULL;
CREATE TABLE run_change_line (
    run_change_id bigint NOT NULL REFERENCES run_change,
    bag_line_id   bigint NOT NULL REFERENCES bag_line,
    from_item     bigint REFERENCES stock_item,
    to_item       bigint REFERENCES stock_item,
    PRIMARY KEY (run_change_id, bag_line_id)
);
CREATE INDEX run_change_line_line ON run_change_line (bag_line_id, run_change_id);
CREATE INDEX run_change_line_from ON run_change_line (from_item) WHERE from_item IS NOT NULL;
CREATE INDEX run_change_line_to ON run_change_line (to_item) WHERE to_item IS NOT NULL;

-- Up to which plan of its run a cut that was let go had stood.
ALTER TABLE planned_cut ADD COLUMN until_version integer CHECK (until_version > 0);

GRANT SELECT, INSERT ON run_drop, run_change, run_change_line, run_taking TO ${appUser};
GRANT UPDATE (seen_at, seen_by) ON run_change TO ${appUser};
GRANT UPDATE (undone_at) ON run_taking TO ${appUser};

-- What runs that are confirmed and not done were asked for, and is neither made nor dropped.
CREATE VIEW run_open AS
SELECT l.run_id, l.kit_id, l.position,
       l.asked - coalesce((SELECT sum(d.bags) FROM run_drop d WHERE d.run_line_id = l.id), 0)
               - (SELECT count(*) FROM bag b WHERE b.run_id = l.run_id AND b.kit_id = l.kit_id AND b.state <> 'LEFT_OUT') AS bags
  FROM run_line l JOIN kit_run r ON r.id = l.run_id
 WHERE r.state IN ('CONFIRMED', 'CUTTING', 'CUT', 'WAITING');
GRANT SELECT ON run_open TO ${appUser};

-- The planner puts the kits of a draft in order.
GRANT UPDATE (position) ON run_line TO ${appUser};

-- A bolt that turned out longer than the book said waits for somebody to look at it.
CREATE TABLE bolt_look (
    id            bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    stock_item_id bigint      NOT NULL REFERENCES stock_item,
    longer_ticks  bigint      NOT NULL CHECK (longer_ticks > 0),
    since         timestamptz NOT NULL,
    looked_at     timestamptz,
    looked_by     bigint REFERENCES person,
    CONSTRAINT bolt_look_is_whole CHECK ((looked_at IS NULL) = (looked_by IS NULL))
);
CREATE INDEX bolt_look_item ON bolt_look (stock_item_id);
CREATE INDEX bolt_look_open ON bolt_look (id) WHERE looked_at IS NULL;
GRANT SELECT, INSERT ON bolt_look TO ${appUser};
GRANT UPDATE (looked_at, looked_by) ON bolt_look TO ${appUser};
