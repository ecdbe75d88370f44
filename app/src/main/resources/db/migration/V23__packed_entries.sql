-- Under which entry of the movement book a bag was put on the shelf, so that each can be found from the other.
ALTER TABLE bag ADD COLUMN packed_entry uuid;
UPDATE bag SET packed_entry = m.group_id
  FROM movement m JOIN stock_item i ON i.id = m.stock_item_id
 WHERE bag.state = 'PACKED' AND m.reason = 'PACKED' AND i.kit_id = bag.kit_id AND m.note = 'run ' || bag.run_id || ', bag ' || bag.number;
CREATE UNIQUE INDEX bag_packed_entry ON bag (packed_entry);

-- Entries by which something was put on the shelf before each had one.
INSERT INTO entry (client_id, person_id, asked, at)
SELECT DISTINCT ON (m.group_id) m.group_id, m.person_id, 'booked before entries were kept', m.at
  FROM movement m WHERE NOT EXISTS (SELECT FROM entry e WHERE e.client_id = m.group_id) ORDER BY m.group_id, m.id;
