package retazo.app.cutting;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.KitService;
import retazo.app.kits.KitWork;
import retazo.app.kits.KitWorks;
import retazo.app.patterns.LaidView;
import retazo.app.runs.Bag;
import retazo.app.runs.PlannedCut;
import retazo.app.runs.RunService;
import retazo.app.shared.LengthView;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Words;
import retazo.app.stock.Good;
import retazo.app.stock.GoodService;
import retazo.core.cloth.ShopPractice;
import retazo.core.cutting.ClothBatch;
import retazo.core.cutting.LeftOver;

/** Puts the sheet together by which the pieces of a cut are cut. */
@Service
@Transactional(readOnly = true)
class PieceSheetPages {

    private final RunService runs;
    private final KitService kits;
    private final KitWorks works;
    private final FabricService fabrics;
    private final GoodService goods;
    private final Words words;

    PieceSheetPages(RunService runs, KitService kits, KitWorks works, FabricService fabrics, GoodService goods, Words words) {
        this.runs = runs;
        this.kits = kits;
        this.works = works;
        this.fabrics = fabrics;
        this.goods = goods;
        this.words = words;
    }

    /**
     * The sheet.
     *
     * @param length of the cut
     * @param takes  what the pieces take of it
     * @param stacks how many stacks of how many layers, in words
     * @param isShort whether the practice has changed since, and the length is not enough by the plan of now
     * @param alike  fabrics that are cut by the same list, in words; empty for none
     */
    record Pieces(
            long runId, long boltId, String kit, String bags, Fabric fabric, LengthView length, LengthView takes, String stacks, String alike, boolean isShort, LaidView laid) {
    }

    /** The left-overs that the bag of a cut took when it was confirmed, by fabric; several bags together take none. */
    private Map<Long, List<LeftOver>> taken(PlannedCut cut) {
        Map<Long, List<LeftOver>> taken = new HashMap<>();
        for (Bag.Pick pick : runs.bag(cut.targets().get(0).bagId()).picks()) {
            Good good = goods.good(pick.goodId());
            good.piece().ifPresent(piece -> taken.computeIfAbsent(piece.fabricId(), id -> new ArrayList<>()).add(good.leftOver(pick.count())));
        }
        return taken;
    }

    Pieces pieces(long cutId) {
        PlannedCut cut = runs.plannedCut(cutId);
        KitWork work = works.workTaking(kits.kit(cut.kitId()), taken(cut));
        Fabric fabric = fabrics.fabric(cut.fabricId());
        ShopPractice own = work.practice();
        ClothBatch batch = work.together(fabric.code(), cut.targets().size())
                .orElseThrow(() -> new NotFoundException("sheet for the pieces of cut", cutId));
        return new Pieces(
                cut.runId(), cut.boltId(), work.kit().name(), cut.bags(), fabric, LengthView.of(cut.length(), own.sellingUnit()),
                LengthView.inches(batch.together().value()), words.text("pieces.stacks", batch.strips(), batch.stacks(), batch.layers()),
                work.cutLike(fabric.code()).stream().map(Fabric::name).collect(Collectors.joining(", ")),
                batch.together().value().isLongerThan(cut.length()),
                LaidView.of(batch.laid(), batch.laid().request().usableWidth(), own, words));
    }
}
