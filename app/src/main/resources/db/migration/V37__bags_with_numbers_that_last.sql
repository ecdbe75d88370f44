INSERT INTO movement_reason (code) VALUES ('BAG_OPENED');

-- A packed bag is on the shelf until it is sold. Of those that were sold before they had numbers, the oldest are taken to be gone.
ALTER TABLE bag ADD COLUMN sold_at timestamptz, ADD COLUMN sold_by bigint REFERENCES person;
ALTER TABLE bag ADD CONSTRAINT bag_sold_is_packed CHECK (sold_at IS NULL OR state = 'PACKED');
UPDATE bag
   SET sold_at = gone.packed_at
  FROM (SELECT b.id, b.kit_id, b.packed_at, row_number() OVER (PARTITION BY b.kit_id ORDER BY b.packed_at, b.id) AS nth,
               count(*) OVER (PARTITION BY b.kit_id) AS packed
          FROM bag b WHERE b.state = 'PACKED') gone
  JOIN stock_item i ON i.kit_id = gone.kit_id
 WHERE bag.id = gone.id AND gone.nth <= gone.packed - i.on_hand_count;
CREATE INDEX bag_on_the_shelf ON bag (kit_id, packed_at, id) WHERE state = 'PACKED' AND sold_at IS NULL;
