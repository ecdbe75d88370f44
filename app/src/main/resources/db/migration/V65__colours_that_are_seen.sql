-- The colours that are seen in a colourway, in the words of its fabrics.
ALTER TABLE colourway ADD seen text NOT NULL DEFAULT '';
CREATE FUNCTION colours_seen(wanted bigint) RETURNS text LANGUAGE sql STABLE SET search_path FROM CURRENT AS $$
    SELECT coalesce(string_agg(DISTINCT f.seen_as, ' '), '') FROM colourway_choice c JOIN fabric f ON f.id = c.fabric_id
     WHERE c.colourway_id = wanted
$$;
UPDATE colourway SET seen = colours_seen(id);
CREATE FUNCTION see_colourway() RETURNS trigger LANGUAGE plpgsql SECURITY DEFINER SET search_path FROM CURRENT AS $$
BEGIN
    IF TG_OP = 'DELETE' THEN
        UPDATE colourway SET seen = colours_seen(id) WHERE id = OLD.colourway_id;
    ELSE
        UPDATE colourway SET seen = colours_seen(id) WHERE id = NEW.colourway_id;
    END IF;
    RETURN NULL;
END $$;
CREATE TRIGGER colourway_choice_is_seen AFTER INSERT OR UPDATE OR DELETE ON colourway_choice
    FOR EACH ROW EXECUTE FUNCTION see_colourway();
CREATE FUNCTION see_fabric() RETURNS trigger LANGUAGE plpgsql SECURITY DEFINER SET search_path FROM CURRENT AS $$
BEGIN
    UPDATE colourway SET seen = colours_seen(id) WHERE id IN (SELECT colourway_id FROM colourway_choice WHERE fabric_id = NEW.id);
    RETURN NULL;
END $$;
CREATE TRIGGER fabric_is_seen AFTER UPDATE OF seen_as ON fabric
    FOR EACH ROW WHEN (NEW.seen_as <> OLD.seen_as) EXECUTE FUNCTION see_fabric();
CREATE OR REPLACE VIEW kit_title AS
  SELECT k.id, p.id AS pattern_id, k.colourway_id, p.name AS pattern, k.size_name, c.name AS colourway, k.size_position,
         lower(p.name || ', ' || k.size_name || ', ' || c.name) AS searched, c.stands_in_for IS NOT NULL AS stands_in,
         k.ended_at IS NOT NULL AS ended, c.seen
    FROM kit k JOIN colourway c ON c.id = k.colourway_id JOIN pattern p ON p.id = c.pattern_id;
