package retazo.app.patterns;

import java.util.List;
import java.util.stream.Stream;
import retazo.app.shared.Words;
import retazo.core.block.UnitKind;

/** The kinds of units that can be placed, each with its ways of making it. */
record UnitPalette(String code, String name, List<Method> methods) {

    /** A way of making a unit. */
    record Method(String code, String name) {
    }

    static List<UnitPalette> all(Words words) {
        return Stream.of(UnitKind.values())
                .map(kind -> new UnitPalette(
                        kind.code(), words.text("unit." + kind.code()),
                        kind.methods().stream().map(method -> new Method(method.code(), words.text("method." + method.code()))).toList()))
                .toList();
    }
}
