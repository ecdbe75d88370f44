package retazo.core.block.unit;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import retazo.core.block.Block;
import retazo.core.block.Cell;
import retazo.core.block.CellGrid;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Orientation;
import retazo.core.block.shape.UnitCut;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitPractice;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/** Units typed as a designer types them, and what is cut for them in words. */
public final class UnitSamples {

    /** One of every kind and method, each with a cell that fits it. */
    public static final Map<String, FinishedSize> EVERY_UNIT = Map.ofEntries(
            Map.entry("A", size("3", "4 1/2")),
            Map.entry("A/B", size("3", "3")),
            Map.entry("half-square:four-at-a-time A, B", size("3", "3")),
            Map.entry("half-square:eight-at-a-time A, B", size("3", "3")),
            Map.entry("half-square:triangles A, B", size("3", "3")),
            Map.entry("hourglass A, B", size("3", "3")),
            Map.entry("hourglass:half-squares A, B", size("3", "3")),
            Map.entry("three-patch A, B, C", size("3", "3")),
            Map.entry("geese A, B", size("4", "2")),
            Map.entry("geese:four-at-a-time A, B", size("4", "2")),
            Map.entry("clipped A, B top-left:1 1/2, C bottom-right:2", size("3", "4")),
            Map.entry("clipped A, B top-left:3, C top-right:2, B bottom-left:2 1/2", size("3", "4")),
            Map.entry("square-in-square A, B", size("4", "4")),
            Map.entry("strip-set A 1, B 2, A 1", size("3", "4")),
            Map.entry("four-patch A, B, B, A", size("4", "4")),
            Map.entry("four-patch:strip-sets A, B, B, A", size("4", "4")),
            Map.entry("nine-patch A, B, A, B, A, B, A, B, A", size("6", "6")),
            Map.entry("nine-patch:strip-sets A, B, A, B, A, B, A, B, A", size("6", "6")),
            Map.entry("wedge A, B", size("4", "4")),
            Map.entry("wedge A 1, B", size("4", "5")),
            Map.entry("ring A, B, C", size("12", "12")),
            Map.entry("half-rectangle A, B", size("3", "6")),
            Map.entry("slashed A 1, B, C", size("6", "4")),
            Map.entry("templates A 0:0:4:0:0:3, B 4:0:4:3:0:3", size("4", "3")),
            Map.entry("templates A 4-per-strip:5:0:0:2:0:2:3:0:3, B 2:0:4:0:4:3:2:3", size("4", "3")));

    private static final Map<String, RoleKey> ROLES = IntStream.rangeClosed('A', 'F')
            .mapToObj(letter -> String.valueOf((char) letter))
            .collect(Collectors.toMap(letter -> letter, RoleKey::new));

    private UnitSamples() {
    }

    public static FinishedSize size(String width, String height) {
        return new FinishedSize(Length.parse(width), Length.parse(height));
    }

    /** A unit typed with the letters A to F, whose keys are the letters. */
    public static Unit unit(String text) {
        return UnitText.read(text, ROLES).match(unit -> unit, problem -> {
            throw new IllegalArgumentException(text + ": " + problem);
        });
    }

    static CellGrid.Names names() {
        return new CellGrid.Names(ROLES, Map.of());
    }

    /** A block of one cell. */
    public static Block blockOf(String text, FinishedSize size) {
        return Block.of(List.of(size.width()), List.of(size.height()), List.of(Cell.at(0, 0, unit(text), Orientation.UPRIGHT)));
    }

    public static UnitCut cut(String text, FinishedSize size, long needed, ShopPractice practice) {
        SizedUnit only = blockOf(text, size).units().keySet().iterator().next();
        return only.unit().cut(new UnitCutting("u", count(needed), only.size(), only.mirrored(), UnitPractice.of(practice)));
    }

    /** Every kind of unit sewn so much larger. */
    public static ShopPractice oversize(String length) {
        ShopPractice practice = ShopPractice.customary();
        for (UnitKind kind : UnitKind.values()) {
            if (kind.oversize().isPresent()) {
                practice = practice.with(kind.oversize().get(), Length.parse(length));
            }
        }
        return practice;
    }

    /** Such as {@code A 4 x 3 1/2 · 12}: role, across the cloth × along it, how many. */
    public static List<String> words(UnitCut cut) {
        return cut.pieces().stream()
                .map(piece -> piece.role() + " " + plain(piece.shape().across()) + " x " + plain(piece.shape().stripHeight())
                        + " · " + piece.count().value())
                .toList();
    }

    public static String plain(Figure<Length> length) {
        return length.value().toString().replace(" in", "");
    }

    public static Figure<Count> count(long value) {
        return Figure.given("n", Label.of("n"), new Count(value), Origin.pattern("n"));
    }

    public static Figure<Length> length(String value) {
        return Figure.given("l", Label.of("l"), Length.parse(value), Origin.practice(PracticeMeasure.USABLE_WIDTH.key()));
    }
}
