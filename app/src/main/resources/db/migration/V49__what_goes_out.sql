-- What goes out to a device or a supplier: written with what it tells of, carried afterwards, once.
CREATE TABLE outgoing (
  key uuid PRIMARY KEY,
  kind varchar(8) NOT NULL CHECK (kind IN ('SALE', 'ORDER')),
  about bigint NOT NULL,
  body text NOT NULL,
  put_at timestamptz NOT NULL,
  next_at timestamptz NOT NULL,
  tries integer NOT NULL DEFAULT 0,
  trouble varchar(400) NOT NULL DEFAULT '',
  done_at timestamptz,
  answer varchar(400) NOT NULL DEFAULT '',
  UNIQUE (kind, about)
);
CREATE INDEX outgoing_waits ON outgoing (next_at) WHERE done_at IS NULL;
GRANT SELECT, INSERT, UPDATE ON outgoing TO ${appUser};

-- What the stand-ins of a till and of suppliers were told, as such devices keep it themselves.
CREATE TABLE standin_received (
  key uuid PRIMARY KEY,
  device varchar(12) NOT NULL,
  body text NOT NULL,
  times integer NOT NULL DEFAULT 1,
  at timestamptz NOT NULL
);
GRANT SELECT, INSERT, UPDATE ON standin_received TO ${appUser};

-- The tax on what is sold, and whether prices have it in them.
ALTER TABLE price_list
  ADD COLUMN tax_hundredths integer NOT NULL DEFAULT 0 CHECK (tax_hundredths BETWEEN 0 AND 9999),
  ADD COLUMN tax_included boolean NOT NULL DEFAULT true;

-- What it cost the shop, where that is known.
ALTER TABLE sale_line
  ADD COLUMN cost_minor bigint CHECK (cost_minor >= 0),
  ADD COLUMN cost_currency char(3) CHECK (cost_currency ~ '^[A-Z]{3}$'),
  ADD CONSTRAINT sale_line_cost_is_whole CHECK ((cost_minor IS NULL) = (cost_currency IS NULL));

-- A length that is put aside on a bolt for somebody; it is reserved there until it is fetched or let go.
CREATE TABLE length_aside (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  version integer NOT NULL DEFAULT 0,
  client_id uuid NOT NULL UNIQUE,
  stock_item_id bigint NOT NULL REFERENCES stock_item,
  length_ticks bigint NOT NULL CHECK (length_ticks > 0),
  name varchar(60) NOT NULL CHECK (name <> ''),
  until date,
  person_id bigint NOT NULL REFERENCES person,
  at timestamptz NOT NULL,
  ended_at timestamptz
);
CREATE INDEX length_aside_waits ON length_aside (until, id) WHERE ended_at IS NULL;
CREATE INDEX length_aside_of_bolt ON length_aside (stock_item_id);
GRANT SELECT, INSERT, UPDATE ON length_aside TO ${appUser};

-- Open counters hear of both.
CREATE TRIGGER length_aside_is_told AFTER INSERT OR UPDATE ON length_aside FOR EACH STATEMENT EXECUTE FUNCTION tell_changed();
CREATE TRIGGER outgoing_is_told AFTER UPDATE ON outgoing FOR EACH STATEMENT EXECUTE FUNCTION tell_changed();
