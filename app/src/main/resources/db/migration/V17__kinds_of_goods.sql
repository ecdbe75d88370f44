-- A good says what kind it is, and is known again by the keys of its kind, not by a code that a person may type as well.
ALTER TABLE good ADD COLUMN kind varchar(12);
ALTER TABLE good ADD COLUMN notion_sort varchar(12);

UPDATE good SET kind = CASE
    WHEN pattern_id IS NOT NULL THEN 'PATTERN_COPY'
    WHEN left_width_ticks IS NOT NULL THEN 'LEFT_OVER'
    ELSE 'PRECUT' END;

-- Quarters that the shop cut had a code made of their fabric's number and a name made of its name. What a person gave such a code is
-- another kind of precut, or comes in packs.
UPDATE good SET kind = 'SHOP_CUT', fabric_id = fabric.id
FROM fabric
WHERE good.kind = 'PRECUT' AND good.per_unit = 1
  AND ((good.code = 'Q4-' || fabric.id AND good.precut_kind = 'FAT_QUARTER' AND good.name LIKE 'Fat quarter of %')
    OR (good.code = 'Q8-' || fabric.id AND good.precut_kind = 'FAT_EIGHTH' AND good.name LIKE 'Fat eighth of %'));

ALTER TABLE good DROP CONSTRAINT good_is_one_thing;
ALTER TABLE good DROP CONSTRAINT good_left_over_is_whole;
ALTER TABLE good ALTER COLUMN kind SET NOT NULL;
ALTER TABLE good ADD CONSTRAINT good_kind_has_its_keys CHECK (CASE kind
    WHEN 'PRECUT' THEN precut_kind IS NOT NULL
        AND num_nonnulls(fabric_id, left_width_ticks, left_height_ticks, pattern_id, notion_sort) = 0
    WHEN 'SHOP_CUT' THEN precut_kind IS NOT NULL AND fabric_id IS NOT NULL AND per_unit = 1
        AND num_nonnulls(left_width_ticks, left_height_ticks, pattern_id, notion_sort) = 0
    WHEN 'LEFT_OVER' THEN num_nonnulls(fabric_id, left_width_ticks, left_height_ticks) = 3 AND per_unit = 1
        AND num_nonnulls(precut_kind, pattern_id, notion_sort) = 0
    WHEN 'PATTERN_COPY' THEN pattern_id IS NOT NULL AND per_unit = 1
        AND num_nonnulls(precut_kind, fabric_id, left_width_ticks, left_height_ticks, notion_sort) = 0
    WHEN 'NOTION' THEN notion_sort IS NOT NULL AND per_unit = 1
        AND num_nonnulls(precut_kind, fabric_id, left_width_ticks, left_height_ticks, pattern_id) = 0
    ELSE false END);
ALTER TABLE good ADD CONSTRAINT good_notion_sort_check CHECK (notion_sort IN ('THREAD', 'RULER', 'TEMPLATE', 'NEEDLES', 'OTHER'));
CREATE UNIQUE INDEX good_shop_cut_of_fabric ON good (fabric_id, precut_kind) WHERE kind = 'SHOP_CUT';
CREATE INDEX good_by_kind ON good (kind, name);

-- What goes along in every bag of a kit beside its cloth.
CREATE TABLE kit_notion (
    kit_id  bigint  NOT NULL REFERENCES kit,
    good_id bigint  NOT NULL REFERENCES good,
    count   integer NOT NULL CHECK (count BETWEEN 1 AND 100),
    PRIMARY KEY (kit_id, good_id)
);
CREATE INDEX kit_notion_by_good ON kit_notion (good_id);
GRANT SELECT, INSERT, UPDATE, DELETE ON kit_notion TO ${appUser};
