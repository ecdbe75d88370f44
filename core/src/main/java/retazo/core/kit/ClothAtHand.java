package retazo.core.kit;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Count;
import retazo.core.measure.Problem;
import retazo.core.measure.Quantity;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.place.PlaceGrid;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.QuiltSize;

/**
 * Cloth that is there: how large a quilt can it become?
 *
 * @param byRole what is there for each role; a role that is missing is not short of cloth. Roles whose cloth has one code share it:
 *               what they take is planned together and counted for the first of them
 */
public record ClothAtHand(Map<RoleKey, AtHand> byRole) {

    private static final int MOST_SIZES = 5;

    public ClothAtHand {
        byRole = Map.copyOf(byRole);
    }

    /**
     * What one more row or column would take too much of.
     *
     * @param missing how much longer its cloth would have to be, or how many more precuts it takes
     */
    public record Stop(RoleKey role, Quantity missing) {
    }

    /**
     * A size that the cloth is enough for.
     *
     * @param over     what is left of the cloth of each role that takes some, of shared cloth under its first role
     * @param moreAcross what stops the next column; empty where the largest quilt does
     * @param moreDown what stops the next row
     */
    public record Possible(QuiltSize.Grid size, Map<RoleKey, Quantity> over, Optional<Stop> moreAcross, Optional<Stop> moreDown) {
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
        for (int rows = 1; rows <= PlaceGrid.MOST_BLOCKS_ACROSS; rows++) {
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
    private Optional<Map<RoleKey, Quantity>> needs(QuiltDesign design, QuiltSize.Grid size, ShopPractice practice) {
        if (!design.drawing().orElseThrow().problemsAt(size).isEmpty()) {
            return Optional.empty();
        }
        QuiltPlan plan = new QuiltPlanner(practice).plan(design, size);
        Needs.Result result = new Needs(practice, Instructions.PRINTED).of(design, plan,
                role -> new KitChoice.Fabric(fabric(role, design, practice)), Contents.EVERYTHING);
        if (!result.problems().isEmpty()) {
            return Optional.empty();
        }
        Map<RoleKey, Quantity> needs = new LinkedHashMap<>();
        result.byFabric().values()
                .forEach(need -> need.cloth().ifPresent(cloth -> needs.put(need.roles().get(0), cloth.plan().exact().value())));
        byRole.forEach((role, there) -> there.asPrecuts().flatMap(precuts -> sheets(role, precuts, plan))
                .ifPresent(sheets -> needs.put(role, sheets)));
        return Optional.of(needs);
    }

    /** How many precuts a role takes; empty where they do not serve it. */
    private static Optional<Count> sheets(RoleKey role, AtHand.Precuts precuts, QuiltPlan plan) {
        if (unserved(role, precuts, plan).isPresent()) {
            return Optional.empty();
        }
        return Optional.of(plan.pieces().stream()
                .filter(piece -> piece.role().equals(role))
                .map(piece -> piece.count().value().inGroupsOf(new Count(perSheet(piece, precuts))))
                .reduce(new Count(0), Count::plus));
    }

    private static long perSheet(PieceNeed piece, AtHand.Precuts precuts) {
        return piece.shape().asRectangle()
                .map(shape -> precuts.perSheet(shape.width().value(), shape.height().value())).orElse(0L);
    }

    /** What of a role these precuts cannot give: pieces that are too large or no rectangles, or long strips and backs. */
    private static Optional<String> unserved(RoleKey role, AtHand.Precuts precuts, QuiltPlan plan) {
        boolean isLong = plan.longPieces().stream().anyMatch(pieces -> pieces.role().equals(role))
                || plan.bindings().stream().anyMatch(binding -> binding.role().equals(role))
                || plan.backings().stream().anyMatch(backing -> backing.role().equals(role));
        return isLong
                ? Optional.of("")
                : plan.pieces().stream()
                        .filter(piece -> piece.role().equals(role) && perSheet(piece, precuts) == 0)
                        .map(PieceNeed::label).findFirst();
    }

    /** Roles for which precuts are there that cannot serve them, each at the key of its role. */
    public List<Problem> problems(QuiltDesign design, QuiltSize.Grid from, ShopPractice practice) {
        QuiltPlan plan = new QuiltPlanner(practice).plan(design.fromDrawing(), from);
        List<Problem> problems = new ArrayList<>();
        byRole.forEach((role, there) -> there.asPrecuts().flatMap(precuts -> unserved(role, precuts, plan))
                .ifPresent(piece -> problems.add(piece.isEmpty()
                        ? Problem.at(role.value(), "cloth.precut-for-long", design.role(role).letter())
                        : Problem.at(role.value(), "cloth.precut-too-small", piece))));
        return problems;
    }

    private KitFabric fabric(RoleKey role, QuiltDesign design, ShopPractice practice) {
        KitFabric customary = new KitFabric(
                role.value(), design.practice(practice).figure(PracticeMeasure.USABLE_WIDTH), PrintKind.ALL_OVER);
        return Optional.ofNullable(byRole.get(role)).map(there -> there.match(AtHand.Cloth::fabric, precuts -> customary))
                .orElse(customary);
    }

    /** Sizes tried, each once. */
    private final class Search {

        private final QuiltDesign design;
        private final QuiltSize.Grid from;
        private final ShopPractice practice;
        private final Map<List<Integer>, Optional<Map<RoleKey, Quantity>>> tried = new LinkedHashMap<>();

        Search(QuiltDesign design, QuiltSize.Grid from, ShopPractice practice) {
            this.design = design;
            this.from = from;
            this.practice = practice;
        }

        private Optional<Map<RoleKey, Quantity>> needs(int columns, int rows) {
            return tried.computeIfAbsent(List.of(columns, rows),
                    grid -> ClothAtHand.this.needs(design, from.withGrid(columns, rows), practice));
        }

        private boolean fits(int columns, int rows) {
            return columns <= PlaceGrid.MOST_BLOCKS_ACROSS && rows <= PlaceGrid.MOST_BLOCKS_ACROSS
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

        /** The role that is shortest of what it needs. */
        private Optional<Stop> firstStop(Map<RoleKey, Quantity> needs) {
            return design.roles().stream()
                    .map(role -> role.key())
                    .filter(role -> byRole.containsKey(role) && needs.containsKey(role)
                            && byRole.get(role).missing(needs.get(role)).isPresent())
                    .max(Comparator.comparing(role -> requireNonNull(byRole.get(role)).shortage(requireNonNull(needs.get(role)))))
                    .map(role -> new Stop(role, requireNonNull(byRole.get(role)).missing(requireNonNull(needs.get(role))).orElseThrow()));
        }

        Possible possible(int columns, int rows) {
            Map<RoleKey, Quantity> needs = needs(columns, rows).orElseThrow();
            Map<RoleKey, Quantity> over = new LinkedHashMap<>();
            design.roles().stream().map(role -> role.key()).filter(byRole::containsKey).filter(needs::containsKey).forEach(
                    role -> over.put(role, requireNonNull(byRole.get(role)).over(requireNonNull(needs.get(role)))));
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
