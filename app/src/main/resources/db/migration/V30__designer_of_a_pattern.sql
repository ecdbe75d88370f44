-- Whose design a pattern is holds for all its versions, as it is known now.
ALTER TABLE pattern ADD COLUMN designer varchar(60) NOT NULL DEFAULT '';
UPDATE pattern p SET designer = coalesce(v.document ->> 'designer', '')
  FROM (SELECT DISTINCT ON (pattern_id) pattern_id, document FROM pattern_version ORDER BY pattern_id, number DESC) v
 WHERE v.pattern_id = p.id;

-- A kit that was thought to be of the shop's own pattern before its designer was named.
ALTER TABLE kit ADD COLUMN moved boolean NOT NULL DEFAULT false;
