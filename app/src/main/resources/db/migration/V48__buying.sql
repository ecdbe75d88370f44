-- Whom the shop buys cloth from, and how.
CREATE TABLE supplier (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  version integer NOT NULL DEFAULT 0,
  name varchar(60) NOT NULL CHECK (name <> ''),
  lead_days integer NOT NULL CHECK (lead_days BETWEEN 1 AND 365),
  cycle_weeks integer NOT NULL CHECK (cycle_weeks BETWEEN 1 AND 26),
  bolt_ticks bigint NOT NULL CHECK (bolt_ticks > 0),
  account varchar(60) NOT NULL DEFAULT '',
  address varchar(200) NOT NULL DEFAULT ''
);
CREATE UNIQUE INDEX supplier_name ON supplier (lower(name));

-- What the buyer keeps of a fabric: the length below which it is ordered, how long its bolts come, until when it can be ordered at all.
CREATE TABLE fabric_buying (
  fabric_id bigint PRIMARY KEY REFERENCES fabric ON DELETE CASCADE,
  version integer NOT NULL DEFAULT 0,
  point_ticks bigint CHECK (point_ticks >= 0),
  bolt_ticks bigint CHECK (bolt_ticks > 0),
  last_orders date
);
CREATE INDEX fabric_buying_leaves ON fabric_buying (last_orders, fabric_id) WHERE last_orders IS NOT NULL;

-- An order of cloth to a supplier. While it is written its lines change; once it is sent they stay, and what is not wanted is cancelled.
CREATE TABLE purchase (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  version integer NOT NULL DEFAULT 0,
  supplier_id bigint NOT NULL REFERENCES supplier,
  state varchar(8) NOT NULL CHECK (state IN ('WRITTEN', 'SENT', 'ENDED', 'DROPPED')),
  person_id bigint NOT NULL REFERENCES person,
  begun_at timestamptz NOT NULL,
  sent_by bigint REFERENCES person,
  sent_at timestamptz,
  expected date,
  note varchar(200) NOT NULL DEFAULT '',
  CONSTRAINT purchase_sent_is_whole CHECK ((sent_at IS NULL) = (sent_by IS NULL) AND (state IN ('SENT', 'ENDED')) = (sent_at IS NOT NULL))
);
CREATE UNIQUE INDEX purchase_written ON purchase (supplier_id) WHERE state = 'WRITTEN';
CREATE INDEX purchase_sent ON purchase (id) WHERE state = 'SENT';

CREATE TABLE purchase_line (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  version integer NOT NULL DEFAULT 0,
  purchase_id bigint NOT NULL REFERENCES purchase,
  fabric_id bigint NOT NULL REFERENCES fabric,
  bolts integer NOT NULL CHECK (bolts BETWEEN 1 AND 500),
  bolt_ticks bigint NOT NULL CHECK (bolt_ticks > 0),
  cost_minor bigint CHECK (cost_minor >= 0),
  cost_currency char(3) CHECK (cost_currency ~ '^[A-Z]{3}$'),
  cost_unit varchar(10),
  reason varchar(400) NOT NULL DEFAULT '',
  cancelled boolean NOT NULL DEFAULT false,
  UNIQUE (purchase_id, fabric_id),
  CONSTRAINT purchase_line_cost_is_whole CHECK (num_nonnulls(cost_minor, cost_currency, cost_unit) IN (0, 3))
);
CREATE INDEX purchase_line_fabric ON purchase_line (fabric_id);

-- What came of a line: a bolt that is in stock under its entry, or one that was damaged and went back.
CREATE TABLE delivery_bolt (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  purchase_line_id bigint NOT NULL REFERENCES purchase_line,
  entry_id uuid NOT NULL,
  stock_item_id bigint UNIQUE REFERENCES stock_item,
  length_ticks bigint NOT NULL CHECK (length_ticks > 0),
  lot varchar(30) NOT NULL,
  note varchar(200) NOT NULL DEFAULT '',
  person_id bigint NOT NULL REFERENCES person,
  at timestamptz NOT NULL
);
CREATE INDEX delivery_bolt_of_line ON delivery_bolt (purchase_line_id, id);
CREATE INDEX delivery_bolt_of_entry ON delivery_bolt (entry_id);
CREATE TRIGGER delivery_bolt_is_append_only BEFORE UPDATE OR DELETE ON delivery_bolt FOR EACH ROW EXECUTE FUNCTION refuse_change();

-- What came of a line and stands in the book: a receipt that was taken back did not come.
CREATE VIEW delivery_came AS
SELECT d.*, d.stock_item_id IS NOT NULL AND NOT EXISTS (
         SELECT FROM movement m JOIN movement r ON r.reverses_id = m.id
          WHERE m.stock_item_id = d.stock_item_id AND m.reason = 'RECEIVED') AS stands
  FROM delivery_bolt d;

-- A person who buys.
ALTER TABLE person_job DROP CONSTRAINT person_job_job_check;
ALTER TABLE person_job ADD CONSTRAINT person_job_job_check CHECK (job IN ('OWNER', 'DESIGNER', 'CUTTER', 'PACKER', 'COUNTER', 'BUYER'));

GRANT SELECT, INSERT, UPDATE ON supplier, purchase TO ${appUser};
GRANT SELECT, INSERT, UPDATE, DELETE ON fabric_buying, purchase_line TO ${appUser};
GRANT SELECT, INSERT ON delivery_bolt TO ${appUser};
GRANT SELECT ON delivery_came TO ${appUser};
