package retazo.app.cutting.stacks;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import retazo.app.cloth.LaidView;
import retazo.app.cloth.PartNames;
import retazo.app.cloth.ShapeWords;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitWork;
import retazo.app.kits.KitWorks;
import retazo.app.kits.cloth.KitSheetsView;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.BagNumbers;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.packets.PacketBook;
import retazo.app.runs.packets.PieceSource;
import retazo.app.shared.LengthView;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.ClothKind;
import retazo.core.cutting.ClothBatch;
import retazo.core.cutting.strip.LeftOver;
import retazo.core.kit.Instructions;
import retazo.core.kit.Need;
import retazo.core.kit.ShopCut;
import retazo.core.measure.Length;
import retazo.core.packet.ShopPiece;
import retazo.core.packet.StackStep;

/** Works out how the pieces of a source are cut, by the plan that its bags were confirmed with. */
@Component
class PieceWorks {

    private final RunBook runs;
    private final PacketBook packets;
    private final KitBook kits;
    private final KitWorks works;
    private final StockService stock;
    private final GoodService goods;
    private final Words words;

    PieceWorks(
            RunBook runs, PacketBook packets, KitBook kits, KitWorks works, StockService stock, GoodService goods, Words words) {
        this.runs = runs;
        this.packets = packets;
        this.kits = kits;
        this.works = works;
        this.stock = stock;
        this.goods = goods;
        this.words = words;
    }

    /** @throws NotFoundException if nothing is cut into pieces from it */
    PieceWork of(PieceSource source) {
        return source.cutId().map(id -> ofCut(source, runs.plannedCut(id))).orElseGet(() -> ofPrecut(source));
    }

    /** The shop cut its pieces when the run was confirmed, whoever follows which instructions since. */
    private Kit asConfirmed(long kitId) {
        return kits.kit(kitId).by(Instructions.SHOP);
    }

    private boolean isNoneOf(Bag bag, Predicate<PacketBook.Source> source) {
        return packets.sources(List.of(bag.id())).stream().noneMatch(source);
    }

    /** Without steps where the kit was changed since, so that no plan of its pieces is left. */
    private PieceWork ofCut(PieceSource source, PlannedCut cut) {
        Bag first = runs.bag(cut.targets().get(0).bagId());
        if (isNoneOf(first, from -> from.isFabric(cut.fabricId()))) {
            throw none(source);
        }
        Set<Long> picked = first.picks().stream().map(Bag.Pick::goodId).collect(Collectors.toSet());
        Kit now = asConfirmed(cut.kitId());
        Fabric fabric = now.fabrics().values().stream().filter(one -> one.id() == cut.fabricId()).findFirst()
                .orElseThrow(() -> none(source));
        KitWork work = works.workTaking(now.asConfirmed(fabric, cut.into().map(ShopCut::kind), picked), taken(cut));
        Bolt bolt = stock.bolt(cut.boltId());
        PieceWork.From from = new PieceWork.From(
                bolt.id(), bolt.lot(), Optional.of(LengthView.of(cut.length(), words.sellingUnit())), 0,
                cut.state() == PlannedCut.State.CUT);
        PieceWork.Of of = new PieceWork.Of(
                source, work.kit(), cut.bags(), Optional.of(fabric), Optional.empty(), from, from.isCut() && !cut.bagClosed());
        Optional<ClothBatch> batch = work.together(fabric.code(), cut.targets().size());
        if (batch.isPresent()) {
            Length takes = batch.get().together().value();
            List<StackStep> steps = StackStep.of(batch.get());
            return new PieceWork(
                    of, steps, names(work, steps), alike(cut, work, fabric, batch.get()),
                    new PieceWork.View(
                            takes.isLongerThan(cut.length()), Optional.of(LengthView.cut(takes)),
                            Optional.of(
                                    LaidView.of(batch.get().laid(), batch.get().laid().request().usableWidth(), work.practice(), words)),
                            Optional.empty()));
        }
        Optional<Need> need = work.need(fabric.code());
        List<StackStep> steps = need.map(found -> found.amount().<List<StackStep>>match(
                cloth -> List.of(), printed -> List.of(),
                quarters -> StackStep.of(quarters.plan(), cut.targets().size(), work.practice().lay().layers(fabric.kind())),
                units -> List.of())).orElse(List.of());
        return new PieceWork(of, steps, names(work, steps), "", new PieceWork.View(
                need.flatMap(Need::exact).map(exact -> exact.value().isLongerThan(cut.length())).orElse(false), Optional.empty(),
                Optional.empty(), need.flatMap(found -> KitSheetsView.of(found, words.sellingUnit(), words))));
    }

    private PieceWork ofPrecut(PieceSource source) {
        PieceSource.OfKit asked = source.precut().orElseThrow();
        List<Bag> bags = runs.bags(Set.of(source.runId())).getOrDefault(source.runId(), List.of()).stream()
                .filter(bag -> bag.kitId() == asked.kitId() && !bag.leftOut() && takes(bag, asked.goodId()) > 0).toList();
        Good good = goods.good(asked.goodId());
        if (bags.isEmpty() || isNoneOf(bags.get(0), from -> from.isGood(good.id()))) {
            throw none(source);
        }
        KitWork work = works.work(asConfirmed(asked.kitId()));
        Optional<Need> need = work.need(good.code());
        List<StackStep> steps = need.map(found -> found.amount().<List<StackStep>>match(
                cloth -> List.of(), printed -> List.of(), quarters -> List.of(),
                units -> StackStep.of(units, bags.size(), work.practice().lay().layers(ClothKind.COTTON)))).orElse(List.of());
        long take = bags.stream().mapToLong(bag -> takes(bag, good.id())).sum();
        return new PieceWork(
                new PieceWork.Of(
                        source, work.kit(), new BagNumbers(bags.stream().map(Bag::number).toList()), Optional.empty(), Optional.of(good),
                        new PieceWork.From(0, "", Optional.empty(), take, true), bags.stream().allMatch(Bag::isOpen)),
                steps, names(work, steps), "",
                new PieceWork.View(
                        false, Optional.empty(), Optional.empty(),
                        need.flatMap(found -> KitSheetsView.of(found, words.sellingUnit(), words))));
    }

    private static long takes(Bag bag, long goodId) {
        return bag.picks().stream().filter(pick -> pick.goodId() == goodId).mapToLong(Bag.Pick::count).sum();
    }

    private static NotFoundException none(PieceSource source) {
        return new NotFoundException("sheet for the pieces of", source);
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

    /** {@code 11 × A2 (3 1/2 × 3 1/2 in)} for all that one strip or sheet of a step gives. */
    private Map<String, List<String>> names(KitWork work, List<StackStep> steps) {
        Map<String, ShopPiece> pieces = new LinkedHashMap<>();
        work.shopPieces().forEach(piece -> pieces.put(piece.key(), piece));
        Map<String, List<String>> names = new LinkedHashMap<>();
        steps.forEach(step -> names.put(step.key(), step.gives().entrySet().stream()
                .map(given -> words.text("pieces.given", given.getValue(), name(given.getKey(), pieces))).toList()));
        return names;
    }

    private String name(String labels, Map<String, ShopPiece> pieces) {
        return Stream.of(labels.split(", ")).map(pieces::get).flatMap(Stream::ofNullable).findFirst()
                .map(piece -> piece.shape().map(shape -> labels + " (" + ShapeWords.of(shape, words) + ")")
                        .orElseGet(() -> new PartNames(words).strips(List.of(piece.use()), piece.runs())))
                .orElse(labels);
    }
}
