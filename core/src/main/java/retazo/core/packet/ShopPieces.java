package retazo.core.packet;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.core.block.shape.PieceShape;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.SheetSize;
import retazo.core.cutting.ClothPart;
import retazo.core.cutting.LaidCloth;
import retazo.core.cutting.strip.CutRequest;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.kit.Need;
import retazo.core.kit.SheetPiece;
import retazo.core.measure.Length;
import retazo.core.precut.SheetPlan;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.setting.Use;

/**
 * What the shop cuts for one bag, from each cloth and precut. Whole lengths that are only printed, and precuts that go into the bag as they
 * are, are not among it.
 */
public final class ShopPieces {

    private final QuiltPlan plan;
    private final Map<String, PieceNeed> byLabel;

    private ShopPieces(QuiltPlan plan) {
        this.plan = plan;
        this.byLabel = plan.pieces().stream().collect(Collectors.toMap(
                PieceNeed::label, Function.identity(), (one, other) -> one, LinkedHashMap::new));
    }

    /** @param needs by code of fabric or precut, as the kit is made */
    public static List<ShopPiece> of(QuiltPlan plan, Map<String, Need> needs) {
        ShopPieces pieces = new ShopPieces(plan);
        List<ShopPiece> all = new ArrayList<>();
        needs.forEach((code, need) -> all.addAll(pieces.of(code, need)));
        all.sort(Comparator.comparing(pieces::place));
        return all;
    }

    /** Pieces in the order of their labels, long strips after them. */
    private int place(ShopPiece piece) {
        int place = List.copyOf(byLabel.keySet()).indexOf(piece.label());
        return place < 0 ? byLabel.size() : place;
    }

    private List<ShopPiece> of(String code, Need need) {
        return need.amount().match(
                cloth -> cloth.plan().laid().map(laid -> laid(code, laid)).orElse(List.of()),
                printed -> List.of(),
                quarters -> sheets(code, quarters.plan()),
                units -> precut(code, units));
    }

    /** A cloth that is a back and nothing else goes into the bag as the length that it is. */
    private List<ShopPiece> laid(String code, LaidCloth laid) {
        Map<String, ShopPiece> pieces = new LinkedHashMap<>();
        Map<String, Integer> placed = placed(laid);
        for (ClothPart part : laid.parts()) {
            if (part.labels().isEmpty()) {
                longStrips(code, part, laid.request(), placed.getOrDefault(part.id(), 0)).ifPresent(one -> pieces.put(one.key(), one));
            }
            for (String label : part.labels()) {
                PieceNeed need = requireNonNull(byLabel.get(label));
                int strips = Stream.of(part.id(), part.id() + " ").mapToInt(id -> placed.getOrDefault(id, 0)).sum();
                pieces.computeIfAbsent(label, key -> piece(code, need, need.shape().setRoles().isEmpty()
                        ? Math.toIntExact(need.count().value().value())
                        : strips, laid.request().usableWidth()));
            }
        }
        boolean backingAlone = pieces.values().stream().allMatch(piece -> piece.use().equals(Use.BACKING));
        return backingAlone ? List.of() : List.copyOf(pieces.values());
    }

    /** How many rectangles of each id lie on all strips. */
    private static Map<String, Integer> placed(LaidCloth laid) {
        Map<String, Integer> placed = new LinkedHashMap<>();
        laid.strips().forEach(strip -> strip.cut().counts()
                .forEach((id, count) -> placed.merge(id, Math.multiplyExact(count, strip.cut().times()), Integer::sum)));
        return placed;
    }

    /** Strips of a set, and whole strips, reach across the cloth. */
    private static ShopPiece piece(String code, PieceNeed need, int count, Length usableWidth) {
        PieceShape shape = need.shape();
        boolean whole = !shape.setRoles().isEmpty() || shape instanceof PieceShape.WholeStrip;
        return new ShopPiece(
                need.label(), need.label(), need.role(), code, need.use(), Optional.of(shape), Optional.empty(),
                whole ? usableWidth : shape.across().value(), shape.stripHeight().value(), count);
    }

    /** Of joined strips as many as lie on the cloth, the last as wide as the others. */
    private Optional<ShopPiece> longStrips(String code, ClothPart part, CutRequest request, int count) {
        Use use = part.uses().get(0);
        return count == 0
                ? Optional.empty()
                : size(part.id(), request).map(size -> new ShopPiece(
                        part.id(), "", role(part.id()), code, use, Optional.empty(), part.runs(), size.width(), size.height(), count));
    }

    private record Size(Length width, Length height) {
    }

    private static Optional<Size> size(String id, CutRequest request) {
        Stream<Size> pieces = request.pieces().stream().filter(one -> one.id().equals(id)).map(one -> new Size(one.width(), one.height()));
        Stream<Size> fixed = request.fixed().stream().filter(one -> one.id().equals(id)).map(one -> new Size(one.width(), one.height()));
        Stream<Size> joined = request.joined().stream().filter(one -> one.id().equals(id))
                .map(one -> new Size(request.usableWidth(), one.height()));
        return Stream.of(pieces, fixed, joined).flatMap(all -> all).findFirst();
    }

    /** The role that long strips, a binding or a back are cut in; a piece of them that is cut by itself has a number behind their key. */
    private RoleKey role(String id) {
        Map<String, RoleKey> roles = new LinkedHashMap<>();
        plan.longPieces().forEach(pieces -> roles.put(pieces.key(), pieces.role()));
        plan.bindings().forEach(binding -> roles.put(binding.key(), binding.role()));
        plan.backings().forEach(backing -> roles.put(backing.key(), backing.role()));
        return Optional.ofNullable(roles.get(id))
                .orElseGet(() -> roles.entrySet().stream().filter(entry -> id.startsWith(entry.getKey() + ".")).map(Map.Entry::getValue)
                        .findFirst().orElseThrow());
    }

    private List<ShopPiece> sheets(String code, SheetPlan sheets) {
        return sheets.request().set().stream().map(piece -> onSheet(code, requireNonNull(byLabel.get(piece.id())), piece)).toList();
    }

    private static ShopPiece onSheet(String code, PieceNeed need, LaidPiece piece) {
        return new ShopPiece(
                need.label(), need.label(), need.role(), code, need.use(), Optional.of(need.shape()), Optional.empty(),
                piece.width(), piece.height(),
                piece.count());
    }

    /** Sheets of which none is cut go into the bag as they are. */
    private List<ShopPiece> precut(String code, Need.Amount.Units units) {
        return units.pieces().stream().allMatch(piece -> isWhole(piece, units))
                ? List.of()
                : units.pieces().stream().map(piece -> piece.laid().map(laid -> onSheet(code, piece.need(), laid))
                        .orElseGet(() -> new ShopPiece(
                                piece.need().label(), piece.need().label(), piece.need().role(), code, piece.need().use(),
                                Optional.of(piece.need().shape()), Optional.empty(), piece.need().shape().across().value(),
                                piece.need().shape().stripHeight().value(), piece.count())))
                        .toList();
    }

    /** Whether it is as large as its sheet, or nobody says how large it is. */
    private static boolean isWhole(SheetPiece piece, Need.Amount.Units units) {
        Optional<SheetSize> sheet = units.plan().map(plan -> SheetSize.of(plan.request().width(), plan.request().height()))
                .or(() -> piece.need().precut().flatMap(precut -> precut.kind().nominal()));
        return piece.laid().map(laid -> sheet.map(SheetSize.of(laid.width(), laid.height())::equals).orElse(false))
                .orElseGet(() -> piece.perSheet() == 1 && (piece.need().shape() instanceof PieceShape.WholeStrip
                        || sheet.map(SheetSize.of(
                                piece.need().shape().across().value(), piece.need().shape().stripHeight().value())::equals).orElse(false)));
    }
}
