-- How strips are joined, and what the papers say where practitioners disagree and no figure changes.
ALTER TABLE practice ADD COLUMN border_join varchar(10) NOT NULL DEFAULT 'STRAIGHT' CHECK (border_join IN ('STRAIGHT', 'DIAGONAL'));
ALTER TABLE practice ADD COLUMN binding_join varchar(10) NOT NULL DEFAULT 'DIAGONAL' CHECK (binding_join IN ('STRAIGHT', 'DIAGONAL'));
ALTER TABLE practice ADD COLUMN pressing varchar(10) NOT NULL DEFAULT 'UNSAID' CHECK (pressing IN ('UNSAID', 'TO_DARK', 'OPEN', 'ALTERNATE'));
ALTER TABLE practice ADD COLUMN selvedges varchar(10) NOT NULL DEFAULT 'SUBCUT' CHECK (selvedges IN ('UNSAID', 'BEFORE', 'SUBCUT'));

-- Settings that a kit has of its own.
CREATE TABLE kit_override (
    kit_id       bigint      NOT NULL REFERENCES kit,
    measure      varchar(30) NOT NULL CHECK (measure IN ('SQUARING', 'SELLING_STEP')),
    length_ticks bigint      NOT NULL CHECK (length_ticks >= 0),
    PRIMARY KEY (kit_id, measure)
);
ALTER TABLE kit ADD COLUMN margin_hundredths integer CHECK (margin_hundredths BETWEEN 0 AND 10000);
ALTER TABLE kit ADD COLUMN margin_ticks bigint CHECK (margin_ticks > 0);
ALTER TABLE kit ADD CONSTRAINT kit_margin_is_one CHECK (num_nonnulls(margin_hundredths, margin_ticks) < 2);
GRANT SELECT, INSERT, UPDATE, DELETE ON kit_override TO ${appUser};
