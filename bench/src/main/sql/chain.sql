-- Fills a demo shop to the size of a busy chain: :fabrics fabrics, :bolts bolts with :lines lines of the book each, :patterns patterns with
-- kits up to :kits, :runs runs of ten bags of which the last :open are being cut. Everything is made up, and the same each time.
\set ON_ERROR_STOP on
SET synchronous_commit = off;
BEGIN;
SELECT setseed(0.5);
ALTER TABLE movement DISABLE TRIGGER movement_is_booked;

CREATE TEMP TABLE word AS
SELECT row_number() OVER () - 1 AS n, w FROM unnest(string_to_array(
    'Amber Anchor Barge Birch Bramble Brine Canal Cinder Clover Coral Current Drift Eddy Ember Fern Fjord Flint Gale Glade Gorse Gravel Grove '
    || 'Harrow Hazel Heath Heron Island Juniper Kelp Lagoon Larch Lichen Marram Marsh Meadow Mist Moss Oar Orchard Otter Pebble Pier Plum Quay '
    || 'Quill Raft Reef Rush Sable Sedge Shale Shingle Sorrel Spruce Tarn Thistle Tiller Umber Vale Wharf Willow Wren Yarrow Zephyr', ' ')) w;

INSERT INTO fabric (code, name, ground_colour, print_colour, print, motif, kind)
SELECT 'CH-' || lpad(i::text, 5, '0'), a.w || ' ' || lower(b.w) || ' ' || i,
       '#' || lpad(to_hex((random() * 16777215)::int), 6, '0'), '#' || lpad(to_hex((random() * 16777215)::int), 6, '0'),
       'ALL_OVER', (SELECT motif FROM fabric WHERE print = 'ALL_OVER' LIMIT 1), 'COTTON'
  FROM generate_series(1, :fabrics) i JOIN word a ON a.n = i % 64 JOIN word b ON b.n = (i / 64) % 64;
CREATE TEMP TABLE cloth AS SELECT id, row_number() OVER (ORDER BY id) - 1 AS n FROM fabric WHERE code LIKE 'CH-%';

-- Bolts: what was sold in quarter yards, and eight yards that are left.
INSERT INTO stock_item (kind, code, fabric_id, lot, place, usable_width_ticks, created_at)
SELECT 'BOLT', 'C' || lpad(i::text, 6, '0'), c.id, 'L' || i % 90, 'bay ' || i % 40 + 1, 24384000, timestamptz '2026-01-01' + i * interval '10 min'
  FROM generate_series(1, :bolts) i JOIN cloth c ON c.n = i % :fabrics;
CREATE TEMP TABLE bolt AS SELECT id, fabric_id, row_number() OVER (PARTITION BY fabric_id ORDER BY id) AS nth FROM stock_item WHERE code ~ '^C\d{6}$';

CREATE TEMP TABLE line AS
SELECT b.id AS item, n, gen_random_uuid() AS client FROM bolt b CROSS JOIN generate_series(0, :lines - 1) n;
INSERT INTO entry (client_id, person_id, asked, result, at)
SELECT client, 1, 'take ' || item, item, timestamptz '2026-02-01' FROM line;
INSERT INTO movement (stock_item_id, amount_ticks, reason, person_id, at, client_id, group_id)
SELECT item, CASE n WHEN 0 THEN 21945600 * 8 + 5486400 * (:lines - 1) ELSE -5486400 END, CASE n WHEN 0 THEN 'RECEIVED' ELSE 'SOLD_BY_LENGTH' END, 1,
       timestamptz '2026-02-01' + n * interval '4 h', client, client
  FROM line ORDER BY n, item;

-- Patterns are those of the demo shop under other names.
CREATE TEMP TABLE copied AS
SELECT i, nextval(pg_get_serial_sequence('pattern', 'id')) AS id, p.id AS of, a.w || ' ' || lower(b.w) || ' ' || i AS name
  FROM generate_series(1, :patterns) i JOIN (SELECT id, row_number() OVER (ORDER BY id) - 1 AS n FROM pattern) p ON p.n = i % 19
  JOIN word a ON a.n = (i * 7) % 64 JOIN word b ON b.n = (i / 5) % 64;
INSERT INTO pattern (id, name, created_at) OVERRIDING SYSTEM VALUE SELECT id, name, now() FROM copied;
INSERT INTO pattern_version (pattern_id, number, document, role_count, size_count, person_id, created_at, ways, units, precuts, size_names, own_design)
SELECT c.id, 1, jsonb_set(v.document, '{name}', to_jsonb(c.name)), v.role_count, v.size_count, 1, now(), v.ways, v.units, v.precuts, v.size_names,
       v.own_design
  FROM copied c JOIN pattern_version v ON v.pattern_id = c.of AND v.number = 1;

INSERT INTO colourway (pattern_id, name)
SELECT c.id, a.w || ' and ' || lower(b.w) FROM copied c CROSS JOIN generate_series(0, 5) k
  JOIN word a ON a.n = (c.i + k * 11) % 64 JOIN word b ON b.n = (c.i * 3 + k) % 64;
CREATE TEMP TABLE way AS
SELECT w.id, w.pattern_id, v.id AS version, v.document, v.own_design, row_number() OVER (ORDER BY w.id) AS n
  FROM colourway w JOIN copied c ON c.id = w.pattern_id JOIN pattern_version v ON v.pattern_id = c.id;
INSERT INTO kit (pattern_version_id, size_key, colourway_id, with_binding, with_backing, instructions, created_at, follows_paper, size_name, size_position)
SELECT w.version, s.value ->> 'key', w.id, true, true, CASE WHEN w.own_design THEN 'OURS' ELSE 'PRINTED' END, now(), NOT w.own_design,
       s.value ->> 'name', s.ordinality
  FROM way w CROSS JOIN jsonb_array_elements(w.document -> 'sizes') WITH ORDINALITY s ORDER BY w.n, s.ordinality LIMIT :kits;
INSERT INTO colourway_choice (colourway_id, role_key, fabric_id)
SELECT w.id, r.value ->> 'key', c.id
  FROM way w CROSS JOIN jsonb_array_elements(w.document -> 'roles') WITH ORDINALITY r
  JOIN cloth c ON c.n = (w.n * 7 + r.ordinality * 131) % :fabrics
 WHERE EXISTS (SELECT FROM kit k WHERE k.colourway_id = w.id);
CREATE TEMP TABLE made AS SELECT k.id, k.colourway_id, row_number() OVER (ORDER BY k.id) - 1 AS n FROM kit k JOIN way w ON w.id = k.colourway_id;

-- Runs of ten bags of one kit, three lengths each, all of one bolt of their fabric.
CREATE TEMP TABLE run AS
SELECT i, nextval(pg_get_serial_sequence('kit_run', 'id')) AS id, m.id AS kit, i > :runs - :open AS is_open
  FROM generate_series(1, :runs) i JOIN made m ON m.n = (i * 5) % (SELECT count(*) FROM made);
INSERT INTO kit_run (id, state, plan_version, person_id, created_at, confirmed_at) OVERRIDING SYSTEM VALUE
SELECT id, CASE WHEN is_open THEN 'CONFIRMED' ELSE 'PACKED' END, 1, 1, timestamptz '2026-06-01' + i * interval '6 h', timestamptz '2026-06-01' + i * interval '7 h'
  FROM run;
INSERT INTO run_line (run_id, position, kit_id, asked) SELECT id, 1, kit, 10 FROM run;
INSERT INTO bag (run_id, number, kit_id, state, packed_at, packed_by, packed_entry)
SELECT r.id, n, r.kit, CASE WHEN is_open THEN 'OPEN' ELSE 'PACKED' END, CASE WHEN NOT is_open THEN timestamptz '2026-09-01' END,
       CASE WHEN NOT is_open THEN 1 END, CASE WHEN NOT is_open THEN gen_random_uuid() END
  FROM run r CROSS JOIN generate_series(1, 10) n;
INSERT INTO bag_line (bag_id, position, fabric_id, letters, exact_ticks, length_ticks, planned_width_ticks)
SELECT b.id, c.nth, c.fabric_id, chr(64 + c.nth::int), 5486400, 5486400, 24384000
  FROM bag b JOIN run r ON r.id = b.run_id JOIN kit k ON k.id = b.kit_id
  JOIN LATERAL (SELECT fabric_id, row_number() OVER (ORDER BY role_key) AS nth
                  FROM (SELECT DISTINCT ON (fabric_id) fabric_id, role_key FROM colourway_choice WHERE colourway_id = k.colourway_id) one) c ON c.nth <= 3;
CREATE TEMP TABLE cut AS
SELECT nextval(pg_get_serial_sequence('planned_cut', 'id')) AS id, r.id AS run, l.id AS line, o.id AS bolt, b.number, r.is_open, gen_random_uuid() AS client
  FROM bag_line l JOIN bag b ON b.id = l.bag_id JOIN run r ON r.id = b.run_id JOIN bolt o ON o.fabric_id = l.fabric_id AND o.nth = 1 + r.i % 7;
INSERT INTO planned_cut (id, run_id, bag_line_id, stock_item_id, position, length_ticks, plan_version, state) OVERRIDING SYSTEM VALUE
SELECT id, run, line, bolt, number, 5486400, 1, CASE WHEN is_open THEN 'PLANNED' ELSE 'CUT' END FROM cut;
INSERT INTO reservation (stock_item_id, length_ticks, owner) SELECT bolt, 5486400, 'cut:' || id FROM cut WHERE is_open;
INSERT INTO cut_record (planned_cut_id, run_id, stock_item_id, client_id, real_ticks, outcome, person_id, at)
SELECT id, run, bolt, client, 5486400, 'GOOD', 1, timestamptz '2026-08-01' FROM cut WHERE NOT is_open;
INSERT INTO entry (client_id, person_id, asked, result, at) SELECT client, 1, 'cut ' || id, 1, timestamptz '2026-08-01' FROM cut WHERE NOT is_open;
INSERT INTO movement (stock_item_id, amount_ticks, reason, person_id, at, client_id, group_id)
SELECT bolt, 5486400, 'CORRECTION', 1, timestamptz '2026-08-01', gen_random_uuid(), client FROM cut WHERE NOT is_open;
INSERT INTO movement (stock_item_id, amount_ticks, reason, person_id, at, client_id, group_id)
SELECT bolt, -5486400, 'CUT_FOR_RUN', 1, timestamptz '2026-08-01', client, client FROM cut WHERE NOT is_open;

-- The shelf.
INSERT INTO stock_item (kind, code, kit_id, created_at) SELECT 'KIT', 'KIT-' || kit, kit, now() FROM (SELECT DISTINCT kit FROM run WHERE NOT is_open) k;
INSERT INTO entry (client_id, person_id, asked, result, at)
SELECT packed_entry, 1, 'kit ' || kit_id || ' 1 PACKED', 1, packed_at FROM bag JOIN run r ON r.id = run_id WHERE packed_entry IS NOT NULL;
INSERT INTO movement (stock_item_id, amount_count, reason, person_id, at, client_id, group_id)
SELECT i.id, 1, 'PACKED', 1, b.packed_at, b.packed_entry, b.packed_entry
  FROM bag b JOIN run r ON r.id = b.run_id JOIN stock_item i ON i.kit_id = b.kit_id WHERE b.packed_entry IS NOT NULL;

UPDATE stock_item i SET on_hand_ticks = m.ticks, on_hand_count = m.count
  FROM (SELECT stock_item_id, sum(amount_ticks) AS ticks, sum(amount_count) AS count FROM movement GROUP BY stock_item_id) m
 WHERE m.stock_item_id = i.id AND (i.on_hand_ticks, i.on_hand_count) <> (m.ticks, m.count);
ALTER TABLE movement ENABLE TRIGGER movement_is_booked;
COMMIT;
VACUUM ANALYZE;
SELECT (SELECT count(*) FROM fabric) || ' fabrics, ' || (SELECT count(*) FROM stock_item WHERE kind = 'BOLT') || ' bolts, '
    || (SELECT count(*) FROM movement) || ' movements, ' || (SELECT count(*) FROM pattern) || ' patterns, ' || (SELECT count(*) FROM kit)
    || ' kits, ' || (SELECT count(*) FROM kit_run) || ' runs';
