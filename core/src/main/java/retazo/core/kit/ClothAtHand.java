package retazo.core.kit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.block.RoleKey;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.quilt.QuiltDesign;
import retazo.core.quilt.QuiltPlan;
import retazo.core.quilt.QuiltPlanner;
import retazo.core.quilt.QuiltSize;

/**
 * Cloth that is there: how large a quilt can it become?
 *
 * @param lengths continuous length of the cloth for each role; a role that is missing is not short of cloth
 * @param fabrics the cloth of each role that has a length
 */
public record ClothAtHand(Map<RoleKey, Length> lengths, Map<RoleKey, KitFabric> fabrics) {

    private static final int MOST_SIZES = 5;

    public ClothAtHand {
        lengths = Map.copyOf(lengths);
        fabrics = Map.copyOf(fabrics);
    }

    /**
     * What one more row or column would take too much of.
     *
     * @param missing how much longer its cloth would have to be
     */
    public record Stop(RoleKey role, Length missing) {
    }

    /**
     * A size that the cloth is enough for.
     *
     * @param over     what is left of each role's cloth
     * @param moreAcross what stops the next column; empty where the largest quilt does
     * @param moreDown what stops the next row
     */
    public record Possible(QuiltSize.Grid size, Map<RoleKey, Length> over, Optional<Stop> moreAcross, Optional<Stop> moreDown) {
        /** Blocks across times blocks down. */
        public int places() {
            return size.columns() * size.rows();
        }
    }

    /**
     * The largest sizes that can be cut from the cloth, without a margin, the most places first: for each number of rows the
     * most columns, as long as no other of them has more of both. Each has a next column and a next row that cannot be cut.
     *
     * <p>The number of columns falls as rows are added, so that the search walks once along the edge of what is possible and
     * takes as many plans as there are columns and rows.
     *
     * @param design that is drawn
     * @param from   whose borders and widths the sizes have
     */
    public List<Possible> largest(QuiltDesign design, QuiltSize.Grid from, ShopPractice practice) {
        Search search = new Search(design.fromDrawing(), plain(from), practice);
        List<Possible> possible = new ArrayList<>();
        int columns = 0;
        for (int rows = 1; rows <= QuiltDesign.MOST_BLOCKS_ACROSS; rows++) {
            columns = search.mostColumns(rows, columns);
            if (columns == 0) {
                break;
            }
            if (search.stops(columns, rows + 1)) {
                possible.add(search.possible(columns, rows));
            }
        }
        possible.sort(Comparator.comparing(Possible::places).reversed());
        return possible.stream().filter(one -> search.isQuilt(one, possible)).limit(MOST_SIZES).toList();
    }

    private static QuiltSize.Grid plain(QuiltSize.Grid from) {
        return from.with(new QuiltSize.Overrides(from.overrides().sash(), from.overrides().blockWidth(), List.of()));
    }

    /** What each role takes at a size; empty where it cannot be made at all. */
    private Optional<Map<RoleKey, Length>> needs(QuiltDesign design, QuiltSize.Grid size, ShopPractice practice) {
        if (!design.drawing().orElseThrow().problemsAt(size).isEmpty()) {
            return Optional.empty();
        }
        QuiltPlan plan = new QuiltPlanner(practice).plan(design, size);
        Needs.Result result = new Needs(practice).of(design, plan, role -> new KitChoice.Fabric(fabric(role, design, practice)), Contents.EVERYTHING);
        if (!result.problems().isEmpty()) {
            return Optional.empty();
        }
        Map<RoleKey, Length> needs = new LinkedHashMap<>();
        result.byFabric().values().forEach(need -> need.amount().match(
                cloth -> needs.put(need.roles().get(0), cloth.plan().exact().value()), printed -> null, units -> null));
        return Optional.of(needs);
    }

    private KitFabric fabric(RoleKey role, QuiltDesign design, ShopPractice practice) {
        return Optional.ofNullable(fabrics.get(role)).orElseGet(() -> new KitFabric(
                role.value(), design.practice(practice).figure(PracticeMeasure.USABLE_WIDTH),
                PrintKind.ALL_OVER));
    }

    /** Sizes tried, each once. */
    private final class Search {

        private final QuiltDesign design;
        private final QuiltSize.Grid from;
        private final ShopPractice practice;
        private final Map<List<Integer>, Optional<Map<RoleKey, Length>>> tried = new LinkedHashMap<>();

        Search(QuiltDesign design, QuiltSize.Grid from, ShopPractice practice) {
            this.design = design;
            this.from = from;
            this.practice = practice;
        }

        private Optional<Map<RoleKey, Length>> needs(int columns, int rows) {
            return tried.computeIfAbsent(List.of(columns, rows), grid -> ClothAtHand.this.needs(design, from.withGrid(columns, rows), practice));
        }

        private boolean fits(int columns, int rows) {
            return columns <= QuiltDesign.MOST_BLOCKS_ACROSS && rows <= QuiltDesign.MOST_BLOCKS_ACROSS
                    && needs(columns, rows).filter(needs -> firstStop(needs).isEmpty()).isPresent();
        }

        boolean stops(int columns, int rows) {
            return !fits(columns, rows);
        }

        /** From what was possible with a row less, down or up to the most. */
        int mostColumns(int rows, int before) {
            int columns = before;
            while (columns > 0 && !fits(columns, rows)) {
                columns--;
            }
            while (fits(columns + 1, rows)) {
                columns++;
            }
            return columns;
        }

        private Optional<Stop> firstStop(Map<RoleKey, Length> needs) {
            return design.roles().stream()
                    .map(role -> role.key())
                    .filter(role -> lengths.containsKey(role) && needs.containsKey(role) && needs.get(role).isLongerThan(lengths.get(role)))
                    .map(role -> new Stop(role, needs.get(role).minus(lengths.get(role))))
                    .max(Comparator.comparing(Stop::missing));
        }

        Possible possible(int columns, int rows) {
            Map<RoleKey, Length> needs = needs(columns, rows).orElseThrow();
            Map<RoleKey, Length> over = new LinkedHashMap<>();
            design.roles().stream().map(role -> role.key()).filter(lengths::containsKey).forEach(
                    role -> over.put(role, lengths.get(role).minus(needs.getOrDefault(role, Length.ZERO))));
            return new Possible(
                    from.withGrid(columns, rows), over, needs(columns + 1, rows).flatMap(this::firstStop),
                    needs(columns, rows + 1).flatMap(this::firstStop));
        }

        /** Long narrow grids are left out where one with a better shape has at least half as many places. */
        boolean isQuilt(Possible one, List<Possible> all) {
            boolean narrow = isNarrow(one);
            return !narrow || all.stream().noneMatch(other -> !isNarrow(other) && other.places() * 2 >= one.places());
        }

        private boolean isNarrow(Possible one) {
            int columns = one.size().columns();
            int rows = one.size().rows();
            return columns > 2 * rows || rows > 2 * columns;
        }
    }
}
