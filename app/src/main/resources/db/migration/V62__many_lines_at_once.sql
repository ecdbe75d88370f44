-- Many bolts come in one statement: their places are noted once for it, and the line that says what is on hand finds room beside itself.
CREATE FUNCTION know_places() RETURNS trigger LANGUAGE plpgsql SECURITY DEFINER SET search_path FROM CURRENT AS $$
BEGIN
    INSERT INTO place (name) SELECT DISTINCT place FROM came WHERE place <> '' ORDER BY place ON CONFLICT (name) DO NOTHING;
    RETURN NULL;
END $$;
DROP TRIGGER stock_item_knows_its_place ON stock_item;
CREATE TRIGGER stock_item_knows_its_place AFTER UPDATE OF place ON stock_item
    FOR EACH ROW WHEN (NEW.place <> '') EXECUTE FUNCTION know_place();
CREATE TRIGGER stock_item_comes_to_its_place AFTER INSERT ON stock_item
    REFERENCING NEW TABLE AS came FOR EACH STATEMENT EXECUTE FUNCTION know_places();
ALTER TABLE stock_item SET (fillfactor = 50);
ALTER TABLE opening_row SET (fillfactor = 50);
