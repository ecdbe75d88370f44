-- A stocktake: what was counted where, by whom, and what the book said at that moment. Booked whole, as corrections.
CREATE TABLE stocktake (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  version integer NOT NULL DEFAULT 0,
  blind boolean NOT NULL,
  goods boolean NOT NULL,
  person_id bigint NOT NULL REFERENCES person,
  begun_at timestamptz NOT NULL,
  state varchar(8) NOT NULL CHECK (state IN ('OPEN', 'BOOKED', 'ENDED')),
  entry_id uuid NOT NULL UNIQUE,
  ended_by bigint REFERENCES person,
  ended_at timestamptz,
  CONSTRAINT stocktake_end_is_whole CHECK ((state = 'OPEN') = (ended_at IS NULL) AND (ended_at IS NULL) = (ended_by IS NULL))
);
CREATE TABLE stocktake_place (
  stocktake_id bigint NOT NULL REFERENCES stocktake,
  place varchar(40) NOT NULL,
  PRIMARY KEY (stocktake_id, place)
);
CREATE TABLE count_line (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  version integer NOT NULL DEFAULT 0,
  stocktake_id bigint NOT NULL REFERENCES stocktake,
  stock_item_id bigint NOT NULL REFERENCES stock_item,
  place varchar(40) NOT NULL,
  book_place varchar(40) NOT NULL,
  counted_ticks bigint NOT NULL CHECK (counted_ticks >= 0),
  counted_count bigint NOT NULL CHECK (counted_count >= 0),
  book_ticks bigint NOT NULL CHECK (book_ticks >= 0),
  book_count bigint NOT NULL CHECK (book_count >= 0),
  person_id bigint NOT NULL REFERENCES person,
  at timestamptz NOT NULL,
  UNIQUE (stocktake_id, stock_item_id)
);
CREATE INDEX count_line_item ON count_line (stock_item_id);
GRANT SELECT, INSERT, UPDATE ON stocktake TO ${appUser};
GRANT SELECT, INSERT ON stocktake_place TO ${appUser};
GRANT SELECT, INSERT, UPDATE, DELETE ON count_line TO ${appUser};
CREATE TRIGGER count_line_is_told AFTER INSERT OR UPDATE OR DELETE ON count_line FOR EACH STATEMENT EXECUTE FUNCTION tell_changed();
