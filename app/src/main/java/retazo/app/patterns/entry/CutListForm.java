package retazo.app.patterns.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.rows.SizeRow;
import retazo.app.patterns.rows.UseText;
import retazo.app.shared.Typed;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.CutForm;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

/**
 * A cut list as typed.
 *
 * @param version which version was opened, 0 for a new pattern
 * @param places  labels of blocks with their counts by size
 * @param binding name or letter of the role of a binding worked out from the finished size; empty for none
 * @param backing likewise
 * @param pasted  a text to fill the lines from
 */
record CutListForm(
        int version, @Nullable String name, @Nullable List<SizeRow> sizes, @Nullable List<PlaceRow> places, @Nullable List<LineRow> lines,
        @Nullable String binding, @Nullable String backing, @Nullable String pasted) {

    private static final int LEAST_LINES = 8;
    private static final int LEAST_PLACES = 2;
    private static final int LEAST_SIZES = 3;

    /** Blocks counted under a label. */
    record PlaceRow(@Nullable String label, @Nullable List<String> blocks) {
        static final PlaceRow BLANK = new PlaceRow("", List.of());

        boolean isBlank() {
            return (Typed.text(label) + String.join("", Typed.list(blocks))).isBlank();
        }

        public String count(int column) {
            List<String> typed = Typed.list(blocks);
            return column < typed.size() ? Typed.text(typed.get(column)) : "";
        }
    }

    /**
     * One line.
     *
     * @param key    of its role, where it has one already
     * @param role   its name or letter
     * @param piece  as {@link retazo.core.quilt.piece.CutForm} reads it
     * @param each   how many in each block or quilt; empty where the counts stand by size
     * @param per    label of the blocks; empty for the quilt
     * @param counts by size
     * @param precut such as {@code strip-roll 16}: a kind and how many of the pieces one gives
     */
    record LineRow(
            @Nullable String key, @Nullable String role, @Nullable String use, @Nullable String piece, @Nullable String each,
            @Nullable String per, @Nullable List<String> counts, @Nullable String precut, @Nullable String note) {

        static final LineRow BLANK = new LineRow("", "", "", "", "", "", List.of(), "", "");

        /** The strips that a paper may cut it from, where nobody said which. */
        public List<String> openStrips() {
            return CutForm.read(Typed.text(piece)).filter(CutForm::isStripOpen)
                    .map(form -> form.sizes().stream().map(side -> side.toString().replace(" in", "")).toList()).orElse(List.of());
        }

        boolean isBlank() {
            return (Typed.text(role) + Typed.text(piece) + Typed.text(each) + Typed.text(precut) + Typed.text(note)
                    + String.join("", Typed.list(counts))).isBlank();
        }

        public String count(int column) {
            List<String> typed = Typed.list(counts);
            return column < typed.size() ? Typed.text(typed.get(column)) : "";
        }
    }

    static CutListForm empty() {
        return new CutListForm(0, "", List.of(), List.of(), List.of(), "", "", "").padded();
    }

    /** A version as it is; one without a list, with its sizes. */
    static CutListForm of(PatternVersion pattern) {
        QuiltDesign design = pattern.design();
        Map<RoleKey, String> names = design.roles().stream().collect(Collectors.toMap(Role::key, Role::name));
        Optional<CutList> list = design.cutList();
        return new CutListForm(
                pattern.number(), pattern.name(), SizeRow.of(design),
                list.map(known -> known.places().stream()
                        .map(place -> new PlaceRow(place.label(), bySize(place.blocks(), design)))
                        .toList()).orElse(List.of()),
                list.map(known -> known.lines().stream().map(line -> line(line, design, names)).toList()).orElse(List.of()),
                list.flatMap(CutList::binding).map(names::get).orElse(""),
                list.flatMap(CutList::backing).map(names::get).orElse(""),
                "")
                .padded();
    }

    private static List<String> bySize(Map<SizeKey, Integer> counts, QuiltDesign design) {
        List<String> texts = new ArrayList<>();
        for (QuiltSize size : design.sizes()) {
            texts.add(counts.containsKey(size.key()) ? counts.get(size.key()).toString() : "");
        }
        return texts;
    }

    private static LineRow line(CutList.Line line, QuiltDesign design, Map<RoleKey, String> names) {
        String each = line.count().match(
                perBlock -> Integer.toString(perBlock.each()), perSize -> "", perQuilt -> Integer.toString(perQuilt.count()));
        return new LineRow(
                line.role().value(), names.get(line.role()), UseText.write(line.use()), line.form().text(), each,
                line.count().match(perBlock -> perBlock.place(), perSize -> "", perQuilt -> ""),
                line.count().match(perBlock -> List.of(), perSize -> bySize(perSize.counts(), design), perQuilt -> List.of()),
                line.precut().map(precut -> precut.kind().code() + " " + precut.perSheet()).orElse(""),
                line.note());
    }

    /** Whether nothing but a text to fill from was sent, by somebody who has not opened the list. */
    boolean isBare() {
        return version == 0 && lines == null && sizes == null;
    }

    /** The same list with the text that is to fill it. */
    CutListForm with(CutListForm sent) {
        return new CutListForm(version, name, sizes, places, lines, binding, backing, sent.pasted);
    }

    /** The same texts with rows and columns to spare. */
    CutListForm padded() {
        List<LineRow> trimmed = new ArrayList<>(Typed.list(lines));
        while (!trimmed.isEmpty() && trimmed.get(trimmed.size() - 1).isBlank()) {
            trimmed.remove(trimmed.size() - 1);
        }
        List<PlaceRow> filledPlaces = Typed.list(places).stream().filter(place -> !place.isBlank()).toList();
        return new CutListForm(
                version, name, Typed.withSpare(sizes, SizeRow.BLANK, LEAST_SIZES, QuiltDesign.MOST_SIZES),
                Typed.withSpare(filledPlaces, PlaceRow.BLANK, LEAST_PLACES, CutList.MOST_PLACES),
                Typed.withSpare(trimmed, LineRow.BLANK, LEAST_LINES, CutList.MOST_LINES), binding, backing, pasted);
    }
}
