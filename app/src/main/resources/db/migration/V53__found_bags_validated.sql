ALTER TABLE bag VALIDATE CONSTRAINT bag_found_was_not_packed_here;
ALTER TABLE kit_run VALIDATE CONSTRAINT kit_run_found_is_done;
ALTER TABLE opening_list VALIDATE CONSTRAINT opening_list_kind_check;
