package retazo.app.papers;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import retazo.app.cloth.ShapeWords;
import retazo.app.cloth.SheetsView;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWork;
import retazo.app.kits.ShopCutText;
import retazo.app.pictures.Ink;
import retazo.app.pictures.QuiltPicture;
import retazo.app.pictures.RoleView;
import retazo.app.practice.PaperNotes;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.goods.Good;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.kit.Need;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.packet.ShopPiece;
import retazo.core.quilt.plan.QuiltPlan;

/**
 * Our own cutting page for a kit, as it is printed.
 *
 * @param sewing   how the top is sewn of what was cut
 * @param finished the finished size, in words
 * @param seam     the seam allowance
 * @param notes    what the shop says beside the figures
 * @param fabrics  one section for each length in the bag that its maker cuts
 * @param precuts  one section for each kind of precut in the bag that its maker cuts
 * @param pieces   how many come cut, in packets
 */
record CuttingPage(Kit kit, SewingPage sewing, QuiltPicture quilt, String finished, LengthView seam, List<Section> fabrics,
        List<PrecutSection> precuts, int pieces, List<String> notes) {

    /** A role's letter in its fabric. */
    record Letter(String letter, String name, Ink ink) {
    }

    /**
     * A length in the bag and what is cut from it, in the order of cutting.
     *
     * @param into   what the length comes as, in words; empty for one folded length
     * @param steps  none for a length that comes as quarters
     * @param sheets how the quarters are cut
     * @param lies   which way its print reads, and what of it cannot stand upright, in words; none for a print without a direction
     * @param edge   what it would take on cloth half an inch narrower, in words; empty where that makes no difference
     */
    record Section(
            Fabric fabric, List<Letter> letters, LengthView length, LengthView usableWidth, String uses, String into, List<Step> steps,
            Optional<SheetsView> sheets, List<String> lies, String edge) {
    }

    /**
     * Precuts in the bag and what is cut from them.
     *
     * @param count  of packs or loose ones
     * @param sheets which are cut how
     * @param beside what completes the packs, in words
     * @param others pieces of which the pattern says how many one gives, in words
     */
    record PrecutSection(Good good, List<Letter> letters, long count, String uses, Optional<SheetsView> sheets, List<String> beside,
            List<String> others) {
    }

    /**
     * A step of the cut list.
     *
     * @param what   strips or panels, in words
     * @param pieces what comes from them, in words
     * @param fold   for which of them the fold is opened, in words; empty for none
     */
    record Step(long count, String what, LengthView height, FractionText pieces, String fold) {

        Step more(long others, String several) {
            return new Step(count + others, several, height, pieces, fold);
        }
    }

    /** @param edges how much more of a fabric it would take on cloth half an inch narrower; empty for nothing */
    static CuttingPage of(
            KitWork work, ShopPractice practice, PaperNotes notes, Function<Fabric, Optional<Length>> edges, Words words) {
        Kit kit = work.kit();
        Map<Fabric, List<String>> letters = kit.lettersByFabric();
        List<ShopPiece> pieces = work.shopPieces();
        Map<String, Need> toCut = new LinkedHashMap<>(work.needs().byFabric());
        toCut.keySet().removeAll(pieces.stream().map(ShopPiece::from).toList());
        return new CuttingPage(
                kit,
                new SewingPages(work, practice.length(PracticeMeasure.CUTTING_STEP), words).page(),
                QuiltPicture.of("quilt", kit.pattern().design(), kit.size(), kit::ink),
                work.plan().finished().map(finished -> LengthView.sides(finished.width().value(), finished.height().value())).orElse(""),
                LengthView.cut(practice.length(PracticeMeasure.SEAM_ALLOWANCE)),
                toCut.entrySet().stream()
                        .flatMap(entry -> letters.keySet().stream()
                                .filter(fabric -> fabric.code().equals(entry.getKey()))
                                .flatMap(fabric -> section(fabric, entry.getValue(), work, edges, words).stream()))
                        .toList(),
                toCut.entrySet().stream()
                        .flatMap(entry -> Optional.ofNullable(kit.goodsByCode().get(entry.getKey()))
                                .flatMap(good -> precuts(good, entry.getValue(), work, words)).stream())
                        .toList(),
                pieces.stream().mapToInt(ShopPiece::count).sum(),
                notes.codes().stream().map(code -> words.text(code)).toList());
    }

    private static Optional<Section> section(
            Fabric fabric, Need need, KitWork work, Function<Fabric, Optional<Length>> edges, Words words) {
        LengthUnit unit = words.sellingUnit();
        return need.amount().match(
                cloth -> Optional.of(new Section(
                        fabric, letters(need, work.kit(), Kit.ink(fabric)), LengthView.of(cloth.sell().value(), unit),
                        LengthView.cut(cloth.plan().usableWidth().value()),
                        RoleView.uses(need.uses(), words), "", CuttingSteps.of(cloth.plan(), work.plan(), words), Optional.empty(),
                        lies(fabric, need, work, words),
                        edges.apply(fabric).map(more -> words.text("paper.edge", cloth.plan().usableWidth().value(), more))
                                .orElse(""))),
                printed -> Optional.empty(),
                quarters -> Optional.of(new Section(
                        fabric, letters(need, work.kit(), Kit.ink(fabric)), LengthView.of(quarters.sell().value(), unit),
                        LengthView.cut(quarters.usableWidth().value()),
                        RoleView.uses(need.uses(), words), need.quarters().map(cut -> ShopCutText.of(cut, words)).orElse(""), List.of(),
                        Optional.of(SheetsView.of(quarters.plan(), words)), lies(fabric, need, work, words), "")),
                units -> Optional.empty());
    }

    /** Whoever lays pieces out needs to know which of their sides stands. */
    private static List<String> lies(Fabric fabric, Need need, KitWork work, Words words) {
        if (fabric.print().mayTurn()) {
            return List.of();
        }
        boolean upright = work.kit().keepsUpright(fabric);
        return Stream.of(
                Stream.of(words.text(upright ? "paper.upright" : "paper.any-way", words.text("print.reads." + fabric.print()),
                        fabric.print().liesAcross())),
                work.plan().standingPairs(need.roles()).stream()
                        .map(pair -> words.text("paper.standing-pair", pair.standing(), pair.lying())),
                Stream.of(work.plan().pointing(need.roles()))
                        .filter(pointing -> upright && fabric.print().isOneWay() && !pointing.isEmpty())
                        .map(pointing -> words.text("paper.pointing", words.list(pointing))),
                work.lyingAgainstPrint(fabric.code()).stream().map(words::of)).flatMap(told -> told).toList();
    }

    private static Optional<PrecutSection> precuts(Good good, Need need, KitWork work, Words words) {
        return need.amount().match(
                cloth -> Optional.empty(), printed -> Optional.empty(), quarters -> Optional.empty(),
                units -> Optional.of(new PrecutSection(
                        good, letters(need, work.kit(), Kit.ink(good)), units.count().value().value(), RoleView.uses(need.uses(), words),
                        units.plan().map(plan -> SheetsView.of(plan, words)), beside(good, work.kit(), words),
                        asListed(good, need, work.plan(), words))));
    }

    /** Singles, and sheets that the shop cut off a bolt; they are cut as those of the packs are. */
    private static List<String> beside(Good good, Kit kit, Words words) {
        return Stream.concat(
                kit.singlesFor(good).stream().map(single -> words.text("paper.beside", single.count(), single.good().name())),
                kit.topUpsFor(good).stream().map(topUp -> words.text("paper.beside", topUp.count(), topUp.fabric().name()))).toList();
    }

    /** Pieces of which the cut list says how many come from one precut. */
    private static List<String> asListed(Good good, Need need, QuiltPlan plan, Words words) {
        return plan.pieces().stream()
                .filter(piece -> need.roles().contains(piece.role()))
                .flatMap(piece -> piece.precut().filter(source -> good.precut().equals(Optional.of(source.kind()))).stream()
                        .map(source -> words.text("paper.asListed", piece.count().value().value(), piece.label(),
                                ShapeWords.of(piece.shape(), words), source.perSheet())))
                .toList();
    }

    private static List<Letter> letters(Need need, Kit kit, Ink ink) {
        return need.roles().stream()
                .map(role -> new Letter(kit.pattern().design().role(role).letter(), kit.pattern().design().role(role).name(), ink))
                .toList();
    }
}
