-- What a packet of pieces holds.
ALTER TABLE practice ADD COLUMN packets varchar(10) NOT NULL DEFAULT 'PIECE' CHECK (packets IN ('PIECE', 'BLOCK', 'PAIR'));

-- The packets of a bag whose pieces the shop cuts, frozen with its bill; so many of the same content.
CREATE TABLE bag_packet (
    id       bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    bag_id   bigint      NOT NULL REFERENCES bag,
    position integer     NOT NULL CHECK (position > 0),
    way      varchar(10) NOT NULL CHECK (way IN ('PIECE', 'BLOCK', 'PAIR')),
    name     varchar(120) NOT NULL,
    times    integer     NOT NULL CHECK (times > 0),
    CONSTRAINT bag_packet_place UNIQUE (bag_id, position)
);
CREATE TABLE bag_packet_piece (
    packet_id bigint       NOT NULL REFERENCES bag_packet,
    position  integer      NOT NULL,
    label     varchar(20)  NOT NULL,
    fabric_id bigint REFERENCES fabric,
    good_id   bigint REFERENCES good,
    what      varchar(200) NOT NULL CHECK (what <> ''),
    cut_size  varchar(200) NOT NULL,
    alike     text         NOT NULL,
    count     integer      NOT NULL CHECK (count > 0),
    PRIMARY KEY (packet_id, position),
    CONSTRAINT bag_packet_piece_of_one CHECK (num_nonnulls(fabric_id, good_id) = 1)
);
CREATE INDEX bag_packet_piece_fabric ON bag_packet_piece (fabric_id);
CREATE INDEX bag_packet_piece_good ON bag_packet_piece (good_id);
CREATE TRIGGER bag_packet_is_frozen BEFORE UPDATE OR DELETE ON bag_packet FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER bag_packet_piece_is_frozen BEFORE UPDATE OR DELETE ON bag_packet_piece FOR EACH ROW EXECUTE FUNCTION refuse_change();

-- A packet is ticked with the number that was counted; it is in the bag when that is what it holds.
ALTER TABLE bag_tick ADD COLUMN bag_packet_id bigint REFERENCES bag_packet;
ALTER TABLE bag_tick ADD COLUMN counted integer CHECK (counted > 0);
ALTER TABLE bag_tick DROP CONSTRAINT bag_tick_of_one;
ALTER TABLE bag_tick ADD CONSTRAINT bag_tick_of_one CHECK (num_nonnulls(bag_line_id, bag_pick_id, bag_packet_id) = 1);
ALTER TABLE bag_tick ADD CONSTRAINT bag_tick_counts_packets CHECK ((counted IS NULL) = (bag_packet_id IS NULL));
ALTER TABLE bag_tick ADD CONSTRAINT bag_tick_packet_once UNIQUE (bag_packet_id);

-- The pieces that are cut from one planned length, or from the packs of one precut for all bags of a kit.
CREATE TABLE piece_job (
    id             bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    run_id         bigint NOT NULL REFERENCES kit_run,
    planned_cut_id bigint REFERENCES planned_cut,
    kit_id         bigint REFERENCES kit,
    good_id        bigint REFERENCES good,
    done_at        timestamptz,
    done_by        bigint REFERENCES person,
    cut_again_ticks bigint NOT NULL DEFAULT 0 CHECK (cut_again_ticks >= 0),
    CONSTRAINT piece_job_of_one CHECK (
        (planned_cut_id IS NULL) = (good_id IS NOT NULL) AND (good_id IS NULL) = (kit_id IS NULL)),
    CONSTRAINT piece_job_done_is_whole CHECK ((done_at IS NULL) = (done_by IS NULL)),
    CONSTRAINT piece_job_cut_once UNIQUE (planned_cut_id),
    CONSTRAINT piece_job_good_once UNIQUE (run_id, kit_id, good_id)
);
CREATE INDEX piece_job_kit ON piece_job (kit_id);
CREATE INDEX piece_job_good ON piece_job (good_id);

-- A stack that was cut: how many strips or sheets came out well, and how many were spoilt.
CREATE TABLE stack_record (
    id        bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    job_id    bigint      NOT NULL REFERENCES piece_job,
    step      varchar(36) NOT NULL,
    good      integer     NOT NULL CHECK (good >= 0),
    spoilt    integer     NOT NULL CHECK (spoilt >= 0),
    person_id bigint      NOT NULL REFERENCES person,
    at        timestamptz NOT NULL,
    undone    boolean     NOT NULL DEFAULT false,
    CONSTRAINT stack_record_of_something CHECK (good + spoilt > 0)
);
CREATE INDEX stack_record_job ON stack_record (job_id);

-- Whether pieces of a bag are still to be cut; kept with the bag, since every page counts by it.
ALTER TABLE bag ADD COLUMN pieces_left boolean NOT NULL DEFAULT false;
CREATE OR REPLACE VIEW bag_progress AS
SELECT b.id AS bag_id, b.run_id, b.state,
       count(l.id) AS lines, count(c.state) AS planned, count(c.state) FILTER (WHERE c.state = 'CUT') AS cut, b.pieces_left
  FROM bag b
  LEFT JOIN bag_line l ON l.bag_id = b.id
  LEFT JOIN LATERAL (
       SELECT state FROM planned_cut WHERE bag_line_id = l.id AND state <> 'SUPERSEDED'
       UNION ALL
       SELECT served.state
         FROM planned_cut_with w JOIN planned_cut served ON served.id = w.planned_cut_id
        WHERE w.bag_line_id = l.id AND served.state <> 'SUPERSEDED'
       LIMIT 1) c ON true
 GROUP BY b.id, b.run_id, b.state, b.pieces_left;

GRANT SELECT, INSERT ON bag_packet, bag_packet_piece, piece_job, stack_record TO ${appUser};
GRANT UPDATE (done_at, done_by, cut_again_ticks) ON piece_job TO ${appUser};
GRANT UPDATE (undone) ON stack_record TO ${appUser};
