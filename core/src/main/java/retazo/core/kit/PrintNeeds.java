package retazo.core.kit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.measure.Problem;
import retazo.core.precut.SheetPlan;
import retazo.core.precut.SheetPlans;
import retazo.core.precut.SheetRequest;
import retazo.core.precut.SheetSet;
import retazo.core.prints.Allotment;
import retazo.core.prints.Print;
import retazo.core.prints.PrintMatching;
import retazo.core.prints.PrintPart;
import retazo.core.prints.PrintUnit;
import retazo.core.prints.PrintValue;

/**
 * What a rule about prints takes of one precut. A piece belongs to a unit where all of it go evenly over the units; what does not is cut
 * from whatever sheets are left, as are the pieces of roles that the rule does not name.
 */
final class PrintNeeds {

    /** More packs than anybody puts into a bag. */
    private static final int MOST_PACKS = 60;
    private static final int MOST_LOOSE = 10_000;

    private final NeedRequest request;
    private final KitGood good;
    private final PrintRule rule;
    private final List<SheetPiece> pieces;
    private final SheetPlans plans;
    private final List<Problem> problems = new ArrayList<>();

    /**
     * What the rule takes.
     *
     * @param packs the fewest units of stock that give everything
     * @param plan  how all sheets are cut; empty where the pattern's list says it of all of them
     */
    record Found(PrintPlan prints, int packs, Optional<SheetPlan> plan) {
    }

    PrintNeeds(NeedRequest request, KitGood good, PrintRule rule, List<SheetPiece> pieces) {
        this.request = request;
        this.good = good;
        this.rule = rule;
        this.pieces = pieces;
        this.plans = request.kind().planners().sheets();
    }

    List<Problem> problems() {
        return List.copyOf(problems);
    }

    /** Empty where something stands against it, which {@link #problems} names then. */
    Optional<Found> find() {
        List<Optional<SheetSet>> sets = rule.parts().stream().map(this::set).toList();
        List<PrintPlan.Part> parts = new ArrayList<>();
        for (int i = 0; i < sets.size(); i++) {
            part(rule.parts().get(i), sets.get(i)).ifPresent(parts::add);
        }
        if (rule.needsPrints() && good.prints().inPack().isEmpty()) {
            problems.add(Problem.of("kit.prints-unknown", good.code()));
        }
        return problems.isEmpty() ? matched(parts) : Optional.empty();
    }

    /** Where only printed counts are known: the sheets of each part give it to one unit. */
    Optional<Found> findByCount() {
        if (rule.needsPrints() && good.prints().inPack().isEmpty()) {
            problems.add(Problem.of("kit.prints-unknown", good.code()));
            return Optional.empty();
        }
        return matched(rule.parts().stream().map(part -> asked(part, 1, Optional.empty())).toList());
    }

    /** A unit's share of the pieces of some roles; empty if nothing of them goes evenly over the units. */
    private Optional<SheetSet> set(PrintRule.Part part) {
        List<LaidPiece> laid = new ArrayList<>();
        List<SheetSet.Listed> listed = new ArrayList<>();
        pieces.stream().filter(piece -> part.roles().contains(piece.need().role()) && isInUnits(piece)).forEach(piece -> {
            int share = share(piece);
            piece.laid().ifPresentOrElse(
                    one -> laid.add(new LaidPiece(one.id(), one.width(), one.height(), share, one.mayTurn())),
                    () -> listed.add(new SheetSet.Listed(share, piece.perSheet())));
        });
        return laid.isEmpty() && listed.isEmpty() ? Optional.empty() : Optional.of(new SheetSet(good.sheet(), laid, listed));
    }

    private boolean isInUnits(SheetPiece piece) {
        return rule.partsOf(piece.need().role()) > 0 && piece.count() % rule.units() == 0;
    }

    private int share(SheetPiece piece) {
        int parts = rule.partsOf(piece.need().role());
        return (piece.count() / rule.units() + parts - 1) / parts;
    }

    private List<String> letters(PrintRule.Part part) {
        return part.roles().stream().map(request::letter).toList();
    }

    private Optional<PrintPlan.Part> part(PrintRule.Part part, Optional<SheetSet> of) {
        String letters = String.join(", ", letters(part));
        if (of.isEmpty()) {
            problems.add(Problem.of("kit.prints-no-share", letters, rule.units()));
            return Optional.empty();
        }
        SheetSet set = of.get();
        int gives = set.unitsFrom(part.sheets(), plans);
        if (gives == 0) {
            OptionalInt takes = set.sheetsFor(1, plans);
            takes.ifPresent(sheets -> problems.add(Problem.of("kit.prints-set-too-large", letters, part.sheets(), sheets, good.code())));
            return Optional.empty();
        }
        return Optional.of(asked(part, gives, set.cutting(part.sheets(), gives, plans)));
    }

    private PrintPlan.Part asked(PrintRule.Part part, int gives, Optional<SheetPlan> sheets) {
        PrintPart any = PrintPart.ofAny(String.join(", ", letters(part)), part.sheets(), gives);
        return new PrintPlan.Part(letters(part), part.value().map(value -> any.ofValue(value, everyPrint())).orElse(any), sheets);
    }

    private List<Print> everyPrint() {
        List<Print> all = new ArrayList<>(good.prints().inPack());
        all.addAll(good.prints().beside());
        return all;
    }

    private Optional<Found> matched(List<PrintPlan.Part> parts) {
        PrintMatching matching = new PrintMatching(
                new PrintUnit(parts.stream().map(PrintPlan.Part::part).toList(), rule.different()), inPack(), good.prints().beside());
        int most = good.isLoose() ? MOST_LOOSE : MOST_PACKS;
        OptionalInt fewest = matching.fewestPacks(rule.units(), most);
        if (fewest.isEmpty()) {
            problems.add(Problem.of(
                    "kit.prints-do-not-match", good.code(), matching.most(1, rule.units()).units().size(), rule.units()));
            return Optional.empty();
        }
        Optional<SheetPlan> freely = freely();
        int free = free(freely);
        int packs = fewest.getAsInt();
        Allotment allotment = matching.most(packs, rule.units());
        while (packs * usable() + good.prints().sheetsBeside() < allotment.sheets() + free) {
            packs++;
            allotment = matching.most(packs, rule.units());
        }
        return Optional.of(new Found(
                new PrintPlan(parts, allotment, free, matching.most(Math.max(0, packs - 1), rule.units()).units().size()), packs,
                all(parts, allotment, freely)));
    }

    /** The prints of a pack; where nobody knows them and none needs to, each sheet is one of its own. */
    private List<Print> inPack() {
        return good.prints().inPack().isEmpty()
                ? IntStream.rangeClosed(1, usable()).mapToObj(number -> new Print(Integer.toString(number), PrintValue.MEDIUM, 1)).toList()
                : good.prints().inPack();
    }

    private int usable() {
        return Math.toIntExact(good.usablePerUnit().value());
    }

    private Optional<SheetPlan> freely() {
        List<LaidPiece> rest = pieces.stream().filter(piece -> !isInUnits(piece)).flatMap(piece -> piece.laid().stream()).toList();
        return rest.isEmpty()
                ? Optional.empty()
                : plans.fewest(new SheetRequest(good.sheet().length(), good.sheet().width(), rest));
    }

    private int free(Optional<SheetPlan> freely) {
        long listed = pieces.stream().filter(piece -> !isInUnits(piece) && piece.laid().isEmpty())
                .mapToLong(SheetPiece::sheets).sum();
        return Math.toIntExact(listed + freely.map(SheetPlan::sheets).orElse(0));
    }

    /** The diagrams of all sheets, alike ones together. */
    private Optional<SheetPlan> all(List<PrintPlan.Part> parts, Allotment allotment, Optional<SheetPlan> freely) {
        Map<PrintPart, Integer> times = new HashMap<>();
        allotment.cuttings().forEach(cutting -> times.merge(cutting.part(), cutting.times(), Integer::sum));
        Map<SheetPlan.Cut, Integer> cuts = new LinkedHashMap<>();
        parts.stream().distinct().forEach(part -> part.sheets().ifPresent(plan -> plan.cuts().forEach(
                cut -> cuts.merge(new SheetPlan.Cut(cut.diagram(), 1), cut.times() * times.getOrDefault(part.part(), 0), Integer::sum))));
        freely.ifPresent(plan -> plan.cuts().forEach(cut -> cuts.merge(new SheetPlan.Cut(cut.diagram(), 1), cut.times(), Integer::sum)));
        List<LaidPiece> laid = pieces.stream().flatMap(piece -> piece.laid().stream()).toList();
        List<SheetPlan.Cut> all = cuts.entrySet().stream().map(cut -> new SheetPlan.Cut(cut.getKey().diagram(), cut.getValue())).toList();
        int sheets = all.stream().mapToInt(SheetPlan.Cut::times).sum();
        return laid.isEmpty()
                ? Optional.empty()
                : Optional.of(new SheetPlan(new SheetRequest(good.sheet().length(), good.sheet().width(), laid), all, sheets));
    }
}
