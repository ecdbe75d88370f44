package retazo.app.stock.goods;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.core.cloth.Colour;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.SheetSize;
import retazo.core.measure.Problem;

/**
 * A new precut or notion as typed.
 *
 * @param kind the name of a {@link PrecutKind} or of a {@link GoodKind.Notion.Sort}
 */
public record NewGoodForm(
        @Nullable String code, @Nullable String name, @Nullable String kind, @Nullable String perUnit, @Nullable String colour,
        @Nullable String sheet) {

    private static final int MOST_IN_A_PACK = 1_000;

    static NewGoodForm empty() {
        return new NewGoodForm("", "", PrecutKind.STRIP_ROLL.name(), "40", "#4f7f86", "");
    }

    public Optional<NewGood> read(FieldReader reader) {
        String readCode = reader.text("code", code, 20).toUpperCase(Locale.ROOT);
        if (!readCode.isEmpty() && !readCode.matches("[A-Z0-9][A-Z0-9-]*")) {
            reader.add(Problem.at("code", "good.code"));
        }
        String readName = reader.text("name", name, 60);
        Optional<GoodKind> readKind = kind(reader);
        String dot = colour == null ? "" : colour.strip().toLowerCase(Locale.ROOT);
        if (!Colour.isWritten(dot)) {
            reader.add(Problem.at("colour", "fabric.colour"));
        }
        return reader.anyProblem()
                ? Optional.empty()
                : readKind.map(known -> new NewGood(readCode, readName, known, Colour.parse(dot)));
    }

    private Optional<GoodKind> kind(FieldReader reader) {
        Optional<GoodKind.Notion.Sort> notion = Stream.of(GoodKind.Notion.Sort.values())
                .filter(sort -> sort.name().equals(kind)).findFirst();
        if (notion.isPresent()) {
            return notion.map(GoodKind.Notion::new);
        }
        Optional<PrecutKind> precut = reader.choice("kind", kind, PrecutKind.class);
        int each = reader.number("perUnit", perUnit, 1, MOST_IN_A_PACK);
        int before = reader.problems().size();
        Optional<SheetSize> measured = SheetText.read("sheet", sheet, reader);
        if (precut.equals(Optional.of(PrecutKind.OWN)) && measured.isEmpty() && reader.problems().size() == before) {
            reader.add(Problem.at("sheet", "good.own-needs-measure"));
        }
        return precut.map(known -> new GoodKind.Precut(known, each, measured));
    }

    /** How a measured size is written so that it can be read again. */
    public static String sheet(SheetSize size) {
        return SheetText.write(size);
    }

    /** The names of the kinds of precuts that can be chosen. */
    public static List<PrecutKind> precuts() {
        return List.of(PrecutKind.values());
    }
}
