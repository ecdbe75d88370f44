-- Runs whose cloth is gone are planned again one by one. Written with the movement that took it, so that none is forgotten.
CREATE TABLE replan (
    id     bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    run_id bigint      NOT NULL REFERENCES kit_run,
    since  timestamptz NOT NULL
);
CREATE INDEX replan_run ON replan (run_id, id);
GRANT SELECT, INSERT, DELETE ON replan TO ${appUser};
