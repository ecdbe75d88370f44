-- Nobody waits for it: what is there is looked at while others work.
ALTER TABLE kit VALIDATE CONSTRAINT kit_price_is_known;
