-- Which prints of a precut go together in one unit of a kit: parts as "role+role VALUE sheets, …", of which each is one print.
CREATE TABLE kit_print_rule (
    kit_id    bigint       NOT NULL REFERENCES kit,
    good_id   bigint       NOT NULL REFERENCES good,
    units     integer      NOT NULL CHECK (units BETWEEN 1 AND 500),
    different boolean      NOT NULL,
    parts     varchar(500) NOT NULL CHECK (parts <> ''),
    PRIMARY KEY (kit_id, good_id)
);
GRANT SELECT, INSERT, UPDATE, DELETE ON kit_print_rule TO ${appUser};

-- A rule belonged to a role; now it belongs to the precut, of which all roles take. Where several roles of one precut had rules, the first stays.
INSERT INTO kit_print_rule (kit_id, good_id, units, different, parts)
SELECT DISTINCT ON (pairing.kit_id, coalesce(own.good_id, choice.good_id))
       pairing.kit_id, coalesce(own.good_id, choice.good_id), pairing.units, true,
       (SELECT string_agg(pairing.role_key || ' ' || upper(place) || ' ' || pairing.identical, ', ' ORDER BY number)
        FROM unnest(string_to_array(pairing.places, ', ')) WITH ORDINALITY AS each (place, number))
FROM kit_pairing pairing
JOIN kit ON kit.id = pairing.kit_id
LEFT JOIN kit_precut own ON own.kit_id = pairing.kit_id AND own.role_key = pairing.role_key
LEFT JOIN colourway_choice choice ON choice.colourway_id = kit.colourway_id AND choice.role_key = pairing.role_key
WHERE coalesce(own.good_id, choice.good_id) IS NOT NULL
ORDER BY pairing.kit_id, coalesce(own.good_id, choice.good_id), pairing.role_key;
DROP TABLE kit_pairing;
