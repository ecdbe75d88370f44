package retazo.app.patterns.entry;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternAbout;
import retazo.app.patterns.file.PatternContent;
import retazo.app.patterns.rows.PastedText;
import retazo.app.patterns.rows.RoleBook;
import retazo.app.patterns.rows.SizeRow;
import retazo.app.patterns.rows.UseText;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.DesignCheck;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.CutCount;
import retazo.core.quilt.piece.CutForm;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.piece.CutListCheck;
import retazo.core.quilt.piece.PrecutSource;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.SizeTable;
import retazo.core.quilt.size.Way;

/** What a typed cut list comes to: the pattern, or all that is wrong. What the form does not show comes from the version before. */
record CutListDraft(Optional<PatternContent> content, List<Problem> problems) {

    private static final String ONLY_BLOCK = "block";

    static CutListDraft of(CutListForm form, Optional<PatternVersion> before) {
        return new Reading(form, before).draft();
    }

    /** Reads one form. */
    private static final class Reading {

        private final CutListForm form;
        private final Optional<PatternVersion> before;
        private final FieldReader reader = new FieldReader();
        private final RoleBook book;
        private final List<SizeRow> sizeRows;
        private final List<QuiltSize> sizes;

        Reading(CutListForm form, Optional<PatternVersion> before) {
            this.form = form;
            this.before = before;
            this.book = new RoleBook(before);
            this.sizeRows = Typed.list(form.sizes());
            this.sizes = SizeRow.read(sizeRows, SizeRow.Context.of(before, false, reader));
        }

        CutListDraft draft() {
            String name = reader.text("name", form.name(), PatternContent.LONGEST_NAME);
            Optional<Drawing> drawing = before.flatMap(version -> version.design().drawing());
            Optional<SizeTable> table = before.flatMap(version -> version.design().table());
            book.keep(TableDraft.rolesOf(Optional.empty(), drawing));
            book.keep(table.stream().flatMap(known -> known.rows().stream()).map(SizeTable.Row::role).toList());
            List<CutList.Line> lines = lines();
            CutList list = new CutList(places(), lines, finishing("binding", form.binding()), finishing("backing", form.backing()));
            Way plannedFrom = before.map(PatternVersion::design)
                    .filter(design -> design.cutList().isPresent() || design.drawing().isPresent())
                    .map(QuiltDesign::plannedFrom)
                    .orElse(Way.CUT_LIST);
            Map<PracticeMeasure, Length> overrides = before.map(version -> version.design().overrides()).orElse(Map.of());
            List<Role> roles = book.roles();
            if (!reader.anyProblem()) {
                new DesignCheck(roles, sizes, table, Optional.of(list), drawing, plannedFrom, overrides).problems()
                        .forEach(problem -> reader.add(placed(problem)));
                new CutListCheck(list, sizes).setProblems().forEach(problem -> reader.add(placed(problem)));
            }
            return new CutListDraft(
                    reader.anyProblem()
                            ? Optional.empty()
                            : Optional.of(new PatternContent(
                                    name, before.map(PatternVersion::about).orElse(PatternAbout.OWN),
                                    new QuiltDesign(roles, sizes, table, Optional.of(list), drawing, plannedFrom, overrides))),
                    reader.problems());
        }

        private Problem placed(Problem problem) {
            Problem inSizes = Typed.placed(problem, "sizes", sizeRows.stream().map(SizeRow::isBlank).toList());
            Problem inLines = Typed.placed(inSizes, "lines", Typed.list(form.lines()).stream().map(CutListForm.LineRow::isBlank).toList());
            return Typed.placed(inLines, "places", Typed.list(form.places()).stream().map(CutListForm.PlaceRow::isBlank).toList());
        }

        private Optional<RoleKey> finishing(String field, @Nullable String text) {
            return Typed.text(text).isEmpty() ? Optional.empty() : book.role(field, "", text, reader);
        }

        /** Where there are blocks of one kind only, they need no label of their own. */
        private boolean isOnlyPlace() {
            return Typed.list(form.places()).stream().filter(row -> !row.isBlank()).count() == 1;
        }

        /** The label of the only kind of block, however it is called in a line. */
        private String label(String per) {
            boolean isBlock = per.equalsIgnoreCase(ONLY_BLOCK) || per.equalsIgnoreCase("blocks");
            return isBlock && isOnlyPlace()
                    ? Typed.list(form.places()).stream().filter(row -> !row.isBlank()).map(row -> Typed.text(row.label()))
                            .filter(label -> !label.isEmpty()).findFirst().orElse(ONLY_BLOCK)
                    : per;
        }

        private List<CutList.Place> places() {
            List<CutList.Place> places = new ArrayList<>();
            List<CutListForm.PlaceRow> rows = Typed.list(form.places());
            for (int i = 0; i < rows.size(); i++) {
                if (!rows.get(i).isBlank()) {
                    String place = "places." + i;
                    String label = isOnlyPlace() && Typed.text(rows.get(i).label()).isEmpty()
                            ? ONLY_BLOCK
                            : reader.text(place + ".label", rows.get(i).label(), 40);
                    places.add(new CutList.Place(label, counts(place + ".blocks", rows.get(i).blocks())));
                }
            }
            return places;
        }

        private Map<SizeKey, Integer> counts(String place, @Nullable List<String> typed) {
            Map<SizeKey, Integer> counts = new LinkedHashMap<>();
            int next = 0;
            for (int column = 0; column < sizeRows.size(); column++) {
                boolean blank = sizeRows.get(column).isBlank() || next >= sizes.size();
                Optional<SizeKey> key = blank ? Optional.empty() : Optional.of(sizes.get(next++).key());
                String text = column < Typed.list(typed).size() ? Typed.text(Typed.list(typed).get(column)) : "";
                if (!text.isEmpty() && key.isEmpty()) {
                    reader.add(Problem.at(place + "." + column, "table.no-size"));
                } else if (!text.isEmpty()) {
                    counts.put(key.get(), reader.number(place + "." + column, text, 0, CutCount.MOST));
                }
            }
            return counts;
        }

        private List<CutList.Line> lines() {
            List<CutList.Line> lines = new ArrayList<>();
            List<CutListForm.LineRow> rows = Typed.list(form.lines());
            for (int i = 0; i < Math.min(rows.size(), CutList.MOST_LINES); i++) {
                if (!rows.get(i).isBlank()) {
                    line("lines." + i + ".", rows.get(i)).ifPresent(lines::add);
                }
            }
            return lines;
        }

        private Optional<CutList.Line> line(String place, CutListForm.LineRow row) {
            Optional<RoleKey> role = book.role(place + "role", row.key(), row.role(), reader);
            String piece = Typed.text(row.piece());
            Optional<CutForm> cut = CutForm.read(piece);
            if (cut.isEmpty()) {
                reader.add(Problem.at(place + "piece", "cutList.piece", piece.length() > 40 ? piece.substring(0, 40) + "…" : piece));
            }
            Use use = Typed.text(row.use()).isEmpty() ? Use.BLOCKS : Use.named(Typed.text(row.use()));
            CutCount count = count(place, row);
            Optional<PrecutSource> precut = precut(place, row.precut());
            String note = reader.optionalText(place + "note", row.note(), 200);
            return role.flatMap(key -> cut.map(found -> new CutList.Line(key, use, found, count, precut, note)));
        }

        private CutCount count(String place, CutListForm.LineRow row) {
            if (Typed.text(row.each()).isEmpty()) {
                Map<SizeKey, Integer> counts = counts(place + "counts", row.counts());
                if (counts.isEmpty()) {
                    reader.add(Problem.at(place + "each", "cutList.no-count"));
                }
                return new CutCount.PerSize(counts);
            }
            int each = reader.number(place + "each", row.each(), 0, CutCount.MOST);
            String per = Typed.text(row.per());
            return per.isEmpty() ? new CutCount.PerQuilt(each) : new CutCount.PerBlock(label(per), each);
        }

        private Optional<PrecutSource> precut(String place, @Nullable String typed) {
            String text = Typed.text(typed);
            if (text.isEmpty()) {
                return Optional.empty();
            }
            String[] words = text.split("\\s+");
            Optional<PrecutKind> kind = Stream.of(words).findFirst().flatMap(PrecutKind::ofCode);
            boolean counted = words.length == 2 && words[1].matches("\\d{1,4}");
            if (kind.isEmpty() || words.length > 2 || words.length == 2 && !counted) {
                reader.add(Problem.at(place + "precut", "cutList.precut", text.length() > 40 ? text.substring(0, 40) + "…" : text));
                return Optional.empty();
            }
            return Optional.of(new PrecutSource(kind.get(), counted ? Integer.parseInt(words[1]) : 1));
        }
    }

    /** The form with lines added from the pasted text: role, piece, how many, and of which blocks. */
    static CutListForm filled(CutListForm form, FieldReader reader) {
        List<List<String>> pasted = PastedText.rows(form.pasted());
        if (pasted.isEmpty() || pasted.size() > CutList.MOST_LINES || PastedText.isTooLarge(pasted)) {
            reader.add(Problem.at("pasted", "cutList.paste", CutList.MOST_LINES));
            return form;
        }
        if (pasted.stream().allMatch(row -> row.size() == 1)) {
            reader.add(Problem.at("pasted", "cutList.paste-one-column", pasted.get(0).get(0)));
            return form;
        }
        List<CutListForm.LineRow> lines = new ArrayList<>(Typed.list(form.lines()).stream().filter(line -> !line.isBlank()).toList());
        for (List<String> line : pasted) {
            lines.add(new CutListForm.LineRow(
                    "", cell(line, 0), UseText.write(Use.named(cell(line, 0))), cell(line, 1), cell(line, 2), cell(line, 3), List.of(), "",
                    ""));
        }
        return new CutListForm(
                form.version(), form.name(), form.sizes(), form.places(), lines, form.binding(), form.backing(), "").padded();
    }

    private static String cell(List<String> line, int column) {
        return column < line.size() ? line.get(column) : "";
    }
}
