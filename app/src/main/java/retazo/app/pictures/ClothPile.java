package retazo.app.pictures;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import retazo.core.cloth.Role;
import retazo.core.measure.Length;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeTable;

/** The cloth of a size that is not drawn, as shares for the eye: by its printed lengths, or alike where none are printed. */
record ClothPile(List<Band> bands, long total) {

    private static final long EVEN_SHARE = Length.ofYards(1, 2).ticks();

    /** A role and its share of the pile. */
    record Band(Role role, long share) {

        /** This band's part of a height. */
        Length of(Length height, long total) {
            return new Length(Math.multiplyExact(height.ticks() / 1_000, 1_000 * share / total));
        }
    }

    static ClothPile of(QuiltDesign design, QuiltSize size) {
        Map<String, Long> printed = design.table().map(table -> table.rows().stream()
                .collect(Collectors.toMap(row -> row.role().value(), row -> length(row, size), Long::sum)))
                .orElse(Map.of());
        List<Band> bands = new ArrayList<>();
        for (Role role : design.roles()) {
            bands.add(new Band(role, Math.max(EVEN_SHARE / 2, printed.getOrDefault(role.key().value(), EVEN_SHARE))));
        }
        return new ClothPile(bands, bands.stream().mapToLong(Band::share).sum());
    }

    private static long length(SizeTable.Row row, QuiltSize size) {
        return row.cells().getOrDefault(size.key(), List.of()).stream()
                .map(amount -> amount.match(cloth -> cloth.length().ticks(), precuts -> EVEN_SHARE))
                .findFirst()
                .orElse(0L);
    }
}
