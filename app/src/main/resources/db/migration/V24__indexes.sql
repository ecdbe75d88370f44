-- Foreign keys that are read from the other side. Those to people are left out: nobody is ever deleted, and no list asks by person.
CREATE INDEX bag_kit ON bag (kit_id);
CREATE INDEX bag_left_over_good ON bag_left_over (good_id);
CREATE INDEX bag_line_fabric ON bag_line (fabric_id);
CREATE INDEX bag_pick_good ON bag_pick (good_id);
CREATE INDEX colourway_choice_fabric ON colourway_choice (fabric_id);
CREATE INDEX colourway_choice_good ON colourway_choice (good_id);
CREATE INDEX cut_record_cut ON cut_record (planned_cut_id);
CREATE INDEX cut_record_bolt ON cut_record (stock_item_id);
CREATE INDEX kept_left_over_fabric ON kept_left_over (fabric_id);
CREATE INDEX kept_left_over_for_kit ON kept_left_over (for_kit_id);
CREATE INDEX kept_left_over_good ON kept_left_over (good_id);
CREATE INDEX kit_precut_good ON kit_precut (good_id);
CREATE INDEX kit_quarters_fabric ON kit_quarters (fabric_id);
CREATE INDEX kit_single_good ON kit_single (good_id);
CREATE INDEX planned_cut_line ON planned_cut (bag_line_id);
CREATE INDEX planned_cut_stock_item ON planned_cut (stock_item_id);
CREATE INDEX run_line_kit ON run_line (kit_id);
CREATE INDEX stock_item_parent ON stock_item (parent_id) WHERE parent_id IS NOT NULL;
CREATE INDEX taken_left_over_good ON taken_left_over (good_id);

-- Whether a bolt was ever cut is kept with it: a list of bolts reads no movement.
ALTER TABLE stock_item ADD COLUMN started boolean NOT NULL DEFAULT false;
UPDATE stock_item i SET started = true
 WHERE kind = 'BOLT' AND EXISTS (
       SELECT FROM movement m
        WHERE m.stock_item_id = i.id AND m.reason IN ('CUT_FOR_RUN', 'SOLD_BY_LENGTH', 'SPLIT', 'FLAW', 'WASTE', 'SHOP_CUT'));
GRANT UPDATE (started) ON stock_item TO ${appUser};
