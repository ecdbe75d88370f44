-- A small shop as its first tables kept it: two bags of a kit, one packed and sold, one half cut; a bolt with its book; a cut taken back.
INSERT INTO person (sign_in_name, name, password_hash, active) VALUES ('first', 'First', '{noop}ferry', true);
INSERT INTO person_job VALUES (1, 'OWNER');
INSERT INTO practice (id, margin_hundredths, selling_unit) VALUES (1, 500, 'YARD');
INSERT INTO pattern (name, created_at) VALUES ('Old pier', '2024-01-02');
INSERT INTO pattern_version (pattern_id, number, role_count, size_count, person_id, created_at, document) VALUES (1, 1, 2, 1, 1, '2024-01-02',
  '{"format": 1, "name": "Old pier",
    "roles": [{"key": "a", "letter": "A", "name": "deck"}, {"key": "b", "letter": "B", "name": "foam"}],
    "drawing": {"block": {"columnWidths": ["3 in", "3 in"], "rowHeights": ["3 in"], "cells": [
        {"column": 0, "row": 0, "columnSpan": 1, "rowSpan": 1, "unit": "half-square", "roles": ["a", "b"], "turn": 270},
        {"column": 1, "row": 0, "columnSpan": 1, "rowSpan": 1, "unit": "patch", "roles": ["b"], "turn": 0}]},
      "setting": "straight", "borders": [{"role": "b", "corners": "BUTTED"}], "binding": "a", "backing": "b"},
    "sizes": [{"key": "s", "name": "Crib", "kind": "grid", "columns": 3, "rows": 4, "borderWidths": ["2 in"]}]}');
INSERT INTO fabric (code, name, ground_colour, print_colour, print, motif) VALUES
  ('DECK', 'Deck brown', '#5a4632', '#7a6652', 'SOLID', 'PLAIN'), ('FOAM', 'Foam', '#eef1ec', '#d5dad2', 'SOLID', 'PLAIN');
INSERT INTO colourway (pattern_id, name) VALUES (1, 'Low water');
INSERT INTO colourway_choice VALUES (1, 'a', 1), (1, 'b', 2);
INSERT INTO kit (pattern_version_id, size_key, colourway_id, with_binding, with_backing, instructions, created_at)
VALUES (1, 's', 1, true, true, 'OURS', '2024-01-03');
INSERT INTO stock_item (kind, code, fabric_id, lot, usable_width_ticks, created_at) VALUES
  ('BOLT', '0001', 1, 'L1', 24384000, '2024-01-03'), ('BOLT', '0002', 2, 'L1', 24384000, '2024-01-03');
INSERT INTO stock_item (kind, code, kit_id, created_at) VALUES ('KIT', 'KIT-1', 1, '2024-01-05');
INSERT INTO kit_run (state, plan_version, person_id, created_at, confirmed_at) VALUES ('CUTTING', 1, 1, '2024-01-04', '2024-01-04');
INSERT INTO run_line (run_id, position, kit_id, asked) VALUES (1, 1, 1, 2);
INSERT INTO bag (run_id, number, kit_id, state, packed_at, packed_by) VALUES
  (1, 1, 1, 'PACKED', '2024-01-06', 1), (1, 2, 1, 'OPEN', NULL, NULL);
INSERT INTO bag_line (bag_id, position, fabric_id, letters, exact_ticks, length_ticks, planned_width_ticks) VALUES
  (1, 1, 1, 'A', 5486400, 5486400, 24384000), (2, 1, 1, 'A', 5486400, 5486400, 24384000);
INSERT INTO planned_cut (run_id, bag_line_id, stock_item_id, position, length_ticks, plan_version, state) VALUES
  (1, 1, 1, 0, 5486400, 1, 'CUT'), (1, 2, 1, 1, 5486400, 1, 'PLANNED');
INSERT INTO reservation (stock_item_id, length_ticks, owner) VALUES (1, 5486400, 'cut:2');
INSERT INTO movement (stock_item_id, amount_ticks, reason, person_id, at, client_id, group_id, note) VALUES
  (1, 219456000, 'RECEIVED', 1, '2024-01-03', '00000000-0000-4000-8000-000000000001', '00000000-0000-4000-8000-000000000001', ''),
  (2, 219456000, 'RECEIVED', 1, '2024-01-03', '00000000-0000-4000-8000-000000000002', '00000000-0000-4000-8000-000000000002', ''),
  (1, -5486400, 'CUT_FOR_RUN', 1, '2024-01-05', '00000000-0000-4000-8000-000000000003', '00000000-0000-4000-8000-000000000003', 'run 1, bag 1'),
  (1, -5486400, 'CUT_FOR_RUN', 1, '2024-01-05', '00000000-0000-4000-8000-000000000004', '00000000-0000-4000-8000-000000000004', 'run 1, bag 2');
INSERT INTO movement (stock_item_id, amount_ticks, reason, person_id, at, client_id, group_id, reverses_id, note) VALUES
  (1, 5486400, 'REVERSAL', 1, '2024-01-05', '00000000-0000-4000-8000-000000000005', '00000000-0000-4000-8000-000000000005', 4, 'cut taken back');
INSERT INTO movement (stock_item_id, amount_count, reason, person_id, at, client_id, group_id, note) VALUES
  (3, 1, 'PACKED', 1, '2024-01-06', '00000000-0000-4000-8000-000000000006', '00000000-0000-4000-8000-000000000006', 'run 1, bag 1'),
  (3, -1, 'KIT_SOLD', 1, '2024-01-07', '00000000-0000-4000-8000-000000000007', '00000000-0000-4000-8000-000000000007', '');
INSERT INTO cut_record (planned_cut_id, run_id, stock_item_id, client_id, real_ticks, outcome, person_id, at, undone) VALUES
  (1, 1, 1, '00000000-0000-4000-8000-000000000003', 5486400, 'GOOD', 1, '2024-01-05', false),
  (2, 1, 1, '00000000-0000-4000-8000-000000000004', 5486400, 'GOOD', 1, '2024-01-05', true);
INSERT INTO pack_tick VALUES (1, 1, '2024-01-06');
