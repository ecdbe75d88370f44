ALTER TABLE good VALIDATE CONSTRAINT good_print_value_check;
ALTER TABLE good VALIDATE CONSTRAINT good_kind_has_its_keys;
