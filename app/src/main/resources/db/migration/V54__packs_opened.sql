-- Packs that are opened: their strips, squares or quarters lie loose, each print by itself.
INSERT INTO movement_reason (code) VALUES ('PACK_OPENED'), ('PACK_CLOSED');

ALTER TABLE good ADD COLUMN pack_id bigint REFERENCES good (id);
ALTER TABLE good ADD COLUMN print_name varchar(60);
ALTER TABLE good ADD COLUMN print_value varchar(6);
CREATE UNIQUE INDEX good_loose_print ON good (pack_id, lower(print_name));

ALTER TABLE good ADD CONSTRAINT good_print_value_check CHECK (print_value IN ('LIGHT', 'MEDIUM', 'DARK')) NOT VALID;
ALTER TABLE good DROP CONSTRAINT good_kind_has_its_keys;
ALTER TABLE good ADD CONSTRAINT good_kind_has_its_keys CHECK (
  CASE kind
    WHEN 'PRECUT' THEN precut_kind IS NOT NULL
         AND num_nonnulls(fabric_id, left_width_ticks, left_height_ticks, pattern_id, notion_sort, pack_id, print_name, print_value) = 0
    WHEN 'LOOSE' THEN num_nonnulls(precut_kind, pack_id, print_name, print_value) = 4 AND per_unit = 1
         AND num_nonnulls(fabric_id, left_width_ticks, left_height_ticks, pattern_id, notion_sort) = 0
    WHEN 'SHOP_CUT' THEN precut_kind IS NOT NULL AND fabric_id IS NOT NULL AND per_unit = 1
         AND num_nonnulls(left_width_ticks, left_height_ticks, pattern_id, notion_sort, pack_id, print_name, print_value) = 0
    WHEN 'LEFT_OVER' THEN num_nonnulls(fabric_id, left_width_ticks, left_height_ticks) = 3 AND per_unit = 1
         AND num_nonnulls(precut_kind, pattern_id, notion_sort, pack_id, print_name, print_value) = 0
    WHEN 'PATTERN_COPY' THEN pattern_id IS NOT NULL AND per_unit = 1
         AND num_nonnulls(precut_kind, fabric_id, left_width_ticks, left_height_ticks, notion_sort, pack_id, print_name, print_value) = 0
    WHEN 'NOTION' THEN notion_sort IS NOT NULL AND per_unit = 1
         AND num_nonnulls(precut_kind, fabric_id, left_width_ticks, left_height_ticks, pattern_id, pack_id, print_name, print_value) = 0
    ELSE false
  END) NOT VALID;
