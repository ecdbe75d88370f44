package retazo.app.packing;

import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.packets.PacketBook;
import retazo.app.runs.packets.PieceJobs;

/** Reads what goes into bags. */
@Component
class BagContentsBook {

    private final RunBook runs;
    private final PacketBook packets;
    private final PieceJobs jobs;

    BagContentsBook(RunBook runs, PacketBook packets, PieceJobs jobs) {
        this.runs = runs;
        this.packets = packets;
        this.jobs = jobs;
    }

    /** The id of the run of a bag. */
    @Transactional(readOnly = true)
    public long runOf(long bagId) {
        return runs.bag(bagId).runId();
    }

    BagContents of(long bagId) {
        Bag bag = runs.bag(bagId);
        return new BagContents(bag, packets.of(bagId), jobs.done(Set.of(bag.runId())));
    }
}
