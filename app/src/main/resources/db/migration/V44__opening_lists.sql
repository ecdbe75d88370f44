-- Where a fabric comes from, in words of the shop; empty where nobody wrote it down.
ALTER TABLE fabric
  ADD COLUMN range_name varchar(60) NOT NULL DEFAULT '',
  ADD COLUMN supplier varchar(60) NOT NULL DEFAULT '';
CREATE INDEX fabric_range ON fabric (lower(range_name)) WHERE range_name <> '';
CREATE INDEX fabric_supplier ON fabric (lower(supplier)) WHERE supplier <> '';

-- A list of many things that come into the book at once: read from a file or typed, checked, then booked whole or not at all.
CREATE TABLE opening_list (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  version integer NOT NULL DEFAULT 0,
  kind varchar(12) NOT NULL CHECK (kind IN ('FABRICS', 'BOLTS', 'GOODS', 'PEOPLE')),
  name varchar(120) NOT NULL CHECK (name <> ''),
  person_id bigint NOT NULL REFERENCES person,
  begun_at timestamptz NOT NULL,
  state varchar(12) NOT NULL CHECK (state IN ('CHECKING', 'CHECKED', 'BOOKING', 'BOOKED', 'TAKING_BACK', 'TAKEN_BACK')),
  entry_id uuid NOT NULL UNIQUE,
  unread varchar(400) NOT NULL DEFAULT '',
  sum varchar(400) NOT NULL DEFAULT '',
  told varchar(400) NOT NULL DEFAULT '',
  booked_by bigint REFERENCES person,
  booked_at timestamptz,
  taken_back_by bigint REFERENCES person
);
CREATE INDEX opening_list_works ON opening_list (id) WHERE state IN ('CHECKING', 'BOOKING', 'TAKING_BACK');

CREATE TABLE opening_row (
  list_id bigint NOT NULL REFERENCES opening_list,
  line integer NOT NULL CHECK (line > 0),
  cells jsonb NOT NULL,
  PRIMARY KEY (list_id, line)
);

CREATE TABLE opening_fault (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  list_id bigint NOT NULL REFERENCES opening_list,
  line integer NOT NULL CHECK (line > 0),
  place varchar(30) NOT NULL,
  sentence varchar(400) NOT NULL
);
CREATE INDEX opening_fault_of_list ON opening_fault (list_id, line, id);

GRANT SELECT, INSERT, UPDATE, DELETE ON opening_list, opening_row, opening_fault TO ${appUser};
-- The number of a bolt that never came is free again.
GRANT UPDATE (code) ON stock_item TO ${appUser};
-- A fabric that nothing uses may go again with the list that brought it.
GRANT DELETE ON fabric TO ${appUser};

-- What is on hand follows the book as before, but for all lines of a statement at once: a list books thousands.
DROP TRIGGER movement_is_booked ON movement;
CREATE OR REPLACE FUNCTION book_movement() RETURNS trigger LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS $$
BEGIN
  UPDATE stock_item i
     SET on_hand_ticks = i.on_hand_ticks + b.ticks, on_hand_count = i.on_hand_count + b.count
    FROM (SELECT stock_item_id, sum(amount_ticks)::bigint AS ticks, sum(amount_count)::bigint AS count FROM booked GROUP BY stock_item_id) b
   WHERE i.id = b.stock_item_id;
  RETURN NULL;
END $$;
CREATE TRIGGER movement_is_booked AFTER INSERT ON movement
  REFERENCING NEW TABLE AS booked FOR EACH STATEMENT EXECUTE FUNCTION book_movement();
