-- What the shop usually sells cloth and precuts for, and its currency.
CREATE TABLE price_list (
    id         smallint PRIMARY KEY CHECK (id = 1),
    version    integer     NOT NULL DEFAULT 0,
    currency   char(3)     NOT NULL CHECK (currency ~ '^[A-Z]{3}$'),
    cloth_unit varchar(12) NOT NULL CHECK (cloth_unit IN ('YARD', 'METRE'))
);
CREATE TABLE usual_price (
    price_list_id smallint    NOT NULL REFERENCES price_list,
    what          varchar(20) NOT NULL CHECK (what IN ('CLOTH', 'STRIP_ROLL', 'SQUARES_10', 'SQUARES_5', 'FAT_QUARTER', 'FAT_EIGHTH')),
    minor         bigint      NOT NULL CHECK (minor BETWEEN 0 AND 999999999999),
    PRIMARY KEY (price_list_id, what)
);
GRANT SELECT, INSERT, UPDATE ON price_list TO ${appUser};
GRANT SELECT, INSERT, UPDATE, DELETE ON usual_price TO ${appUser};

-- What one fabric or thing is sold for, and what it costs the shop.
ALTER TABLE fabric ADD COLUMN price_minor bigint CHECK (price_minor >= 0);
ALTER TABLE fabric ADD COLUMN cost_minor bigint CHECK (cost_minor >= 0);
ALTER TABLE fabric ADD COLUMN price_unit varchar(12) CHECK (price_unit IN ('YARD', 'METRE'));
ALTER TABLE fabric ADD COLUMN price_currency char(3) CHECK (price_currency ~ '^[A-Z]{3}$');
ALTER TABLE fabric ADD CONSTRAINT fabric_price_is_whole CHECK (
    (price_unit IS NULL) = (price_currency IS NULL) AND ((price_minor IS NULL AND cost_minor IS NULL) = (price_unit IS NULL)));
ALTER TABLE good ADD COLUMN price_minor bigint CHECK (price_minor >= 0);
ALTER TABLE good ADD COLUMN cost_minor bigint CHECK (cost_minor >= 0);
ALTER TABLE good ADD COLUMN price_currency char(3) CHECK (price_currency ~ '^[A-Z]{3}$');
ALTER TABLE good ADD CONSTRAINT good_price_is_whole CHECK ((price_minor IS NULL AND cost_minor IS NULL) = (price_currency IS NULL));

-- How borders and other long strips lie, where a pattern leaves it free.
ALTER TABLE practice ADD COLUMN long_strips varchar(10) NOT NULL DEFAULT 'SHORTER' CHECK (long_strips IN ('SHORTER', 'ACROSS', 'ALONG'));
