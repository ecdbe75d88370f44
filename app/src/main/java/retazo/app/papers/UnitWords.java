package retazo.app.papers;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.app.cloth.ShapeWords;
import retazo.app.kits.KitWork;
import retazo.app.pictures.QuiltPicture;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.block.shape.CutPiece;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.UnitCut;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.spec.UnitPart;
import retazo.core.block.unit.CutUnit;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.kit.Need;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.precut.SheetPlan;
import retazo.core.quilt.plan.MadeUnit;

/** How one unit is sewn, in words with the figures of its cut. */
final class UnitWords {

    private final KitWork work;
    private final Length step;
    private final Words words;

    /**
     * The words of one kit.
     *
     * @param step to which lengths are read off a ruler
     */
    UnitWords(KitWork work, Length step, Words words) {
        this.work = work;
        this.step = step;
        this.words = words;
    }

    /** Empty for a single patch, which nobody sews. */
    Optional<SewingPage.Unit> of(MadeUnit made, int number) {
        UnitKind kind = made.unit().unit().spec().kind();
        if (kind == UnitKind.PATCH) {
            return Optional.empty();
        }
        String name = Stream.of(
                words.text("make.name", made.needed().value().value(), words.text("unit." + kind.code())), method(made), hand(made))
                .filter(part -> !part.isEmpty()).collect(Collectors.joining(", "));
        return Optional.of(new SewingPage.Unit(
                name, FractionText.of(takes(made)), FractionText.of(how(made, kind)), FractionText.of(measure(made, kind)),
                StepDrawings.of(made, work.kit()::isOneWay), drawn(made, number)));
    }

    private String method(MadeUnit made) {
        UnitMethod method = made.unit().unit().spec().method();
        return method == UnitMethod.ONLY ? "" : words.text("method." + method.code());
    }

    private String hand(MadeUnit made) {
        return made.unit().mirrored() ? words.text("make.mirrored") : "";
    }

    private String takes(MadeUnit made) {
        String pieces = made.cut().pieces().stream()
                .map(piece -> words.text("make.piece", count(made, piece), label(made, piece), ShapeWords.of(piece.shape(), words)))
                .collect(Collectors.joining("; "));
        return words.text("make.takes", pieces, made.come().value(), made.needed().value().value());
    }

    /** Of a strip set the strips of all its sets, else the pieces. */
    private long count(MadeUnit made, CutPiece piece) {
        return piece.shape().setRoles().isEmpty() ? piece.count().value().value() : strips(made, piece);
    }

    /** Two labels where a print stays upright and some of the units lie on their side. */
    private String label(MadeUnit made, CutPiece piece) {
        return String.join(" / ", work.plan().labels(made, piece));
    }

    private String how(MadeUnit made, UnitKind kind) {
        if (kind == UnitKind.STRIP_SET) {
            return stripSet(made);
        }
        List<Object> arguments = new ArrayList<>(made.cut().pieces().stream().map(piece -> (Object) label(made, piece)).toList());
        while (arguments.size() < 3) {
            arguments.add("");
        }
        arguments.add(3, made.seam());
        arguments.add(4,
                kind == UnitKind.HOURGLASS ? made.cut().sewn().map(sewn -> sewn.width().value()).orElse(Length.ZERO) : Length.ZERO);
        String told = words.text("make." + kind.code() + "." + made.unit().unit().spec().method().code(),
                arguments.subList(0, 5).toArray());
        return switch (kind) {
            case CLIPPED -> told + " " + corners(made);
            case SLASHED -> told + " " + slashes(made);
            default -> told;
        };
    }

    /** The corners in the order in which they are sewn, of each arrangement. */
    private String corners(MadeUnit made) {
        return made.arrangements().keySet().stream()
                .map(unit -> unit.spec().parts().stream().skip(1)
                        .map(part -> words.text("make.corner", letter(part), words.text("corner." + part.place())))
                        .collect(Collectors.joining(", ")))
                .map(corners -> words.text("make.corners", corners)).distinct().collect(Collectors.joining(" "));
    }

    private String slashes(MadeUnit made) {
        return words.text("make.slashes", words.list(made.slashes().stream()
                .map(slash -> words.text("make.slash", slash.below().onRuler(step), slash.above().onRuler(step))).toList()), made.seam());
    }

    private String letter(UnitPart part) {
        return work.kit().pattern().design().role(part.role()).letter();
    }

    /** The strips in their order, and what a set gives on the cloth of this kit. */
    private String stripSet(MadeUnit made) {
        UnitCut.Measures sewn = made.cut().sewn().orElseThrow();
        long segments = made.cut().pieces().stream().mapToLong(piece -> perSet(made, piece)).min().orElseThrow();
        String order = made.unit().unit().spec().parts().stream()
                .map(part -> words.text("make.strip", letter(part), made.stripWidth(part.sizes().get(0))))
                .collect(Collectors.joining(", "));
        return words.text("make.strip-set.only", order, sewn.height().value(), sewn.width().value(), segments,
                made.sets(new Count(segments)).value(),
                made.needed().value().value());
    }

    private long perSet(MadeUnit made, CutPiece piece) {
        return line(made, piece).perStrip();
    }

    private long strips(MadeUnit made, CutPiece piece) {
        return line(made, piece).strips();
    }

    /** How many segments a set gives, and how many strips there are of a piece, as its cloth is planned. */
    private SetLine line(MadeUnit made, CutPiece piece) {
        String label = label(made, piece);
        return work.needs().byFabric().values().stream().filter(need -> need.roles().contains(piece.role()))
                .flatMap(need -> need.cloth().stream())
                .flatMap(cloth -> cloth.plan().lines().stream())
                .filter(line -> line.pieceLabels().contains(label))
                .flatMap(line -> line.pieces().stream()
                        .map(pieces -> new SetLine(pieces.perStrip().value().value(), line.strips().value().value())))
                .findFirst().orElseGet(() -> ofPrecut(made, piece));
    }

    private record SetLine(long perStrip, long strips) {
    }

    /** Where its strips come out of a roll, the sheet is as long as the set. */
    private SetLine ofPrecut(MadeUnit made, CutPiece piece) {
        return work.needs().byFabric().values().stream().filter(need -> need.roles().contains(piece.role()))
                .flatMap(need -> plan(need).stream()).findFirst()
                .map(length -> {
                    Figure<Count> perStrip = Figure.given(
                            "set.perStrip", Label.of("cloth.perStrip", label(made, piece)),
                            length.wholeTimes(piece.shape().across().value()),
                            Origin.craft("precut-length"));
                    Figure<Count> strips = piece.shape().strips(
                            "set.strips", Label.of("cloth.strips", label(made, piece)), piece.count(), perStrip);
                    return new SetLine(perStrip.value().value(), strips.value().value());
                })
                .orElseThrow();
    }

    private static Optional<Length> plan(Need need) {
        Optional<SheetPlan> sheets = need.amount().match(
                cloth -> Optional.empty(), printed -> Optional.empty(), quarters -> Optional.of(quarters.plan()), units -> units.plan());
        return sheets.map(plan -> plan.request().width());
    }

    private String measure(MadeUnit made, UnitKind kind) {
        FinishedSize ready = made.unfinished();
        String exact = LengthView.sides(ready.width(), ready.height());
        if (kind == UnitKind.STRIP_SET) {
            return words.text("make.measure.set", LengthView.cut(made.cut().sewn().orElseThrow().height().value()).plain(), exact);
        }
        boolean trimmed = made.cut().trimTo().isPresent() && kind.oversize().isPresent()
                && made.cut().sewn().map(sewn -> sewn.height().value().isLongerThan(ready.height())).orElse(false);
        if (trimmed && !(kind == UnitKind.HOURGLASS && made.unit().unit().spec().method() == UnitMethod.HALF_SQUARES)) {
            UnitCut.Measures sewn = made.cut().sewn().orElseThrow();
            return words.text("make.measure.trim", LengthView.sides(sewn.width().value(), sewn.height().value()), exact);
        }
        return words.text("make.measure.exact", exact);
    }

    private List<SewingPage.Drawn> drawn(MadeUnit made, int number) {
        List<SewingPage.Drawn> drawn = new ArrayList<>();
        for (CutUnit unit : made.arrangements().keySet()) {
            long count = requireNonNull(made.arrangements().get(unit)).value().value();
            drawn.add(new SewingPage.Drawn(
                    QuiltPicture.ofUnit(
                            "unit-" + number + "-" + drawn.size(), made.unit().size(),
                            made.drawn(unit), work.kit()::ink, role -> work.kit().pattern().design().role(role).letter()),
                    words.text("make.count", count)));
        }
        return drawn;
    }
}
