CREATE INDEX bag_sold ON bag (kit_id, sold_at) WHERE sold_at IS NOT NULL;
CREATE INDEX bag_open_kit ON bag (kit_id) WHERE state = 'OPEN';
