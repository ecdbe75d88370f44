-- Pages that are open hear that something was booked, and look again. Equal words in one transaction are told once.
CREATE FUNCTION tell_changed() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
    PERFORM pg_notify('retazo_changed', '');
    RETURN NULL;
END $$;
DO $$
DECLARE
    name text;
BEGIN
    FOREACH name IN ARRAY ARRAY['movement', 'kit_run', 'run_line', 'run_drop', 'bag', 'bag_tick', 'planned_cut', 'cut_record', 'stack_record',
                                'pull_tick', 'run_change', 'replan'] LOOP
        EXECUTE format('CREATE TRIGGER %I AFTER INSERT OR UPDATE OR DELETE ON %I FOR EACH STATEMENT EXECUTE FUNCTION tell_changed()',
                       name || '_is_told', name);
    END LOOP;
END $$;
