package retazo.core.quilt.design;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.finish.BorderDesign;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeTable;
import retazo.core.quilt.size.Way;

/**
 * A pattern as it was entered: its roles and sizes, and what is known of it in each of the three ways.
 *
 * @param roles       in the order of their letters
 * @param sizes       in the order in which they are shown
 * @param plannedFrom which of the ways the figures come from, for the sizes that it knows
 * @param overrides   settings of the shop that this pattern changes
 */
public record QuiltDesign(
        List<Role> roles,
        List<QuiltSize> sizes,
        Optional<SizeTable> table,
        Optional<CutList> cutList,
        Optional<Drawing> drawing,
        Way plannedFrom,
        Map<PracticeMeasure, Length> overrides) {

    public static final int MOST_ROLES = 26;
    public static final int MOST_SIZES = 12;

    /**
     * @throws IllegalArgumentException if the parts do not belong together; {@link DesignCheck} tells a person
     */
    public QuiltDesign {
        roles = List.copyOf(roles);
        sizes = List.copyOf(sizes);
        overrides = Map.copyOf(overrides);
        List<Problem> problems = new DesignCheck(roles, sizes, table, cutList, drawing, plannedFrom, overrides).problems();
        if (!problems.isEmpty()) {
            throw new IllegalArgumentException("The design has faults: " + problems);
        }
    }

    /** A design that is drawn, by the practice of the shop. */
    public static QuiltDesign drawn(List<Role> roles, List<QuiltSize> sizes, Drawing drawing) {
        return new QuiltDesign(
                roles, sizes, Optional.empty(), Optional.empty(), Optional.of(drawing), Way.DRAWING, Map.of());
    }

    /** From which way the figures of a size come: a size without a grid is not drawn. */
    public Way wayOf(QuiltSize size) {
        return size.match(
                grid -> plannedFrom,
                printed -> plannedFrom != Way.DRAWING ? plannedFrom : cutList.isPresent() ? Way.CUT_LIST : Way.SIZE_TABLE);
    }

    /** The sizes that have a grid. */
    public List<QuiltSize.Grid> grids() {
        return sizes.stream().flatMap(size -> size.match(Stream::of, printed -> Stream.<QuiltSize.Grid>empty())).toList();
    }

    /** The same design with its figures from its drawing. */
    public QuiltDesign fromDrawing() {
        return new QuiltDesign(roles, sizes, table, cutList, drawing, Way.DRAWING, overrides);
    }

    /** The ways in which something is known. */
    public List<Way> ways() {
        List<Way> ways = new ArrayList<>();
        table.ifPresent(known -> ways.add(Way.SIZE_TABLE));
        cutList.ifPresent(known -> ways.add(Way.CUT_LIST));
        drawing.ifPresent(known -> ways.add(Way.DRAWING));
        return ways;
    }

    /** The same for a practice that has its changes already. */
    public QuiltDesign withoutOverrides() {
        return overrides.isEmpty() ? this : new QuiltDesign(roles, sizes, table, cutList, drawing, plannedFrom, Map.of());
    }

    /** The shop's practice with what this pattern changes. */
    public ShopPractice practice(ShopPractice shop) {
        Length binding = overrides.get(PracticeMeasure.BINDING_WIDTH);
        ShopPractice practice = binding == null ? shop : shop.with(PracticeMeasure.THICK_BINDING_WIDTH, binding);
        for (Map.Entry<PracticeMeasure, Length> override : overrides.entrySet()) {
            practice = practice.with(override.getKey(), override.getValue());
        }
        return practice;
    }

    /**
     * @throws IllegalArgumentException if the design has no such role
     */
    public Role role(RoleKey key) {
        return roles.stream()
                .filter(role -> role.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("The design has no role '" + key + "'."));
    }

    /** The uses of a role, in all ways: blocks first, then borders from the inside, binding, backing. */
    public List<Use> uses(RoleKey role) {
        Set<Use> uses = new TreeSet<>(Comparator.comparing(Use::place).thenComparing(Use::number));
        drawing.ifPresent(drawn -> uses.addAll(usesIn(drawn, role)));
        cutList.ifPresent(list -> {
            list.lines().stream().filter(line -> line.role().equals(role)).map(CutList.Line::use).forEach(uses::add);
            list.binding().filter(role::equals).ifPresent(binding -> uses.add(Use.BINDING));
            list.backing().filter(role::equals).ifPresent(backing -> uses.add(Use.BACKING));
        });
        table.ifPresent(
                printed -> printed.rows().stream().filter(row -> row.role().equals(role)).map(SizeTable.Row::use).forEach(uses::add));
        return new ArrayList<>(uses);
    }

    private static List<Use> usesIn(Drawing drawing, RoleKey role) {
        List<Use> uses = new ArrayList<>();
        for (Composition composition : drawing.compositions()) {
            boolean inBlocks = composition.places().addedRoles().contains(role)
                    || composition.places().kinds().stream().anyMatch(kind -> drawing.block(kind).roles().contains(role));
            add(uses, Use.BLOCKS, inBlocks);
            composition.setting().sashing().ifPresent(sashes -> {
                add(uses, Use.SASH, sashes.role().equals(role));
                add(uses, Use.CORNERSTONE, sashes.cornerstones().filter(role::equals).isPresent());
            });
            composition.setting().triangles()
                    .ifPresent(triangles -> add(uses, Use.SETTING, triangles.sides().equals(role) || triangles.corners().equals(role)));
            addFinishing(uses, composition.finishing(), role);
        }
        return uses;
    }

    private static void addFinishing(List<Use> uses, Finishing finishing, RoleKey role) {
        for (int i = 0; i < finishing.borders().size(); i++) {
            BorderDesign border = finishing.borders().get(i);
            add(uses, Use.border(i + 1), border.role().equals(role) || border.cornerstones().filter(role::equals).isPresent());
        }
        add(uses, Use.FLANGE, finishing.flange().filter(flange -> flange.role().equals(role)).isPresent());
        add(uses, Use.BINDING, finishing.binding().filter(role::equals).isPresent());
        add(uses, Use.BACKING, finishing.backing().filter(role::equals).isPresent());
    }

    private static void add(List<Use> uses, Use use, boolean used) {
        if (used) {
            uses.add(use);
        }
    }
}
