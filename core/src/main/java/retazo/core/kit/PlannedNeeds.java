package retazo.core.kit;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import retazo.core.block.RoleKey;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cutting.ClothNeed;
import retazo.core.cutting.ClothPlan;
import retazo.core.cutting.ClothPlanner;
import retazo.core.cutting.ClothRequest;
import retazo.core.cutting.WorksheetPlanner;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.BackingSheet;
import retazo.core.quilt.BindingStrip;
import retazo.core.quilt.LongPieces;
import retazo.core.quilt.PieceNeed;
import retazo.core.quilt.PrecutSource;
import retazo.core.quilt.QuiltPlan;
import retazo.core.quilt.Use;

/** What roles take whose pieces are known. */
final class PlannedNeeds {

    private final NeedRequest request;
    private final QuiltPlan plan;

    PlannedNeeds(NeedRequest request) {
        this.request = request;
        this.plan = request.plan();
    }

    NeedResult need() {
        return request.choice().match(fabric -> ofCloth(fabric.fabric()), precut -> ofPrecut(precut.good()));
    }

    private NeedResult ofCloth(KitFabric fabric) {
        List<ClothNeed> needs = new ArrayList<>();
        pieces().forEach(piece -> needs.add(new ClothNeed.Pieces(piece, widthFor(piece, fabric))));
        plan.longPieces().stream()
                .filter(pieces -> request.takes(pieces.role(), pieces.use()))
                .forEach(pieces -> needs.add(new ClothNeed.Long(pieces)));
        plan.bindings().stream().filter(binding -> request.takes(binding.role(), Use.BINDING))
                .forEach(binding -> needs.add(new ClothNeed.Binding(binding)));
        plan.backings().stream().filter(backing -> request.takes(backing.role(), Use.BACKING))
                .forEach(backing -> needs.add(new ClothNeed.Backing(backing)));
        if (needs.isEmpty()) {
            return NeedResult.NOTHING;
        }
        Figure<Length> squaring = request.practice().figure(PracticeMeasure.SQUARING);
        ClothRequest cloth = new ClothRequest(
                request.key(), fabric.usableWidth(), fabric.print(), squaring, needs, request.practice().lay().mostSizes(), fabric.leftOvers());
        return (request.kind().instructions().arePlanned() ? new ClothPlanner().plan(cloth) : new WorksheetPlanner().plan(cloth))
                .match(planned -> NeedResult.of(need(new Need.Amount.Cloth(planned.plan(), sell(planned.plan())))),
                        impossible -> NeedResult.impossible(impossible.problems()));
    }

    private Stream<PieceNeed> pieces() {
        return plan.pieces().stream().filter(piece -> request.takes(piece.role(), piece.use()));
    }

    /** Strips of a set are sewn together before they are cut, so the narrowest cloth of the set decides. */
    private Figure<Length> widthFor(PieceNeed piece, KitFabric fabric) {
        List<Figure<Length>> widths = piece.shape().setRoles().stream()
                .map(request.colourway())
                .flatMap(choice -> choice.match(cloth -> Stream.of(cloth.fabric().usableWidth()), precut -> Stream.empty()))
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
        return request.practice().margin().toSell(
                request.key() + ".sell", Label.of("cloth.sell"), cloth.exact(),
                request.practice().figure(PracticeMeasure.SELLING_STEP));
    }

    /** Precuts serve a role only if its list says, for every piece, how many one of them gives. */
    private NeedResult ofPrecut(KitGood good) {
        List<Problem> problems = new ArrayList<>();
        List<Figure<Count>> sheets = new ArrayList<>();
        for (PieceNeed piece : pieces().toList()) {
            Optional<PrecutSource> source = piece.precut().filter(precut -> precut.kind() == good.kind());
            source.ifPresentOrElse(
                    precut -> sheets.add(sheets(piece, precut)),
                    () -> problems.add(Problem.of("kit.piece-not-from-precut", piece.label(), good.code())));
        }
        Stream.of(
                        plan.longPieces().stream().map(LongPieces::role),
                        plan.bindings().stream().map(BindingStrip::role),
                        plan.backings().stream().map(BackingSheet::role))
                .flatMap(roles -> roles)
                .filter(request.roles()::contains)
                .forEach(role -> problems.add(Problem.of("kit.role-needs-cloth", request.letter(role), good.code())));
        if (!problems.isEmpty()) {
            return NeedResult.impossible(problems);
        }
        if (sheets.isEmpty()) {
            return NeedResult.NOTHING;
        }
        Figure<Count> all = Arithmetic.sumOfCounts(request.key() + ".sheets", Label.of("precut.sheets"), sheets);
        return NeedResult.of(need(new Need.Amount.Units(PrecutUnits.of(request.key(), all, good))));
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
            plan.longPieces().stream().filter(pieces -> pieces.role().equals(role)).map(LongPieces::use).forEach(uses::add);
            plan.bindings().stream().filter(binding -> request.takes(role, Use.BINDING) && binding.role().equals(role))
                    .forEach(binding -> uses.add(Use.BINDING));
            plan.backings().stream().filter(backing -> request.takes(role, Use.BACKING) && backing.role().equals(role))
                    .forEach(backing -> uses.add(Use.BACKING));
        }
        return new Need(request.roles(), List.copyOf(uses), amount);
    }
}
