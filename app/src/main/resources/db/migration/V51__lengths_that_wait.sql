-- The lengths of open bags that no bolt is promised to, by themselves or together with another.
CREATE VIEW bag_line_waiting AS
SELECT l.id AS bag_line_id, b.run_id, l.fabric_id, l.length_ticks
  FROM bag b JOIN bag_line l ON l.bag_id = b.id
 WHERE b.state = 'OPEN'
   AND NOT EXISTS (SELECT FROM bag_line later WHERE later.instead_of = l.id)
   AND NOT EXISTS (SELECT FROM planned_cut c WHERE c.bag_line_id = l.id AND c.state <> 'SUPERSEDED')
   AND NOT EXISTS (
       SELECT FROM planned_cut_with w JOIN planned_cut c ON c.id = w.planned_cut_id
        WHERE w.bag_line_id = l.id AND c.state <> 'SUPERSEDED');
GRANT SELECT ON bag_line_waiting TO ${appUser};
