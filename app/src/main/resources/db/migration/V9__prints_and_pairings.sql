-- The prints in a bundle, in the order in which they lie: dropped ones stay named, singles take their place.
CREATE TABLE good_print (
    good_id  bigint      NOT NULL REFERENCES good,
    position integer     NOT NULL CHECK (position BETWEEN 0 AND 199),
    name     varchar(60) NOT NULL CHECK (name <> ''),
    value    varchar(6)  NOT NULL CHECK (value IN ('LIGHT', 'MEDIUM', 'DARK')),
    pieces   integer     NOT NULL CHECK (pieces BETWEEN 1 AND 1000),
    part     varchar(7)  NOT NULL CHECK (part IN ('BUNDLE', 'DROPPED', 'SINGLE')),
    PRIMARY KEY (good_id, position)
);

-- Which prints one unit of a kit takes together.
CREATE TABLE kit_pairing (
    kit_id    bigint       NOT NULL REFERENCES kit,
    role_key  varchar(20)  NOT NULL,
    units     integer      NOT NULL CHECK (units BETWEEN 1 AND 500),
    places    varchar(100) NOT NULL CHECK (places <> ''),
    identical integer      NOT NULL CHECK (identical BETWEEN 1 AND 20),
    PRIMARY KEY (kit_id, role_key)
);

GRANT SELECT, INSERT, UPDATE, DELETE ON good_print TO ${appUser};
GRANT SELECT, INSERT, UPDATE ON kit_pairing TO ${appUser};
