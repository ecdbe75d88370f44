package retazo.core.cases;

import static retazo.core.cases.FinishingAnswers.given;
import static retazo.core.cases.FinishingAnswers.text;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.block.shape.CutPiece;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.PieceShape;
import retazo.core.block.shape.UnitCut;
import retazo.core.block.spec.Corner;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.spec.UnitPractice;
import retazo.core.block.unit.Clipped;
import retazo.core.block.unit.CutUnit;
import retazo.core.block.unit.Geese;
import retazo.core.block.unit.HalfSquare;
import retazo.core.block.unit.Hourglass;
import retazo.core.block.unit.Patch;
import retazo.core.block.unit.SquareInSquare;
import retazo.core.block.unit.StripSet;
import retazo.core.block.unit.TriangleSquares;
import retazo.core.block.unit.UnitCutting;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;

/** Puts the cases of single units to the core. */
final class UnitAnswers {

    private static final RoleKey A = new RoleKey("A");
    private static final RoleKey B = new RoleKey("B");

    private final CaseObject input;
    private final Length seam;
    private final Length cutStep;
    private final Length oversize;
    private final long needed;
    private final UnitMethod method;

    private UnitAnswers(CaseObject input) {
        this.input = input;
        seam = input.length("seam");
        cutStep = input.length("cutStep");
        oversize = input.length("oversize");
        needed = input.number("needed");
        method = input.optionalText("method").flatMap(UnitMethod::ofCode).orElse(UnitMethod.ONLY);
    }

    static Map<String, Object> of(CaseObject input) {
        UnitAnswers answers = new UnitAnswers(input);
        return switch (input.text("unit")) {
            case "patch" -> answers.cut(new Patch(A), answers.rectangle());
            case "hst" -> answers.cut(new HalfSquare(A, B, answers.method), answers.square());
            case "hourglass" -> answers.cut(new Hourglass(A, B, answers.method), answers.square());
            case "goose" -> answers.cut(new Geese(A, B, answers.method), answers.rectangle());
            case "square-in-square" -> answers.cut(new SquareInSquare(A, B), answers.square());
            case "clipped" -> answers.cut(answers.clipped(), answers.rectangle());
            case "half-triangle" -> answers.triangles(
                    TriangleSquares.cutOnce(ExactLength.of(input.length("leg")), answers.seam), 2);
            case "quarter-triangle" -> answers.triangles(
                    TriangleSquares.cutTwice(ExactLength.of(input.length("hypotenuse")), answers.seam), 4);
            case "strip-set" -> answers.stripSet();
            case "wedge" -> answers.wedge();
            default -> throw new AssertionError("Nobody answers the unit '" + input.text("unit") + "'.");
        };
    }

    private FinishedSize rectangle() {
        return new FinishedSize(input.lengths("finished").get(0), input.lengths("finished").get(1));
    }

    private FinishedSize square() {
        return FinishedSize.square(input.length("finished"));
    }

    private Figure<Count> count(long value) {
        return Figure.given("needed", Label.of("needed"), new Count(value), Origin.pattern("case"));
    }

    private UnitCutting cutting(FinishedSize size) {
        Map<UnitKind, Figure<Length>> oversizes = new LinkedHashMap<>();
        for (UnitKind kind : UnitKind.values()) {
            oversizes.put(kind, given(oversize));
        }
        UnitPractice practice = new UnitPractice(given(seam), given(cutStep), oversizes, given(Length.ZERO));
        return new UnitCutting("case", count(needed), size, false, practice);
    }

    private CutUnit clipped() {
        List<Clipped.Clip> clips = new ArrayList<>();
        for (CaseObject corner : input.objects("corners")) {
            for (int i = 0; i < corner.number("count"); i++) {
                clips.add(new Clipped.Clip(
                        Corner.values()[clips.size()], new RoleKey(corner.text("role")), corner.length("finished")));
            }
        }
        return new Clipped(A, clips);
    }

    private Map<String, Object> cut(CutUnit unit, FinishedSize size) {
        if (unit.problem(size).isPresent()) {
            return Map.of("error", "true");
        }
        UnitCut cut = unit.cut(cutting(size));
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("pieces", cut.pieces().stream().map(UnitAnswers::piece).toList());
        answer.put("yields", cut.yields().value().toString());
        cut.trimTo().ifPresent(trim -> answer.put("trimTo", input.get("finished").isArray()
                ? List.of(text(trim.width().value()), text(trim.height().value()))
                : text(trim.width().value())));
        return answer;
    }

    private static Map<String, Object> piece(CutPiece piece) {
        return piece(piece.role().value(), piece.shape().across().value(), piece.shape().stripHeight().value(), piece.count().value());
    }

    private static Map<String, Object> piece(String role, Length width, Length height, Count count) {
        return Map.of("role", role, "width", text(width), "height", text(height), "count", count.toString());
    }

    private Map<String, Object> triangles(ExactLength side, long each) {
        Count squares = new Count(needed).inGroupsOf(new Count(each));
        Length cut = side.toCut(cutStep);
        return Map.of("pieces", List.of(piece("A", cut, cut, squares)), "yields", squares.times(new Count(each)).toString());
    }

    private Map<String, Object> stripSet() {
        List<Length> widths = input.lengths("strips");
        List<StripSet.Strip> strips = new ArrayList<>();
        for (int i = 0; i < widths.size(); i++) {
            strips.add(new StripSet.Strip(new RoleKey(String.valueOf((char) ('A' + i))), widths.get(i)));
        }
        Figure<Length> usableWidth = given(input.length("usableWidth"));
        Length height = widths.stream().reduce(Length.ZERO, Length::plus);
        UnitCut cut = new StripSet(strips).cut(cutting(new FinishedSize(input.length("segment"), height)));
        Figure<Count> perSet = null;
        Figure<Count> sets = null;
        List<Object> pieces = new ArrayList<>();
        for (CutPiece piece : cut.pieces()) {
            perSet = piece.shape().perStrip("perSet", Label.of("case"), usableWidth, false);
            sets = piece.shape().strips("sets", Label.of("case"), piece.count(), perSet);
            pieces.add(piece(piece.role().value(), usableWidth.value(), piece.shape().stripHeight().value(), sets.value()));
        }
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("pieces", pieces);
        answer.put("yields", sets.value().times(perSet.value()).toString());
        answer.put("sewnWidth", text(cut.sewn().orElseThrow().height().value()));
        answer.put("segmentsPerSet", perSet.value().toString());
        answer.put("sets", sets.value().toString());
        return answer;
    }

    private Map<String, Object> wedge() {
        PieceShape shape = new PieceShape.Wedge(
                given(input.length("height")), given(input.length("base")), given(input.length("top")));
        Figure<Length> usableWidth = given(input.length("usableWidth"));
        boolean oneWay = input.optionalText("method").equals(Optional.of("one-way"));
        Figure<Count> perStrip = shape.perStrip("perStrip", Label.of("case"), usableWidth, oneWay);
        Figure<Count> strips = shape.strips("strips", Label.of("case"), count(needed), perStrip);
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("pieces", List.of(piece("A", usableWidth.value(), shape.stripHeight().value(), strips.value())));
        answer.put("yields", strips.value().times(perStrip.value()).toString());
        answer.put("perStrip", perStrip.value().toString());
        answer.put("strips", strips.value().toString());
        return answer;
    }
}
