package retazo.app.patterns;

import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import retazo.app.patterns.file.PatternContent;
import retazo.app.patterns.file.PatternFileWriter;
import retazo.app.shared.Words;
import retazo.core.block.Block;
import retazo.core.block.Cell;
import retazo.core.block.spec.UnitKind;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.size.QuiltSize;

/**
 * What a pattern is found by.
 *
 * @param ways    in which it is known, by the words of files
 * @param units   kinds in its blocks
 * @param precuts that its table or list names
 */
public record PatternTraits(List<String> ways, List<String> units, List<String> precuts, List<String> sizeNames) {

    private static final int LONGEST_COLUMN = 400;

    public static PatternTraits of(PatternContent content) {
        QuiltDesign design = content.design();
        return new PatternTraits(
                design.ways().stream().map(PatternFileWriter::code).toList(),
                unitKinds(design).stream().map(UnitKind::code).toList(),
                List.copyOf(precuts(design)),
                design.sizes().stream().map(QuiltSize::name).map(name -> name.toLowerCase(Locale.ROOT)).toList());
    }

    /** The kinds of units in all blocks, those of blocks in cells too. */
    public static Set<UnitKind> unitKinds(QuiltDesign design) {
        Set<UnitKind> kinds = new TreeSet<>();
        design.drawing().ifPresent(drawing -> drawing.blocks().forEach(kind -> collect(kind.block(), kinds)));
        return kinds;
    }

    private static void collect(Block block, Set<UnitKind> kinds) {
        for (Cell cell : block.cells()) {
            cell.content().unitSpec().ifPresent(spec -> kinds.add(spec.kind()));
            cell.content().inner().ifPresent(inner -> collect(inner.block(), kinds));
        }
    }

    private static Set<String> precuts(QuiltDesign design) {
        Set<String> precuts = new TreeSet<>();
        design.table().ifPresent(table -> table.rows().stream()
                .flatMap(row -> row.cells().values().stream())
                .flatMap(List::stream)
                .flatMap(amount -> amount.match(cloth -> Stream.<String>empty(), precut -> Stream.of(precut.kind().code())))
                .forEach(precuts::add));
        design.cutList().ifPresent(list -> list.lines().forEach(
                line -> line.precut().ifPresent(precut -> precuts.add(precut.kind().code()))));
        return precuts;
    }

    /** Words between blanks, so that a search for one of them finds it whole. */
    static String column(Collection<String> words) {
        String column = " " + String.join(" ", words) + " ";
        return column.length() <= LONGEST_COLUMN ? column : column.substring(0, LONGEST_COLUMN);
    }
}
