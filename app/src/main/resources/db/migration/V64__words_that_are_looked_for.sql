-- What is looked for in bolts and fabrics, in small letters: written once when it changes, instead of at each search.
ALTER TABLE fabric ADD searched text
    GENERATED ALWAYS AS (lower(code || ' ' || name || ' ' || seen_as || ' ' || range_name)) STORED;
ALTER TABLE stock_item ADD searched text
    GENERATED ALWAYS AS (lower(code || coalesce(' ' || lot, '') || coalesce(' ' || place, ''))) STORED;
