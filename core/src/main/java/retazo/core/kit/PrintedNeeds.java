package retazo.core.kit;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.PrintedAmount;
import retazo.core.quilt.size.PrintedText;
import retazo.core.quilt.size.SizeTable;

/** What roles take whose pattern prints a size table and nothing more. */
final class PrintedNeeds {

    private final NeedRequest request;
    private final List<Problem> problems = new ArrayList<>();

    PrintedNeeds(NeedRequest request) {
        this.request = request;
    }

    NeedResult need() {
        return request.choice().match(fabric -> ofCloth(fabric.fabric()), precut -> ofPrecut(precut.good()));
    }

    private NeedResult ofCloth(KitFabric fabric) {
        List<Figure<Length>> lengths = new ArrayList<>();
        rows().forEach(row -> length(row).ifPresentOrElse(
                lengths::add, () -> problems.add(notServed("kit.role-needs-precut", row))));
        if (!problems.isEmpty() || lengths.isEmpty()) {
            return NeedResult.impossible(problems);
        }
        Figure<Length> exact = Arithmetic.sum(request.key() + ".exact", Label.of("printed.length"), lengths);
        Figure<Length> sell = request.practice().sellingSteps().roundedUp(
                request.key() + ".sell", Label.of("printed.sell"), exact);
        return NeedResult.of(new Need(
                request.roles(), uses(), new Need.Amount.PrintedCloth(fabric.usableWidth(), exact, sell, into())));
    }

    /** What is beside the packs serves the first row only, so that nothing is counted twice. */
    private NeedResult ofPrecut(KitGood good) {
        List<Figure<Count>> units = new ArrayList<>();
        KitGood later = good.with(good.prints().withoutBeside());
        rows().forEach(row -> units(row, units.isEmpty() ? good : later).ifPresentOrElse(
                units::add, () -> problems.add(notServed("kit.precut-does-not-serve", row))));
        if (!problems.isEmpty() || units.isEmpty()) {
            return NeedResult.impossible(problems);
        }
        Figure<Count> all = units.size() == 1
                ? units.get(0)
                : Arithmetic.sumOfCounts(request.key() + ".units", Label.of("printed.units"), units);
        return good.prints().rule().map(rule -> matched(good, rule, all))
                .orElseGet(() -> NeedResult.of(need(new Need.Amount.Units(all, Optional.empty(), Optional.empty(), List.of()))));
    }

    /** As many as are printed, or more where their prints do not go together otherwise. */
    private NeedResult matched(KitGood good, PrintRule rule, Figure<Count> printed) {
        PrintNeeds prints = new PrintNeeds(request, good, rule, List.of());
        return prints.findByCount().map(found -> {
            Figure<Count> together = Figure.given(
                    request.key() + ".matched", Label.of("precut.matched", rule.units()), new Count(found.packs()),
                    Origin.craft("prints-together"));
            return NeedResult.of(need(new Need.Amount.Units(
                    Arithmetic.greatest(request.key() + ".most", Label.of("printed.units"), List.of(printed, together)), Optional.empty(),
                    Optional.of(found.prints()), List.of())));
        }).orElseGet(() -> NeedResult.impossible(prints.problems()));
    }

    private Need need(Need.Amount amount) {
        return new Need(request.roles(), uses(), amount);
    }

    /** The rows of these roles that have something for this size and kit. */
    private Stream<SizeTable.Row> rows() {
        return request.design().table().orElseThrow().rows().stream()
                .filter(row -> row.cells().containsKey(request.plan().size().key())
                        && request.takesRow(row, good -> units(row, good).isPresent()));
    }

    private List<Use> uses() {
        return rows().map(SizeTable.Row::use).distinct().toList();
    }

    private List<PrintedAmount> cell(SizeTable.Row row) {
        return requireNonNull(row.cells().get(request.plan().size().key()));
    }

    private Problem notServed(String code, SizeTable.Row row) {
        return Problem.of(
                code, request.letter(row.role()), PrintedText.write(cell(row)), request.plan().size().name(), request.choice().code());
    }

    private String key(SizeTable.Row row) {
        return request.key() + "." + request.letter(row.role()) + "-" + row.use().place().name().toLowerCase(Locale.ROOT);
    }

    /** The printed length, or the length from which the shop cuts the printed quarters, two from each half yard. */
    private Optional<Figure<Length>> length(SizeTable.Row row) {
        Origin printed = Origin.pattern("sizes." + request.plan().size().name());
        return printedLength(row)
                .map(length -> Figure.given(key(row), Label.of("printed.cell", request.letter(row.role())), length, printed))
                .or(() -> quarters(row).map(precuts -> shopCut(row, precuts, printed)));
    }

    private Optional<Length> printedLength(SizeTable.Row row) {
        return cell(row).stream().flatMap(amount -> amount.match(length -> Stream.of(length.length()), precuts -> Stream.empty()))
                .findFirst();
    }

    /** The quarters that the shop cuts for a row; empty where the paper also prints a length. */
    private Optional<PrintedAmount.Precuts> quarters(SizeTable.Row row) {
        return printedLength(row).isPresent()
                ? Optional.empty()
                : cell(row).stream()
                        .flatMap(amount -> amount.match(length -> Stream.<PrintedAmount.Precuts>empty(), Stream::of))
                        .filter(precuts -> !precuts.packs() && precuts.kind().lengthForTwo().isPresent())
                        .findFirst();
    }

    private Figure<Length> shopCut(SizeTable.Row row, PrintedAmount.Precuts precuts, Origin printed) {
        Figure<Count> asked = Figure.given(
                key(row) + ".asked", Label.of("printed.asked", request.letter(row.role())), new Count(precuts.count()), printed);
        return ShopCut.length(key(row), Label.of("printed.shopCut", request.letter(row.role())), asked, precuts.kind());
    }

    /** The quarters that all printed cells ask for; empty where one of them prints a length, or where they are of two kinds. */
    private Optional<ShopCut> into() {
        List<PrintedAmount.Precuts> asked = new ArrayList<>();
        boolean onlyQuarters = rows().map(this::quarters).peek(found -> found.ifPresent(asked::add)).allMatch(Optional::isPresent);
        return onlyQuarters && asked.stream().map(PrintedAmount.Precuts::kind).distinct().count() == 1
                ? Optional.of(new ShopCut(asked.get(0).kind(), new Count(asked.stream().mapToLong(PrintedAmount.Precuts::count).sum())))
                : Optional.empty();
    }

    private Optional<Figure<Count>> units(SizeTable.Row row, KitGood good) {
        return cell(row).stream()
                .flatMap(amount -> amount.match(length -> Stream.<PrintedAmount.Precuts>empty(), Stream::of))
                .filter(precuts -> precuts.kind() == good.kind() && !(precuts.packs() && good.isLoose()))
                .findFirst()
                .map(precuts -> {
                    Figure<Count> printed = Figure.given(
                            key(row) + ".printed", Label.of("printed.cell", request.letter(row.role())), new Count(precuts.count()),
                            Origin.pattern("sizes." + request.plan().size().name()));
                    return precuts.packs() ? printed : PrecutUnits.of(key(row), printed, good);
                });
    }
}
