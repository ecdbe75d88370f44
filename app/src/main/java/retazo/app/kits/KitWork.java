package retazo.app.kits;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.sources.KitNotion;
import retazo.app.kits.sources.KitSingle;
import retazo.app.kits.sources.KitTopUp;
import retazo.app.stock.goods.Good;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.cutting.ClothBatch;
import retazo.core.cutting.LaidCloth;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.kit.BillLine;
import retazo.core.kit.BillOfMaterials;
import retazo.core.kit.Instructions;
import retazo.core.kit.Need;
import retazo.core.kit.Needs;
import retazo.core.kit.Planners;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.packet.ShopPiece;
import retazo.core.packet.ShopPieces;
import retazo.core.quilt.plan.QuiltPlan;

/**
 * A kit worked out by the core: the quilt, what each fabric is cut for, and the bill.
 *
 * @param practice as it is for this kit
 * @param topUps   what is sold of the fabrics whose bolts complete packs, by code
 */
public record KitWork(
        Kit kit, ShopPractice practice, QuiltPlan plan, Needs.Result needs, BillOfMaterials bill, Map<String, Figure<Length>> topUps,
        Planners planners) {

    static KitWork of(KitCloth cloth) {
        Kit kit = cloth.kit();
        QuiltPlan plan = cloth.plan();
        Needs.Result needs = cloth.needs(plan, kit.instructions());
        BillOfMaterials bill = BillOfMaterials.of(kit.pattern().design(), needs.byFabric());
        for (KitSingle single : kit.sources().singles()) {
            String letter = kit.pattern().design().role(single.role()).letter();
            bill = bill.with(new BillLine.Picked(single.good().code(), List.of(letter), new Count(single.count())));
        }
        TopUps topUps = TopUps.of(cloth);
        for (BillLine line : topUps.lines()) {
            bill = bill.with(line);
        }
        for (KitNotion notion : kit.sources().notions()) {
            bill = bill.with(new BillLine.Picked(notion.good().code(), List.of(), new Count(notion.count())));
        }
        if (kit.copy().isPresent()) {
            bill = bill.with(new BillLine.Picked(kit.copy().get().code(), List.of(), Count.ONE));
        }
        return new KitWork(
                kit, cloth.practice(), plan,
                new Needs.Result(needs.byFabric(), Stream.concat(needs.problems().stream(), topUps.problems().stream()).toList()), bill,
                topUps.sold(), cloth.planners());
    }

    /** What completes packs from bolts: what is sold of each fabric by its code, the lines of the bill, and what is too narrow. */
    private record TopUps(Map<String, Figure<Length>> sold, List<BillLine> lines, List<Problem> problems) {

        static TopUps of(KitCloth cloth) {
            TopUps all = new TopUps(new LinkedHashMap<>(), new ArrayList<>(), new ArrayList<>());
            for (KitTopUp topUp : cloth.kit().sources().topUps()) {
                cloth.topUp(topUp).ifPresentOrElse(
                        exact -> all.add(topUp, cloth, exact),
                        () -> all.problems.add(Problem.at("cloth", "kit.top-up-too-narrow", topUp.fabric().name())));
            }
            return all;
        }

        private void add(KitTopUp topUp, KitCloth cloth, Figure<Length> exact) {
            Kit kit = cloth.kit();
            Figure<Length> sell = cloth.practice().toSell(exact.key() + ".sell", Label.of("cloth.sell"), exact);
            sold.put(topUp.fabric().code(), sell);
            lines.add(new BillLine.Cut(
                    topUp.fabric().code(), List.of(kit.pattern().design().role(topUp.role()).letter()), exact.value(), sell.value(),
                    cloth.cloth(topUp.fabric()).usableWidth().value(),
                    Optional.of(topUp.cut(requireNonNull(kit.goods().get(topUp.role()))))));
        }
    }

    /**
     * How much less cloth the kit takes in all when everything is laid together than with each size alone, as sold; zero where that is
     * the same, or where only printed lengths are known.
     */
    Length savedByPlan(KitCloth cloth) {
        return sold(cloth, kit.pattern().instructions(kit.size().key().value()).alone()).minus(sold(cloth, Instructions.OURS));
    }

    private Length sold(KitCloth cloth, Instructions instructions) {
        return cloth.needs(plan, instructions).byFabric().values().stream()
                .flatMap(need -> need.cloth().stream())
                .map(length -> length.sell().value())
                .reduce(Length.ZERO, Length::plus);
    }

    /** What the cloth of one fabric leaves in one bag, by size, the largest first; nothing where its maker cuts it. */
    public List<LaidCloth.Rests> rests(String fabricCode) {
        return kit.isCutByTheShop() ? laid(fabricCode).map(LaidCloth::rests).orElse(List.of()) : List.of();
    }

    /** So many bags of the kit cut together from one cloth; empty where their pieces are not cut by the shop. */
    public Optional<ClothBatch> together(String fabricCode, int bags) {
        return kit.isCutByTheShop()
                ? laid(fabricCode).map(one -> ClothBatch.of(
                        one, practice.figure(PracticeMeasure.SQUARING), Math.min(bags, ClothBatch.MOST_KITS),
                        practice.lay().layers(kit.fabric(fabricCode).kind()), planners.cuts()))
                : Optional.empty();
    }

    /**
     * The length to cut for so many bags together, with margin and rounded up once; empty where that saves nothing, and where left-overs
     * are taken or kept, which are counted by the bag.
     */
    public Optional<Length> togetherLength(String fabricCode, int bags) {
        boolean byTheBag = !kit.leftOvers().takenOf(kit.fabric(fabricCode).id()).isEmpty() || !leftOvers(fabricCode).isEmpty();
        return byTheBag || bags > ClothBatch.MOST_KITS
                ? Optional.empty()
                : together(fabricCode, bags).filter(batch -> batch.saved().isPositive()).map(batch -> practice.toSell(
                        batch.together().key() + ".sell", Label.of("cloth.sell"), batch.together()).value());
    }

    /** What the shop cuts for one bag; nothing where its maker does. */
    public List<ShopPiece> shopPieces() {
        return kit.isCutByTheShop() ? ShopPieces.of(plan, needs.byFabric()) : List.of();
    }

    /** Its other fabrics that are cut by the same list and may lie in one stack with it. */
    public List<Fabric> cutLike(String fabricCode) {
        Optional<LaidCloth> own = laid(fabricCode).filter(cloth -> !cloth.strips().isEmpty());
        return kit.lettersByFabric().keySet().stream()
                .filter(fabric -> !fabric.code().equals(fabricCode) && fabric.kind().mayShareStack(kit.fabric(fabricCode).kind())
                        && own.flatMap(cloth -> laid(fabric.code()).map(cloth::isCutLike)).orElse(false))
                .toList();
    }

    /** What one bag takes of a fabric; empty for nothing. */
    public Optional<Need> need(String fabricCode) {
        return Optional.ofNullable(needs.byFabric().get(fabricCode));
    }

    private Optional<LaidCloth> laid(String fabricCode) {
        return need(fabricCode)
                .flatMap(Need::cloth)
                .flatMap(cloth -> cloth.plan().laid());
    }

    /** How many left-overs of each kept kind one bag gives of a fabric, as its plan is now. */
    public Map<Good, Integer> leftOvers(String fabricCode) {
        Map<Good, Integer> each = new LinkedHashMap<>();
        List<LaidCloth.Rests> rests = rests(fabricCode);
        Fabric fabric = kit.fabric(fabricCode);
        for (KitLeftOvers.Kept kept : kit.leftOvers().keptOf(fabric.id())) {
            Length width = laid(fabricCode).map(cloth -> cloth.request().usableWidth()).orElse(Length.ZERO);
            rests.forEach(rest -> each.merge(kept.good(), kept.eachBag(rest, width), Integer::sum));
        }
        each.values().removeIf(count -> count == 0);
        return each;
    }

    /** Precuts that it takes by cuts of ours though its maker follows a printed paper, which does not know them. */
    List<Problem> notOnPaper() {
        return !kit.followsPrinted()
                ? List.of()
                : needs.byFabric().entrySet().stream()
                        .filter(need -> need.getValue().amount().match(cloth -> false, printed -> false, quarters -> true,
                                units -> units.plan().isPresent()))
                        .map(need -> Problem.at(
                                "fabrics." + need.getValue().roles().get(0), "kit.not-on-paper",
                                kit.pattern().design().role(need.getValue().roles().get(0)).letter()))
                        .toList();
    }

    /** The pieces for which it is sold by the longer of two ways, since nobody said from which strips the pattern's paper cuts them. */
    public List<String> openStrips() {
        return needs.byFabric().values().stream().flatMap(need -> need.cloth().stream())
                .flatMap(cloth -> cloth.plan().openStrips().stream()).toList();
    }

    /** What of the print of one fabric or precut cannot stand upright in this quilt. */
    public List<Problem> lyingAgainstPrint(String code) {
        return need(code).map(need -> plan.lyingAgainstPrint(need.roles())).orElse(List.of());
    }

    /** Why the kit cannot be made by the practice of now; empty when it can. */
    public List<Problem> problems() {
        return needs.problems();
    }

    /** How many of which goods one bag takes. */
    public Map<Good, Count> picked() {
        Map<Good, Count> picked = new LinkedHashMap<>();
        bill.picked().forEach((code, each) -> picked.put(requireNonNull(kit.goodsByCode().get(code)), each));
        return picked;
    }

    /** What one bag takes, by fabric code. */
    public Map<String, Length> lengths() {
        return bill.lengths();
    }
}
