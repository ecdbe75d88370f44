package retazo.app.patterns.entry;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternAbout;
import retazo.app.patterns.file.PatternContent;
import retazo.app.patterns.rows.RoleBook;
import retazo.app.patterns.rows.SizeRow;
import retazo.app.patterns.rows.UseText;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.DesignCheck;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.PrintedAmount;
import retazo.core.quilt.size.PrintedText;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.SizeTable;
import retazo.core.quilt.size.Way;

/** What a typed size table comes to: the pattern, or all that is wrong. What the form does not show comes from the version before. */
public record TableDraft(Optional<PatternContent> content, List<Problem> problems) {

    public static TableDraft of(TableForm form, Optional<PatternVersion> before) {
        FieldReader reader = new FieldReader();
        String name = reader.text("name", form.name(), PatternContent.LONGEST_NAME);
        List<SizeRow> sizeRows = Typed.list(form.sizes());
        List<QuiltSize> sizes = SizeRow.read(sizeRows, SizeRow.Context.of(before, false, reader));
        List<SizeKey> keyOfColumn = keysByColumn(sizeRows, sizes);
        RoleBook book = new RoleBook(before);
        Optional<CutList> list = before.flatMap(version -> version.design().cutList());
        Optional<Drawing> drawing = before.flatMap(version -> version.design().drawing());
        book.keep(rolesOf(list, drawing));
        SizeTable table = new SizeTable(rows(form, keyOfColumn, book, reader));
        Way plannedFrom = before.map(version -> version.design().plannedFrom()).orElse(Way.SIZE_TABLE);
        Map<PracticeMeasure, Length> overrides = before.map(version -> version.design().overrides()).orElse(Map.of());
        List<Role> roles = book.roles();
        if (!reader.anyProblem()) {
            new DesignCheck(roles, sizes, Optional.of(table), list, drawing, plannedFrom, overrides).problems()
                    .forEach(problem -> reader.add(Typed.placed(problem, "sizes", sizeRows.stream().map(SizeRow::isBlank).toList())));
        }
        return new TableDraft(
                reader.anyProblem()
                        ? Optional.empty()
                        : Optional.of(new PatternContent(
                                name, before.map(PatternVersion::about).orElse(PatternAbout.OWN),
                                new QuiltDesign(roles, sizes, Optional.of(table), list, drawing, plannedFrom, overrides))),
                reader.problems());
    }

    /** The key of each column's size; null where the column is empty. */
    private static List<SizeKey> keysByColumn(List<SizeRow> rows, List<QuiltSize> sizes) {
        List<SizeKey> keys = new ArrayList<>();
        int next = 0;
        for (SizeRow row : rows) {
            keys.add(row.isBlank() || next >= sizes.size() ? null : sizes.get(next++).key());
        }
        return keys;
    }

    static List<RoleKey> rolesOf(Optional<CutList> list, Optional<Drawing> drawing) {
        return Stream.of(
                list.stream().flatMap(known -> known.lines().stream()).map(CutList.Line::role),
                list.stream().flatMap(known -> Stream.of(known.binding(), known.backing())).flatMap(Optional::stream),
                drawing.stream().flatMap(drawn -> drawn.roles().stream()))
                .flatMap(roles -> roles)
                .toList();
    }

    private static List<SizeTable.Row> rows(TableForm form, List<SizeKey> keyOfColumn, RoleBook book, FieldReader reader) {
        List<SizeTable.Row> rows = new ArrayList<>();
        List<TableForm.Row> typed = Typed.list(form.rows());
        for (int i = 0; i < Math.min(typed.size(), SizeTable.MOST_ROWS); i++) {
            TableForm.Row row = typed.get(i);
            if (!row.isBlank()) {
                String place = "rows." + i + ".";
                Use use = UseText.read(row.use(), row.role());
                Map<SizeKey, List<PrintedAmount>> cells = cells(row, place, keyOfColumn, reader);
                book.role(place + "role", row.key(), row.role(), reader)
                        .ifPresent(role -> rows.add(new SizeTable.Row(role, use, cells)));
            }
        }
        return rows;
    }

    private static Map<SizeKey, List<PrintedAmount>> cells(
            TableForm.Row row, String place, List<SizeKey> keyOfColumn, FieldReader reader) {
        Map<SizeKey, List<PrintedAmount>> cells = new LinkedHashMap<>();
        for (int column = 0; column < Typed.list(row.cells()).size(); column++) {
            String field = place + "cells." + column;
            SizeKey key = column < keyOfColumn.size() ? keyOfColumn.get(column) : null;
            String text = row.cell(column);
            List<PrintedAmount> amounts = reader.take(field, PrintedText.read(text)).orElse(List.of());
            if (!amounts.isEmpty() && key == null) {
                reader.add(Problem.at(field, "table.no-size"));
            } else if (!amounts.isEmpty()) {
                cells.put(key, amounts);
            }
        }
        return cells;
    }
}
