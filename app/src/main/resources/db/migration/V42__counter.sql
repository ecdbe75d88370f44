-- What one customer takes, line by line as it was booked; who sells has one open sale.
CREATE TABLE sale (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  version integer NOT NULL DEFAULT 0,
  person_id bigint NOT NULL REFERENCES person,
  begun_at timestamptz NOT NULL,
  done_at timestamptz
);
CREATE UNIQUE INDEX sale_open ON sale (person_id) WHERE done_at IS NULL;

CREATE TABLE sale_line (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  version integer NOT NULL DEFAULT 0,
  sale_id bigint NOT NULL REFERENCES sale,
  entry_id uuid NOT NULL UNIQUE,
  stock_item_id bigint NOT NULL REFERENCES stock_item,
  bag_id bigint REFERENCES bag,
  length_ticks bigint CHECK (length_ticks > 0),
  count bigint CHECK (count > 0),
  price_minor bigint CHECK (price_minor >= 0),
  price_currency char(3) CHECK (price_currency ~ '^[A-Z]{3}$'),
  at timestamptz NOT NULL,
  taken_back_at timestamptz,
  CONSTRAINT sale_line_is_one_thing CHECK (num_nonnulls(bag_id, length_ticks, count) = 1),
  CONSTRAINT sale_line_price_is_whole CHECK ((price_minor IS NULL) = (price_currency IS NULL))
);
CREATE INDEX sale_line_of_sale ON sale_line (sale_id, id);
CREATE INDEX sale_line_by_time ON sale_line (at DESC, id DESC);

-- A bag put aside on the shelf for somebody.
ALTER TABLE bag
  ADD COLUMN aside_for varchar(60),
  ADD COLUMN aside_until date,
  ADD COLUMN aside_by bigint REFERENCES person,
  ADD CONSTRAINT bag_aside_is_whole CHECK ((aside_for IS NULL) = (aside_by IS NULL) AND (aside_until IS NULL OR aside_for IS NOT NULL)),
  ADD CONSTRAINT bag_aside_is_on_the_shelf CHECK (aside_for IS NULL OR (state = 'PACKED' AND sold_at IS NULL));
CREATE INDEX bag_aside ON bag (aside_until, id) WHERE aside_for IS NOT NULL;

-- A kit that somebody asked for at the counter.
CREATE TABLE wish (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  version integer NOT NULL DEFAULT 0,
  client_id uuid NOT NULL UNIQUE,
  kit_id bigint NOT NULL REFERENCES kit,
  bags integer NOT NULL CHECK (bags > 0),
  name varchar(60) NOT NULL,
  person_id bigint NOT NULL REFERENCES person,
  at timestamptz NOT NULL,
  ended_at timestamptz,
  ended_by bigint REFERENCES person,
  CONSTRAINT wish_end_is_whole CHECK ((ended_at IS NULL) = (ended_by IS NULL))
);
CREATE INDEX wish_open ON wish (kit_id) WHERE ended_at IS NULL;
CREATE INDEX wish_waits ON wish (id) WHERE ended_at IS NULL;

-- The words by which somebody asks for the colour of a fabric, as it is seen.
ALTER TABLE fabric ADD COLUMN seen_as varchar(200) NOT NULL DEFAULT '';

GRANT SELECT, INSERT, UPDATE ON sale, sale_line, wish TO ${appUser};
