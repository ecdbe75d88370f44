-- The places of the shop, and in which order one walks past them; a place without a number comes after those that have one.
CREATE TABLE place (
    name varchar(40) PRIMARY KEY CHECK (name <> ''),
    walk integer UNIQUE DEFERRABLE INITIALLY DEFERRED CHECK (walk > 0)
);
INSERT INTO place (name) SELECT DISTINCT place FROM stock_item WHERE place <> '';
CREATE FUNCTION know_place() RETURNS trigger LANGUAGE plpgsql SECURITY DEFINER SET search_path FROM CURRENT AS $$
BEGIN
    INSERT INTO place (name) VALUES (NEW.place) ON CONFLICT (name) DO NOTHING;
    RETURN NULL;
END $$;
CREATE TRIGGER stock_item_knows_its_place AFTER INSERT OR UPDATE OF place ON stock_item
    FOR EACH ROW WHEN (NEW.place <> '') EXECUTE FUNCTION know_place();
GRANT SELECT ON place TO ${appUser};
GRANT UPDATE (walk) ON place TO ${appUser};

-- What was fetched from its place to the cutting table, and put back.
CREATE TABLE pull_tick (
    id            bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    stock_item_id bigint      NOT NULL REFERENCES stock_item,
    fetched_at    timestamptz NOT NULL,
    fetched_by    bigint      NOT NULL REFERENCES person,
    back_at       timestamptz,
    back_by       bigint REFERENCES person,
    CONSTRAINT pull_tick_is_whole CHECK ((back_at IS NULL) = (back_by IS NULL))
);
CREATE UNIQUE INDEX pull_tick_out ON pull_tick (stock_item_id) WHERE back_at IS NULL;
GRANT SELECT, INSERT ON pull_tick TO ${appUser};
GRANT UPDATE (back_at, back_by) ON pull_tick TO ${appUser};
