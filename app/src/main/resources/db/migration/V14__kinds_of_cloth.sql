-- What a fabric is made as: thick cloth is stacked in fewer layers.
ALTER TABLE fabric ADD COLUMN kind varchar(20) NOT NULL DEFAULT 'COTTON' CHECK (kind IN ('COTTON', 'FLANNEL', 'BATIK', 'WIDE_BACKING'));
ALTER TABLE fabric ALTER COLUMN kind DROP DEFAULT;
