-- A place gets another name, or two are put together; what stands there follows. Its number, which is on its label, stays.
GRANT UPDATE (name), DELETE ON place TO ${appUser};
ALTER TABLE bolt_change DROP CONSTRAINT bolt_change_entry_id_key;
ALTER TABLE bolt_change ADD CONSTRAINT bolt_change_is_once UNIQUE (entry_id, stock_item_id);
