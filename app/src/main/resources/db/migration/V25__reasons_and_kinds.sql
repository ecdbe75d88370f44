-- Reasons of movements and kinds of stock stand in tables of their own, so that one more is one more row, and no table of a million rows is
-- read while nobody may write to it. What is asked of such tables is asked of new rows first; the old ones are looked through afterwards.
CREATE TABLE movement_reason (code varchar(20) PRIMARY KEY);
INSERT INTO movement_reason (code) VALUES
    ('RECEIVED'), ('CUT_FOR_RUN'), ('SOLD_BY_LENGTH'), ('FLAW'), ('WASTE'), ('SPLIT'), ('CORRECTION'), ('REVERSAL'), ('PACKED'), ('KIT_SOLD'),
    ('KIT_RETURNED'), ('PICKED'), ('SOLD_BY_COUNT'), ('LEFT_OVER'), ('SHOP_CUT');
CREATE TABLE stock_kind (code varchar(8) PRIMARY KEY);
INSERT INTO stock_kind (code) VALUES ('BOLT'), ('KIT'), ('GOOD');
CREATE TABLE precut_kind (code varchar(20) PRIMARY KEY);
INSERT INTO precut_kind (code) VALUES ('STRIP_ROLL'), ('SQUARES_10'), ('SQUARES_5'), ('FAT_QUARTER'), ('FAT_EIGHTH'), ('OWN');
GRANT SELECT ON movement_reason, stock_kind, precut_kind TO ${appUser};

ALTER TABLE movement DROP CONSTRAINT movement_reason_check;
ALTER TABLE movement ADD CONSTRAINT movement_reason_is_known FOREIGN KEY (reason) REFERENCES movement_reason (code) NOT VALID;
ALTER TABLE stock_item DROP CONSTRAINT stock_item_kind_check;
ALTER TABLE stock_item ADD CONSTRAINT stock_item_kind_is_known FOREIGN KEY (kind) REFERENCES stock_kind (code) NOT VALID;
ALTER TABLE good DROP CONSTRAINT good_precut_kind_check;
ALTER TABLE good ADD CONSTRAINT good_precut_kind_is_known FOREIGN KEY (precut_kind) REFERENCES precut_kind (code) NOT VALID;

-- A constraint over several columns is called what it says.
ALTER TABLE bag RENAME CONSTRAINT bag_check TO bag_packed_is_whole;
ALTER TABLE good RENAME CONSTRAINT good_check TO good_sheet_lies_lengthwise;
ALTER TABLE good DROP CONSTRAINT good_check1;
ALTER TABLE kept_left_over RENAME CONSTRAINT kept_left_over_check TO kept_left_over_for_another_kit;
ALTER TABLE kit_run RENAME CONSTRAINT kit_run_check TO kit_run_confirmed_is_dated;
ALTER TABLE movement RENAME CONSTRAINT movement_check TO movement_is_of_one_measure;
ALTER TABLE movement RENAME CONSTRAINT movement_check1 TO movement_reversal_names_what;
ALTER TABLE practice RENAME CONSTRAINT practice_check TO practice_margin_is_one;
ALTER TABLE reservation RENAME CONSTRAINT reservation_check TO reservation_is_of_one_measure;
ALTER TABLE stock_item RENAME CONSTRAINT stock_item_check TO stock_item_bolt_is_whole;
ALTER TABLE stock_item RENAME CONSTRAINT stock_item_check1 TO stock_item_kit_is_counted;
ALTER TABLE stock_item RENAME CONSTRAINT stock_item_check2 TO stock_item_good_is_counted;
