-- Colours in which a fabric has another's place, for bags whose own fabric is not there; lists of kits leave them out.
ALTER TABLE colourway ADD COLUMN stands_in_for bigint REFERENCES colourway;
DROP VIEW kit_title;
ALTER TABLE colourway ALTER COLUMN name TYPE varchar(200);
CREATE VIEW kit_title AS
SELECT k.id, p.id AS pattern_id, k.colourway_id, p.name AS pattern, k.size_name, c.name AS colourway, k.size_position,
       lower(p.name || ', ' || k.size_name || ', ' || c.name) AS searched, c.stands_in_for IS NOT NULL AS stands_in
  FROM kit k JOIN colourway c ON c.id = k.colourway_id JOIN pattern p ON p.id = c.pattern_id;
GRANT SELECT ON kit_title TO ${appUser};

-- A line of a frozen bill stays as it was; one that takes its place names it.
ALTER TABLE bag_line ADD COLUMN instead_of bigint UNIQUE REFERENCES bag_line;
ALTER TABLE bag_line DROP CONSTRAINT bag_line_bag_id_fabric_id_key;
ALTER TABLE bag_line ADD CONSTRAINT bag_line_once UNIQUE NULLS NOT DISTINCT (bag_id, fabric_id, instead_of);
CREATE OR REPLACE VIEW bag_progress AS
SELECT b.id AS bag_id, b.run_id, b.state,
       count(l.id) AS lines, count(c.state) AS planned, count(c.state) FILTER (WHERE c.state = 'CUT') AS cut, b.pieces_left
  FROM bag b
  LEFT JOIN bag_line l ON l.bag_id = b.id AND NOT EXISTS (SELECT FROM bag_line later WHERE later.instead_of = l.id)
  LEFT JOIN LATERAL (
       SELECT state FROM planned_cut WHERE bag_line_id = l.id AND state <> 'SUPERSEDED'
       UNION ALL
       SELECT served.state
         FROM planned_cut_with w JOIN planned_cut served ON served.id = w.planned_cut_id
        WHERE w.bag_line_id = l.id AND served.state <> 'SUPERSEDED'
       LIMIT 1) c ON true
 GROUP BY b.id, b.run_id, b.state, b.pieces_left;

-- What is made in place of what was asked: who said so, and when. A kit of which all were replaced stays in the run's list with none.
ALTER TABLE run_line DROP CONSTRAINT run_line_asked_check;
ALTER TABLE run_line ADD CONSTRAINT run_line_asked_check CHECK (asked >= 0);
CREATE TABLE run_instead (
    id          bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    run_id      bigint      NOT NULL REFERENCES kit_run,
    kit_id      bigint      NOT NULL REFERENCES kit,
    instead_kit bigint      NOT NULL REFERENCES kit,
    bags        integer     NOT NULL CHECK (bags > 0),
    bag_number  integer,
    person_id   bigint      NOT NULL REFERENCES person,
    at          timestamptz NOT NULL
);
CREATE INDEX run_instead_run ON run_instead (run_id);
GRANT SELECT, INSERT ON run_instead TO ${appUser};
GRANT UPDATE (asked) ON run_line TO ${appUser};
