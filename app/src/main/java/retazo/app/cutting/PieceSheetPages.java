package retazo.app.cutting;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.cloth.LaidView;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitWork;
import retazo.app.kits.KitWorks;
import retazo.app.kits.cloth.KitSheetsView;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.BagNumbers;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.LengthView;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Words;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.ShopPractice;
import retazo.core.cutting.ClothBatch;
import retazo.core.cutting.strip.LeftOver;
import retazo.core.kit.Need;
import retazo.core.kit.ShopCut;
import retazo.core.measure.Length;

/** Puts the sheet together by which the pieces of a cut are cut. */
@Service
@Transactional(readOnly = true)
class PieceSheetPages {

    private final RunBook runs;
    private final KitBook kits;
    private final KitWorks works;
    private final FabricService fabrics;
    private final GoodService goods;
    private final Words words;

    PieceSheetPages(RunBook runs, KitBook kits, KitWorks works, FabricService fabrics, GoodService goods, Words words) {
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
     * @param of     whose pieces they are
     * @param length of the cut
     * @param isShort whether the practice has changed since, and the length is not enough by the plan of now
     * @param laid   pieces cut from the whole cloth; empty where the cloth is cut into quarters
     * @param sheets the drawing of quarters; empty for whole cloth
     */
    record Pieces(Of of, LengthView length, boolean isShort, Optional<Laid> laid, Optional<KitSheetsView> sheets) {
    }

    /** Whose pieces are cut. */
    record Of(long runId, long boltId, String kit, BagNumbers bags, Fabric fabric) {
    }

    /**
     * Pieces on the whole cloth.
     *
     * @param takes  what the pieces take of it
     * @param stacks how many stacks of how many layers, in words
     * @param alike  what goes into the same stacks, in words; empty for nothing
     */
    record Laid(LengthView takes, String stacks, String alike, LaidView view) {
    }

    /** The left-overs that the bag of a cut took when it was confirmed, by fabric; several bags together take none. */
    private Map<Long, List<LeftOver>> taken(PlannedCut cut) {
        Map<Long, List<LeftOver>> taken = new HashMap<>();
        for (Bag.Pick pick : runs.bag(cut.targets().get(0).bagId()).picks()) {
            Good good = goods.good(pick.goodId());
            good.piece()
                    .ifPresent(piece -> taken.computeIfAbsent(piece.fabricId(), id -> new ArrayList<>()).add(good.leftOver(pick.count())));
        }
        return taken;
    }

    Pieces pieces(long cutId) {
        PlannedCut cut = runs.plannedCut(cutId);
        Fabric fabric = fabrics.fabric(cut.fabricId());
        Set<Long> picked = runs.bag(cut.targets().get(0).bagId()).picks().stream().map(Bag.Pick::goodId).collect(Collectors.toSet());
        KitWork work = works.workTaking(kits.kit(cut.kitId()).asConfirmed(fabric, cut.into().map(ShopCut::kind), picked), taken(cut));
        ShopPractice own = work.practice();
        Of of = new Of(cut.runId(), cut.boltId(), work.kit().name(), cut.bags(), fabric);
        LengthView length = LengthView.of(cut.length(), own.sellingUnit());
        Optional<ClothBatch> batch = work.together(fabric.code(), cut.targets().size());
        if (batch.isPresent()) {
            Length takes = batch.get().together().value();
            Laid laid = new Laid(
                    LengthView.cut(takes),
                    words.text("pieces.stacks", batch.get().strips(), batch.get().stacks(1), batch.get().layers()),
                    alike(cut, work, fabric, batch.get()),
                    LaidView.of(batch.get().laid(), batch.get().laid().request().usableWidth(), own, words));
            return new Pieces(of, length, takes.isLongerThan(cut.length()), Optional.of(laid), Optional.empty());
        }
        Supplier<NotFoundException> none = () -> new NotFoundException("sheet for the pieces of cut", cutId);
        Need need = work.need(fabric.code()).filter(found -> work.kit().isCutByTheShop()).orElseThrow(none);
        KitSheetsView sheets = KitSheetsView.of(need, own.sellingUnit(), words).orElseThrow(none);
        return new Pieces(of, length, need.exact().orElseThrow().value().isLongerThan(cut.length()), Optional.empty(), Optional.of(sheets));
    }

    /** The cuts of the same bags from other fabrics by the same list: their strips go into the same stacks. */
    private String alike(PlannedCut cut, KitWork work, Fabric fabric, ClothBatch batch) {
        Set<Long> planned = runs.currentCuts(Set.of(cut.runId())).stream()
                .filter(other -> other.kitId() == cut.kitId() && other.bags().equals(cut.bags())).map(PlannedCut::fabricId)
                .collect(Collectors.toSet());
        List<Fabric> alike = work.cutLike(fabric.code()).stream().filter(other -> planned.contains(other.id())).toList();
        int cloths = alike.size() + 1;
        return alike.isEmpty()
                ? ""
                : words.text(
                        "pieces.alike", alike.stream().map(Fabric::name).collect(Collectors.joining(", ")), batch.strips() * cloths,
                        batch.stacks(cloths),
                        batch.stacks(1) * cloths);
    }
}
