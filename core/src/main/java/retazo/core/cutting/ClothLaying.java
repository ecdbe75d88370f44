package retazo.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import retazo.core.block.shape.CutSize;
import retazo.core.block.shape.PieceShape;
import retazo.core.cutting.strip.CutRequest;
import retazo.core.cutting.strip.FixedStrip;
import retazo.core.cutting.strip.JoinedStrip;
import retazo.core.cutting.strip.JoinedStrips;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.finish.BackingSheet;
import retazo.core.quilt.finish.BindingCut;
import retazo.core.quilt.finish.BindingStrip;
import retazo.core.quilt.setting.LongPieces;
import retazo.core.quilt.setting.Use;

/** The needs of a cloth as rectangles: which may lie anywhere, which strips are settled, which are joined. */
final class ClothLaying {

    private final ClothRequest request;
    private final Set<String> along;
    private final List<ClothPart> parts = new ArrayList<>();
    private final List<LaidPiece> pieces = new ArrayList<>();
    private final List<FixedStrip> fixed = new ArrayList<>();
    private final List<JoinedStrip> joined = new ArrayList<>();

    /** @param along the keys of the long pieces that lie along the length */
    ClothLaying(ClothRequest request, Set<String> along) {
        this.request = request;
        this.along = along;
        Map<CutSize, List<ClothNeed.Pieces>> alike = new LinkedHashMap<>();
        for (ClothNeed need : request.needs()) {
            need.match(
                    piece -> alike.computeIfAbsent(piece.together(request.print()), size -> new ArrayList<>()).add(piece),
                    longPieces -> add(longPieces.pieces()),
                    binding -> add(binding.strip()),
                    backing -> add(backing.sheet()));
        }
        alike.values().forEach(this::add);
    }

    CutRequest cutRequest() {
        return new CutRequest(request.usableWidth().value(), pieces, fixed, joined, request.mostSizes());
    }

    List<ClothPart> parts() {
        return parts;
    }

    private boolean add(List<ClothNeed.Pieces> alike) {
        PieceShape shape = alike.get(0).need().shape();
        List<String> labels = alike.stream().map(piece -> piece.need().label()).toList();
        List<Use> uses = alike.stream().map(piece -> piece.need().use()).distinct().toList();
        String id = String.join("+", labels);
        long count = alike.stream().mapToLong(piece -> piece.need().count().value().value()).sum();
        Optional<PieceShape.Rectangle> rectangle = shape.asRectangle();
        parts.add(new ClothPart(id, uses, labels, Optional.of(shape), rectangle.isEmpty()));
        if (rectangle.isPresent()) {
            return pieces.add(new LaidPiece(
                    id, rectangle.get().width().value(), rectangle.get().height().value(), Math.toIntExact(count),
                    request.print().mayTurn()));
        }
        return addStrips(id, alike.get(0), count);
    }

    /** As many strips as they take by themselves, the last as far as it is used. */
    private boolean addStrips(String id, ClothNeed.Pieces need, long count) {
        PieceShape shape = need.need().shape();
        Figure<Count> perStrip = shape.perStrip("", Label.of(""), need.usableWidth(), request.print().isOneWay());
        Figure<Count> all = Figure.given("", Label.of(""), new Count(count), Origin.craft(""));
        long strips = shape.strips("", Label.of(""), all, perStrip).value().value();
        long sets = Math.max(1, new Count(count).inGroupsOf(perStrip.value()).value());
        long each = Math.max(1, strips / sets);
        Length width = request.usableWidth().value();
        Length whole = shape.reach(perStrip.value().value(), width);
        Length last = shape.reach(count - (sets - 1) * perStrip.value().value(), width);
        if (whole.equals(last) || strips != each * sets) {
            return fixed.add(new FixedStrip(id, whole, shape.stripHeight().value(), Math.toIntExact(strips)));
        }
        if (sets > 1) {
            fixed.add(new FixedStrip(id, whole, shape.stripHeight().value(), Math.toIntExact(each * (sets - 1))));
        }
        parts.add(new ClothPart(id + " ", parts.get(parts.size() - 1).uses(), parts.get(parts.size() - 1).labels(), Optional.of(shape),
                true));
        return fixed.add(new FixedStrip(id + " ", last, shape.stripHeight().value(), Math.toIntExact(each)));
    }

    private boolean add(LongPieces longPieces) {
        String id = longPieces.key();
        Length width = request.usableWidth().value();
        parts.add(new ClothPart(id, List.of(longPieces.use()), List.of(), Optional.empty(), longPieces.runs(), along.contains(id)));
        if (along.contains(id)) {
            return fixed.add(new FixedStrip(
                    id, longPieces.cutWidth().value().times(longPieces.count()), longPieces.alongLength(width).orElseThrow().value(), 1));
        }
        Length total = longPieces.pieces().stream()
                .map(piece -> piece.length().value().times(piece.count().value())).reduce(Length.ZERO, Length::plus);
        JoinedStrip strip = new JoinedStrip(id, longPieces.cutWidth().value(), total, longPieces.join().value());
        boolean whole = longPieces.pieces().stream().noneMatch(piece -> piece.length().value().isLongerThan(width));
        if (whole && longPieces.strips(request.usableWidth()).value().value() < JoinedStrips.alone(strip, width)) {
            return addWhole(longPieces);
        }
        return joined.add(strip);
    }

    /** Pieces that take fewer strips uncut than joined may share strips with all others. */
    private boolean addWhole(LongPieces longPieces) {
        ClothPart part = parts.remove(parts.size() - 1);
        for (int i = 0; i < longPieces.pieces().size(); i++) {
            LongPieces.Piece piece = longPieces.pieces().get(i);
            String id = part.id() + "." + (i + 1);
            parts.add(new ClothPart(id, part.uses(), List.of(), Optional.empty(), part.runs(), false));
            pieces.add(new LaidPiece(
                    id, piece.length().value(), longPieces.cutWidth().value(), Math.toIntExact(piece.count().value().value()), false));
        }
        return true;
    }

    private boolean add(BindingStrip binding) {
        String id = binding.key();
        Optional<BindingStrip.BiasSquares> bias = binding.cut() == BindingCut.BIAS
                ? binding.biasSquares(request.usableWidth())
                : Optional.empty();
        parts.add(new ClothPart(id, List.of(Use.BINDING), List.of(), Optional.empty(), bias.isPresent()));
        return bias.map(squares -> fixed.add(new FixedStrip(
                id, squaresAbreast(squares), squares.side().value(), Math.toIntExact(squares.rows().value().value()))))
                .orElseGet(() -> joined.add(new JoinedStrip(
                        id, binding.stripWidth().value(), binding.length().value(), binding.join().value())));
    }

    private Length squaresAbreast(BindingStrip.BiasSquares squares) {
        long perRow = Math.min(squares.squares().value().value(), request.usableWidth().value().wholeTimes(squares.side().value()).value());
        return squares.side().value().times(perRow);
    }

    private boolean add(BackingSheet backing) {
        BackingSheet.Panels panels = backing.taken(request.usableWidth(), request.print());
        parts.add(new ClothPart(backing.key(), List.of(Use.BACKING), List.of(), Optional.empty(), true));
        long stretches = panels.length().value().ticks() / panels.panelLength().value().ticks();
        return fixed.add(new FixedStrip(
                backing.key(), request.usableWidth().value(), panels.panelLength().value(), Math.toIntExact(stretches)));
    }
}
