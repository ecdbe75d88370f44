-- By how much bolts may be shorter than the book says, and which bags of a draft come first.
INSERT INTO practice_measure (practice_id, measure, length_ticks)
SELECT id, measure, 0 FROM practice CROSS JOIN (VALUES ('BOLT_TOLERANCE'), ('UNMEASURED_TOLERANCE')) AS new (measure);

ALTER TABLE run_line ADD COLUMN priority varchar(20) NOT NULL DEFAULT 'USUAL' CHECK (priority IN ('RUSH', 'USUAL', 'CAN_WAIT'));
GRANT UPDATE (priority) ON run_line TO ${appUser};

-- What was decided in a draft is kept with the name as well, as long as the draft is.
ALTER TABLE run_instead DROP CONSTRAINT run_instead_run_id_fkey;
ALTER TABLE run_instead ADD CONSTRAINT run_instead_run_id_fkey FOREIGN KEY (run_id) REFERENCES kit_run ON DELETE CASCADE;

-- A cut may lie further in: what is in front of it becomes a bolt of its own.
ALTER TABLE cut_record DROP CONSTRAINT cut_record_outcome_check;
ALTER TABLE cut_record ADD CONSTRAINT cut_record_outcome_check CHECK (outcome IN ('GOOD', 'SHORT', 'FLAW', 'ASIDE'));

-- Whether a bag is closed by somebody who did not pack it.
ALTER TABLE practice ADD COLUMN bag_closing varchar(16) NOT NULL DEFAULT 'ANYBODY' CHECK (bag_closing IN ('ANYBODY', 'SOMEBODY_ELSE'));
