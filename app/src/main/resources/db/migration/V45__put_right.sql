-- What was put right of a bolt beside its length: who, when, what it was and why.
CREATE TABLE bolt_change (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  stock_item_id bigint NOT NULL REFERENCES stock_item,
  entry_id uuid NOT NULL UNIQUE,
  was varchar(200) NOT NULL,
  now varchar(200) NOT NULL,
  why varchar(200) NOT NULL DEFAULT '',
  person_id bigint NOT NULL REFERENCES person,
  at timestamptz NOT NULL
);
CREATE INDEX bolt_change_of_item ON bolt_change (stock_item_id, id);
CREATE TRIGGER bolt_change_is_append_only BEFORE UPDATE OR DELETE ON bolt_change FOR EACH ROW EXECUTE FUNCTION refuse_change();
GRANT SELECT, INSERT ON bolt_change TO ${appUser};

-- The book of the whole shop is asked by day, by person and by reason, newest first.
CREATE INDEX movement_by_person ON movement (person_id, id);
CREATE INDEX movement_by_reason ON movement (reason, id);
CREATE INDEX movement_by_time ON movement (at, id);
