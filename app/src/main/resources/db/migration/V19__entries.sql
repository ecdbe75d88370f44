-- What was asked under the id that a form sends, so that the id stands for that and for nothing else: sent again it counts once, and
-- with another content it is refused.
CREATE TABLE entry (
    client_id uuid PRIMARY KEY,
    person_id bigint       NOT NULL REFERENCES person,
    asked     varchar(400) NOT NULL,
    result    bigint,
    at        timestamptz  NOT NULL
);
GRANT SELECT, INSERT, UPDATE, DELETE ON entry TO ${appUser};

-- Ids that are in the book already: nobody knows any more what was asked, so that nothing else may be booked under them.
INSERT INTO entry (client_id, person_id, asked, at)
SELECT DISTINCT ON (group_id) group_id, person_id, 'booked before entries were kept', at FROM movement ORDER BY group_id, id;
CREATE INDEX movement_group ON movement (group_id);
