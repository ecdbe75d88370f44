-- How far each bag is: how many lines it has, how many of them have a cut by the plan of now, how many are cut.
-- The two ways in which a cut serves a line are looked up line by line, so that only the bags that are asked for are read.
CREATE VIEW bag_progress AS
SELECT b.id AS bag_id, b.run_id, b.state,
       count(l.id) AS lines, count(c.state) AS planned, count(c.state) FILTER (WHERE c.state = 'CUT') AS cut
  FROM bag b
  LEFT JOIN bag_line l ON l.bag_id = b.id
  LEFT JOIN LATERAL (
       SELECT state FROM planned_cut WHERE bag_line_id = l.id AND state <> 'SUPERSEDED'
       UNION ALL
       SELECT served.state
         FROM planned_cut_with w JOIN planned_cut served ON served.id = w.planned_cut_id
        WHERE w.bag_line_id = l.id AND served.state <> 'SUPERSEDED'
       LIMIT 1) c ON true
 GROUP BY b.id, b.run_id, b.state;

CREATE INDEX kit_run_open ON kit_run (id) WHERE state IN ('DRAFT', 'CONFIRMED', 'CUTTING', 'CUT');
CREATE INDEX planned_cut_to_do ON planned_cut (run_id) WHERE state = 'PLANNED';

GRANT SELECT ON bag_progress TO ${appUser};

-- A kit is found by its names without reading its pattern; a version of a pattern never changes, so the name of a size does not either.
ALTER TABLE kit ADD COLUMN size_name varchar(40), ADD COLUMN size_position integer;
UPDATE kit
   SET size_name = size.value ->> 'name', size_position = size.ordinality
  FROM pattern_version v, jsonb_array_elements(v.document -> 'sizes') WITH ORDINALITY size
 WHERE v.id = kit.pattern_version_id AND size.value ->> 'key' = kit.size_key;
ALTER TABLE kit ALTER COLUMN size_name SET NOT NULL, ALTER COLUMN size_position SET NOT NULL;
CREATE INDEX kit_colourway ON kit (colourway_id);

CREATE VIEW kit_title AS
SELECT k.id, p.id AS pattern_id, k.colourway_id, p.name AS pattern, k.size_name, c.name AS colourway, k.size_position,
       lower(p.name || ', ' || k.size_name || ', ' || c.name) AS searched
  FROM kit k JOIN colourway c ON c.id = k.colourway_id JOIN pattern p ON p.id = c.pattern_id;
GRANT SELECT ON kit_title TO ${appUser};
