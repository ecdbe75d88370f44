-- A kit whose line has ended is planned no more; what is on the shelf is sold while it lasts.
ALTER TABLE kit ADD COLUMN ended_at timestamptz;
ALTER TABLE kit ADD COLUMN ended_by bigint REFERENCES person (id);
ALTER TABLE kit ADD CONSTRAINT kit_end_is_whole CHECK ((ended_at IS NULL) = (ended_by IS NULL)) NOT VALID;

CREATE OR REPLACE VIEW kit_title AS
  SELECT k.id, p.id AS pattern_id, k.colourway_id, p.name AS pattern, k.size_name, c.name AS colourway, k.size_position,
         lower(p.name || ', ' || k.size_name || ', ' || c.name) AS searched, c.stands_in_for IS NOT NULL AS stands_in,
         k.ended_at IS NOT NULL AS ended
    FROM kit k JOIN colourway c ON c.id = k.colourway_id JOIN pattern p ON p.id = c.pattern_id;
