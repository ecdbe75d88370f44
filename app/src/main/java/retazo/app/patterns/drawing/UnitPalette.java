package retazo.app.patterns.drawing;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import retazo.app.practice.DrawingStart;
import retazo.app.shared.Words;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;

/** The kinds of units that can be placed, each with its ways of making it. */
record UnitPalette(String code, String name, List<Method> methods) {

    /** A way of making a unit. */
    record Method(String code, String name) {
    }

    /** @param start whose way of making half-square triangles comes first */
    static List<UnitPalette> all(DrawingStart start, Words words) {
        return Stream.of(UnitKind.values())
                .map(kind -> new UnitPalette(
                        kind.code(), words.text("unit." + kind.code()),
                        kind.methods().stream().sorted(Comparator.comparing(method -> method != start.halfSquares()))
                                .map(method -> new Method(method.code(), words.text(
                                        kind == UnitKind.RING && method == UnitMethod.ONLY
                                                ? "method.true-points"
                                                : "method." + method.code())))
                                .toList()))
                .toList();
    }
}
