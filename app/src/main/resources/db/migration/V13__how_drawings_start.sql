-- What a new unit and new edges of a drawing start with, and one more note for the papers.
ALTER TABLE practice ADD COLUMN half_squares varchar(20) NOT NULL DEFAULT 'TWO_AT_A_TIME'
    CHECK (half_squares IN ('TWO_AT_A_TIME', 'FOUR_AT_A_TIME', 'EIGHT_AT_A_TIME', 'TRIANGLES'));
ALTER TABLE practice ADD COLUMN halved_blocks varchar(20) NOT NULL DEFAULT 'THROUGH_CENTRE'
    CHECK (halved_blocks IN ('THROUGH_CENTRE', 'BEYOND_CENTRE'));
ALTER TABLE practice ADD COLUMN partial_seams varchar(10) NOT NULL DEFAULT 'UNSAID' CHECK (partial_seams IN ('UNSAID', 'SEAMS', 'ROWS'));
