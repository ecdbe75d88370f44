-- Photographs of cloth, where the cloth lies in them, and the piece of it that drawings repeat.
CREATE TABLE swatch (
  fabric_id    bigint PRIMARY KEY REFERENCES fabric (id) ON DELETE CASCADE,
  version      integer NOT NULL,
  photo        bytea NOT NULL CHECK (octet_length(photo) BETWEEN 1 AND 4000000),
  photo_width  integer NOT NULL CHECK (photo_width > 0),
  photo_height integer NOT NULL CHECK (photo_height > 0),
  from_x       integer,
  from_y       integer,
  to_x         integer,
  to_y         integer,
  apart_ticks  bigint CHECK (apart_ticks > 0),
  lies         varchar(6) CHECK (lies IN ('ACROSS', 'ALONG')),
  corner_x     integer,
  corner_y     integer,
  width_ticks  bigint CHECK (width_ticks > 0),
  height_ticks bigint CHECK (height_ticks > 0),
  white_x      integer,
  white_y      integer,
  tile         bytea CHECK (octet_length(tile) BETWEEN 1 AND 200000),
  small_tile   bytea CHECK (octet_length(small_tile) BETWEEN 1 AND 40000),
  put_at       timestamptz NOT NULL,
  put_by       bigint NOT NULL REFERENCES person (id),
  CONSTRAINT swatch_is_laid_whole CHECK (
    num_nonnulls(from_x, from_y, to_x, to_y, apart_ticks, lies, corner_x, corner_y, width_ticks, height_ticks) IN (0, 10)),
  CONSTRAINT swatch_white_is_whole CHECK (num_nonnulls(white_x, white_y) IN (0, 2)),
  CONSTRAINT swatch_tile_is_whole CHECK (num_nonnulls(tile, small_tile) IN (0, 2))
);
GRANT SELECT, INSERT, UPDATE, DELETE ON swatch TO ${appUser};

ALTER TABLE fabric ADD COLUMN tile_mark char(32);
ALTER TABLE fabric ADD COLUMN tile_width_ticks bigint;
ALTER TABLE fabric ADD COLUMN tile_height_ticks bigint;
ALTER TABLE fabric ADD CONSTRAINT fabric_tile_is_whole CHECK (num_nonnulls(tile_mark, tile_width_ticks, tile_height_ticks) IN (0, 3)) NOT VALID;
ALTER TABLE fabric ADD CONSTRAINT fabric_tile_has_a_size CHECK (tile_width_ticks > 0 AND tile_height_ticks > 0) NOT VALID;
ALTER TABLE fabric VALIDATE CONSTRAINT fabric_tile_is_whole;
ALTER TABLE fabric VALIDATE CONSTRAINT fabric_tile_has_a_size;
