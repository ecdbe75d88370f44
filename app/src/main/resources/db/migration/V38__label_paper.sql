-- On what labels are printed: sheets with so many to a page, or a roll whose labels have one size.
CREATE TABLE label_paper (
    id           integer PRIMARY KEY CHECK (id = 1),
    version      integer     NOT NULL DEFAULT 0,
    kind         varchar(10) NOT NULL CHECK (kind IN ('A4', 'LETTER', 'ROLL')),
    columns      integer     NOT NULL CHECK (columns BETWEEN 1 AND 6),
    rows         integer     NOT NULL CHECK (rows BETWEEN 1 AND 20),
    width_ticks  bigint      NOT NULL CHECK (width_ticks > 0),
    height_ticks bigint      NOT NULL CHECK (height_ticks > 0)
);
INSERT INTO label_paper (id, kind, columns, rows, width_ticks, height_ticks)
VALUES (1, 'LETTER', 2, 5, 3 * 609600, 2 * 609600);
GRANT SELECT, UPDATE ON label_paper TO ${appUser};
