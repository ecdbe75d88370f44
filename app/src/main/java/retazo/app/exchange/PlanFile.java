package retazo.app.exchange;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.app.patterns.PatternVersion;
import retazo.core.cloth.RoleKey;
import retazo.core.cutting.ClothPart;
import retazo.core.cutting.ClothPlan;
import retazo.core.cutting.LaidCloth;
import retazo.core.cutting.strip.CutStrip;
import retazo.core.kit.Need;
import retazo.core.kit.Needs;
import retazo.core.kit.RoleSource;
import retazo.core.measure.Length;
import retazo.core.precut.SheetPlan;
import retazo.core.quilt.plan.QuiltPlan;

/** The cutting plan of a size as a file; lengths are texts with a unit. */
final class PlanFile {

    private PlanFile() {
    }

    /**
     * @param needs        worked out with everything on a cloth laid together
     * @param alone        the same with each size alone
     * @param sources      what roles come from that are not laid on whole cloth
     */
    static Map<String, Object> write(
            PatternVersion pattern, QuiltPlan plan, Needs.Result needs, Needs.Result alone, Map<RoleKey, RoleSource> sources) {
        Map<String, Object> file = new LinkedHashMap<>();
        file.put("pattern", pattern.name());
        file.put("version", pattern.number());
        file.put("size", plan.size().key().value());
        file.put("instructions", pattern.instructions(plan.size().key().value()).name());
        List<Object> cloths = new ArrayList<>();
        needs.byFabric().forEach((role, need) -> need.cloth().ifPresent(
                cloth -> cloths.add(cloth(pattern, need, cloth, requireNonNull(alone.byFabric().get(role))))));
        file.put("cloths", cloths);
        List<Object> sheets = new ArrayList<>();
        needs.byFabric().forEach((key, need) -> sheets(pattern, need, sources).ifPresent(sheets::add));
        file.put("sheets", sheets);
        return file;
    }

    /** Precuts, or quarters that the shop cuts; empty for whole cloth. */
    private static Optional<Map<String, Object>> sheets(PatternVersion pattern, Need need, Map<RoleKey, RoleSource> sources) {
        RoleKey first = need.roles().get(0);
        return need.amount().match(
                cloth -> Optional.empty(), printed -> Optional.empty(),
                quarters -> {
                    Map<String, Object> written = sheets(pattern, need, requireNonNull(sources.get(first)), quarters.plan());
                    written.put("exact", text(quarters.exact().value()));
                    written.put("sell", text(quarters.sell().value()));
                    return Optional.of(written);
                },
                units -> {
                    Map<String, Object> written = units.plan()
                            .map(plan -> sheets(pattern, need, requireNonNull(sources.get(first)), plan))
                            .orElseGet(() -> sheets(pattern, need, requireNonNull(sources.get(first))));
                    written.put("take", units.count().value().value());
                    return Optional.of(written);
                });
    }

    private static Map<String, Object> sheets(PatternVersion pattern, Need need, RoleSource source) {
        Map<String, Object> written = new LinkedHashMap<>();
        written.put("roles", letters(pattern, need));
        written.put("source", source.code());
        return written;
    }

    private static Map<String, Object> sheets(PatternVersion pattern, Need need, RoleSource source, SheetPlan plan) {
        Map<String, Object> written = sheets(pattern, need, source);
        written.put("count", plan.sheets());
        written.put("bound", plan.bound());
        written.put("width", text(plan.request().width()));
        written.put("height", text(plan.request().height()));
        written.put("cuts", plan.cuts().stream().map(cut -> Map.of(
                "times", cut.times(), "pieces", cut.diagram().pieces().stream().map(PlanFile::piece).toList())).toList());
        return written;
    }

    private static List<String> letters(PatternVersion pattern, Need need) {
        return need.roles().stream().map(role -> pattern.design().role(role).letter()).toList();
    }

    private static Map<String, Object> cloth(PatternVersion pattern, Need need, Need.Amount.Cloth cloth, Need alone) {
        ClothPlan plan = cloth.plan();
        Map<String, Object> written = new LinkedHashMap<>();
        written.put("roles", letters(pattern, need));
        written.put("usableWidth", text(plan.usableWidth().value()));
        written.put("squaring", text(plan.squaring().value()));
        written.put("exact", text(plan.exact().value()));
        written.put("sell", text(cloth.sell().value()));
        alone.exact().ifPresent(each -> written.put("eachSizeAlone", text(each.value())));
        plan.laid().ifPresent(laid -> {
            written.put("bound", text(laid.bound()));
            written.put("proved", laid.isProved());
            written.put("parts", laid.parts().stream().map(PlanFile::part).toList());
            written.put("strips", laid.strips().stream().map(LaidCloth.Strip::cut).map(PlanFile::strip).toList());
        });
        return written;
    }

    private static Map<String, Object> part(ClothPart part) {
        Map<String, Object> written = new LinkedHashMap<>();
        written.put("id", part.id());
        written.put("labels", part.labels());
        written.put("uses", part.uses().stream().map(use -> use.place().name()).distinct().toList());
        return written;
    }

    private static Map<String, Object> strip(CutStrip strip) {
        Map<String, Object> written = new LinkedHashMap<>();
        written.put("times", strip.times());
        written.put("height", text(strip.height()));
        written.put("pieces", strip.pieces().stream().map(PlanFile::piece).toList());
        written.put("rests", strip.rests().stream().map(rest -> place(rest.x(), rest.y(), rest.width(), rest.height())).toList());
        return written;
    }

    private static Map<String, Object> piece(CutStrip.PlacedPiece piece) {
        Map<String, Object> placed = new LinkedHashMap<>();
        placed.put("part", piece.id());
        placed.putAll(place(piece.x(), piece.y(), piece.width(), piece.height()));
        placed.put("turned", piece.turned());
        return placed;
    }

    private static Map<String, Object> place(Length x, Length y, Length width, Length height) {
        Map<String, Object> place = new LinkedHashMap<>();
        place.put("x", text(x));
        place.put("y", text(y));
        place.put("width", text(width));
        place.put("height", text(height));
        return place;
    }

    private static String text(Length length) {
        return length.toString();
    }
}
