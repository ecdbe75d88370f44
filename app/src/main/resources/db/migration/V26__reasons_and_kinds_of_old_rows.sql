-- In a transaction of its own, so that rows are written meanwhile.
ALTER TABLE movement VALIDATE CONSTRAINT movement_reason_is_known;
ALTER TABLE stock_item VALIDATE CONSTRAINT stock_item_kind_is_known;
ALTER TABLE good VALIDATE CONSTRAINT good_precut_kind_is_known;
