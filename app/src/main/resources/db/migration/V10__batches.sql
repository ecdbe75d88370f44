-- A cut may serve several bags of one kit, whose pieces the shop cuts from it together.
CREATE TABLE planned_cut_with (
    planned_cut_id bigint NOT NULL REFERENCES planned_cut,
    bag_line_id    bigint NOT NULL REFERENCES bag_line,
    PRIMARY KEY (planned_cut_id, bag_line_id)
);
CREATE INDEX planned_cut_with_line ON planned_cut_with (bag_line_id);
GRANT SELECT, INSERT ON planned_cut_with TO ${appUser};
