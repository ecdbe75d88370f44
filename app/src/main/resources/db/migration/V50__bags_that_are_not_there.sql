-- A bag that the book has on the shelf and nobody finds there: gone like a sold one, and not sold.
ALTER TABLE bag
  ADD COLUMN missing boolean NOT NULL DEFAULT false,
  ADD CONSTRAINT bag_missing_is_gone CHECK (NOT missing OR sold_at IS NOT NULL);
