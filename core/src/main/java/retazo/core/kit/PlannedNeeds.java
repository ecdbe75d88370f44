package retazo.core.kit;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.RoleKey;
import retazo.core.cutting.ClothNeed;
import retazo.core.cutting.ClothPlan;
import retazo.core.cutting.ClothPlanner;
import retazo.core.cutting.ClothRequest;
import retazo.core.cutting.WorksheetPlanner;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.precut.QuartersFromBolt;
import retazo.core.precut.RoleFromPrecuts;
import retazo.core.precut.SheetPlan;
import retazo.core.prints.Allotment;
import retazo.core.quilt.finish.BackingSheet;
import retazo.core.quilt.finish.BindingStrip;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.piece.PrecutSource;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.setting.LongPieces;
import retazo.core.quilt.setting.Use;

/** What roles take whose pieces are known. */
final class PlannedNeeds {

    private final NeedRequest request;
    private final QuiltPlan plan;

    PlannedNeeds(NeedRequest request) {
        this.request = request;
        this.plan = request.plan();
    }

    NeedResult need() {
        return request.choice().match(
                fabric -> fabric.fabric().quarters().map(kind -> ofQuarters(fabric.fabric(), kind))
                        .orElseGet(() -> ofCloth(fabric.fabric())),
                precut -> ofPrecut(precut.good()));
    }

    private NeedResult ofCloth(KitFabric fabric) {
        List<ClothNeed> needs = new ArrayList<>();
        pieces().forEach(piece -> needs.add(new ClothNeed.Pieces(piece, widthFor(piece, fabric))));
        plan.longPieces().stream()
                .filter(pieces -> request.takesLong(pieces.role(), pieces.use()))
                .forEach(pieces -> needs.add(new ClothNeed.Long(pieces)));
        plan.bindings().stream().filter(binding -> request.takesLong(binding.role(), Use.BINDING))
                .forEach(binding -> needs.add(new ClothNeed.Binding(
                        fabric.kind().isThick()
                                ? binding.cutTo(request.practice().figure(PracticeMeasure.THICK_BINDING_WIDTH))
                                : binding)));
        plan.backings().stream().filter(backing -> request.takesLong(backing.role(), Use.BACKING))
                .forEach(backing -> needs.add(new ClothNeed.Backing(backing)));
        if (needs.isEmpty()) {
            return NeedResult.NOTHING;
        }
        Figure<Length> squaring = request.practice().figure(PracticeMeasure.SQUARING);
        ClothRequest cloth = new ClothRequest(
                request.key(), fabric.usableWidth(), fabric.print(), squaring, needs, request.practice().lay().mostSizes(),
                fabric.leftOvers(), request.kind().instructions() == Instructions.PRINTED);
        return (request.kind().instructions().arePlanned()
                ? new ClothPlanner(planners().cuts()).plan(cloth)
                : new WorksheetPlanner().plan(cloth))
                .match(planned -> NeedResult.of(need(new Need.Amount.Cloth(planned.plan(), sell(planned.plan())))),
                        impossible -> NeedResult.impossible(impossible.problems()));
    }

    private Planners planners() {
        return request.kind().planners();
    }

    private Stream<PieceNeed> pieces() {
        return plan.pieces().stream().filter(request::takes);
    }

    /** Strips of a set are sewn together before they are cut, so the narrowest cloth of the set decides. */
    private Figure<Length> widthFor(PieceNeed piece, KitFabric fabric) {
        List<Figure<Length>> widths = piece.shape().setRoles().stream()
                .map(request.colourway())
                .flatMap(choice -> choice.parts().stream())
                .flatMap(part -> part.match(cloth -> Stream.of(cloth.fabric().usableWidth()), precut -> Stream.empty()))
                .distinct()
                .toList();
        return widths.size() < 2
                ? fabric.usableWidth()
                : Arithmetic.least(request.key() + "." + piece.label() + ".setWidth", Label.of("cloth.setWidth"), widths);
    }

    private Figure<Length> sell(ClothPlan cloth) {
        if (cloth.exact().value().isZero()) {
            return cloth.exact().named(request.key() + ".sell", Label.of("cloth.sell"));
        }
        return request.practice().toSell(request.key() + ".sell", Label.of("cloth.sell"), cloth.exact());
    }

    /** Quarters or eighths cut off the bolt; they give everything or do not serve. */
    private NeedResult ofQuarters(KitFabric fabric, PrecutKind kind) {
        List<PieceNeed> pieces = pieces().toList();
        if (longRoles().findAny().isEmpty() && pieces.isEmpty()) {
            return NeedResult.NOTHING;
        }
        Optional<QuartersFromBolt> cut = longRoles().findAny().isPresent()
                ? Optional.empty()
                : QuartersFromBolt.of(pieces, kind, fabric.usableWidth().value(), fabric.print(), planners().sheets());
        return cut.map(quarters -> {
            Figure<Count> sheets = Arithmetic.sumOfCounts(request.key() + ".sheets", Label.of("precut.sheets"), sheets(quarters.plan()));
            Figure<Length> exact = ShopCut.length(request.key() + ".exact", Label.of("precut.shopCut"), sheets, kind);
            Figure<Length> sell = request.practice().sellingSteps().roundedUp(
                    request.key() + ".sell", Label.of("cloth.sell"), exact);
            return NeedResult.of(need(new Need.Amount.Quarters(kind, quarters.plan(), fabric.usableWidth(), sheets, exact, sell)));
        }).orElseGet(() -> NeedResult.impossible(List.of(Problem.of("kit.not-from-quarters", letters(), fabric.code()))));
    }

    private String letters() {
        return request.roles().stream().map(request::letter).collect(Collectors.joining(", "));
    }

    /** Roles of this choice that are cut into long strips or a back. */
    private Stream<RoleKey> longRoles() {
        return Stream.of(
                plan.longPieces().stream().filter(pieces -> request.takesLong(pieces.role(), pieces.use())).map(LongPieces::role),
                plan.bindings().stream().map(BindingStrip::role).filter(role -> request.takesLong(role, Use.BINDING)),
                plan.backings().stream().map(BackingSheet::role).filter(role -> request.takesLong(role, Use.BACKING)))
                .flatMap(roles -> roles)
                .distinct();
    }

    /** As many as the list says a precut gives of a piece; all others by cutting diagrams, together. */
    private NeedResult ofPrecut(KitGood good) {
        List<Problem> problems = new ArrayList<>();
        List<Figure<Count>> sheets = new ArrayList<>();
        List<PieceNeed> others = new ArrayList<>();
        for (PieceNeed piece : pieces().toList()) {
            piece.precut().filter(precut -> precut.kind() == good.kind())
                    .ifPresentOrElse(precut -> sheets.add(sheets(piece, precut)), () -> others.add(piece));
        }
        Optional<RoleFromPrecuts> planned = others.isEmpty()
                ? Optional.empty()
                : Optional.of(RoleFromPrecuts.of(others, good.kind(), good.measured(), good.print(), planners().sheets()));
        planned.ifPresent(role -> problems.addAll(role.problems(good.code())));
        planned.flatMap(RoleFromPrecuts::cautious).ifPresent(plan -> sheets.addAll(sheets(plan)));
        longRoles().forEach(role -> problems.add(Problem.of("kit.role-needs-cloth", request.letter(role), good.code())));
        if (!problems.isEmpty()) {
            return NeedResult.impossible(problems);
        }
        if (sheets.isEmpty()) {
            return NeedResult.NOTHING;
        }
        if (good.prints().rule().isPresent()) {
            return matched(good, good.prints().rule().get(), planned.flatMap(RoleFromPrecuts::cautious));
        }
        Optional<SheetPlan> plan = planned.flatMap(RoleFromPrecuts::cautious);
        Figure<Count> all = Arithmetic.sumOfCounts(request.key() + ".sheets", Label.of("precut.sheets"), sheets);
        return NeedResult.of(need(new Need.Amount.Units(
                PrecutUnits.of(request.key(), all, good), plan, Optional.empty(), sheetPieces(good, plan))));
    }

    /** As many as the rule about its prints takes. */
    private NeedResult matched(KitGood good, PrintRule rule, Optional<SheetPlan> mixed) {
        List<SheetPiece> cut = sheetPieces(good, mixed);
        PrintNeeds prints = new PrintNeeds(request, good, rule, cut);
        return prints.find().map(found -> {
            Figure<Count> all = Arithmetic.sumOfCounts(
                    request.key() + ".sheets", Label.of("precut.sheets"), printSheets(found.prints()));
            return NeedResult.of(need(new Need.Amount.Units(
                    PrecutUnits.matched(request.key(), all, good, found.packs(), rule.units()), found.plan(),
                    Optional.of(found.prints()), cut)));
        }).orElseGet(() -> NeedResult.impossible(prints.problems()));
    }

    private List<SheetPiece> sheetPieces(KitGood good, Optional<SheetPlan> plan) {
        Map<String, LaidPiece> laid = plan.stream().flatMap(one -> one.request().set().stream())
                .collect(Collectors.toMap(LaidPiece::id, piece -> piece));
        return pieces().map(piece -> sheetPiece(piece, good, laid)).toList();
    }

    private static SheetPiece sheetPiece(PieceNeed piece, KitGood good, Map<String, LaidPiece> laid) {
        return piece.precut().filter(precut -> precut.kind() == good.kind())
                .map(precut -> new SheetPiece(
                        piece, Math.toIntExact(piece.count().value().value()), Optional.empty(), precut.perSheet()))
                .orElseGet(() -> {
                    LaidPiece cut = requireNonNull(laid.get(piece.label()));
                    return new SheetPiece(piece, cut.count(), Optional.of(cut), 0);
                });
    }

    /** One figure for each part of a unit, and one for what is cut from any sheet. */
    private List<Figure<Count>> printSheets(PrintPlan prints) {
        List<Figure<Count>> sheets = new ArrayList<>();
        for (PrintPlan.Part part : prints.parts().stream().distinct().toList()) {
            int cut = prints.allotment().cuttings().stream().filter(cutting -> cutting.part().equals(part.part()))
                    .mapToInt(Allotment.Cutting::sheets).sum();
            sheets.add(Figure.given(
                    request.key() + ".print" + (sheets.size() + 1),
                    Label.of("precut.ofOnePrint", String.join(", ", part.letters()), part.part().sheets(), part.part().gives()),
                    new Count(cut),
                    Origin.craft("prints-together")));
        }
        if (prints.free() > 0) {
            sheets.add(Figure.given(
                    request.key() + ".anyPrint", Label.of("precut.anyPrint"), new Count(prints.free()), Origin.craft("cutting-diagrams")));
        }
        return sheets;
    }

    /** One figure for each cutting diagram. */
    private List<Figure<Count>> sheets(SheetPlan plan) {
        List<Figure<Count>> sheets = new ArrayList<>();
        for (SheetPlan.Cut cut : plan.cuts()) {
            String gives = cut.diagram().counts().entrySet().stream()
                    .map(entry -> entry.getValue() + " × " + entry.getKey()).collect(Collectors.joining(", "));
            sheets.add(Figure.given(
                    request.key() + ".diagram" + (sheets.size() + 1), Label.of("precut.cutInto", gives), new Count(cut.times()),
                    Origin.craft("cutting-diagrams")));
        }
        return sheets;
    }

    private Figure<Count> sheets(PieceNeed piece, PrecutSource precut) {
        Figure<Count> perSheet = Figure.given(
                request.key() + "." + piece.label() + ".perSheet", Label.of("precut.perSheet", piece.label()),
                new Count(precut.perSheet()), Origin.pattern("cutList"));
        return Arithmetic.groups(
                request.key() + "." + piece.label() + ".sheets", Label.of("precut.sheetsFor", piece.label()), piece.count(), perSheet);
    }

    private Need need(Need.Amount amount) {
        Set<Use> uses = new LinkedHashSet<>();
        for (RoleKey role : request.roles()) {
            pieces().filter(piece -> piece.role().equals(role)).map(PieceNeed::use).forEach(uses::add);
            plan.longPieces().stream().filter(pieces -> pieces.role().equals(role) && request.takesLong(role, pieces.use()))
                    .map(LongPieces::use).forEach(uses::add);
            plan.bindings().stream().filter(binding -> request.takesLong(role, Use.BINDING) && binding.role().equals(role))
                    .forEach(binding -> uses.add(Use.BINDING));
            plan.backings().stream().filter(backing -> request.takesLong(role, Use.BACKING) && backing.role().equals(role))
                    .forEach(backing -> uses.add(Use.BACKING));
        }
        return new Need(request.roles(), List.copyOf(uses), amount);
    }
}
