-- How the long strips of one kit lie, where it does not follow the shop.
ALTER TABLE kit ADD COLUMN long_strips varchar(10) CHECK (long_strips IN ('SHORTER', 'ACROSS', 'ALONG'));
