package retazo.core.quilt;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.core.block.Block;
import retazo.core.block.Role;
import retazo.core.block.RoleKey;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** What keeps entered parts from being a design, all at once and each at its place. */
public final class DesignCheck {

    /** No border is wider. */
    public static final Length WIDEST_BORDER = Length.ofInches(24);

    /** No quilt is wider or higher, borders included. */
    public static final Length LARGEST_QUILT = Length.ofInches(300);

    private DesignCheck() {
    }

    /**
     * Checks the parts of a design; places are {@code roles.0.name}, {@code borders.0}, {@code sizes.0.columns}.
     *
     * @param finishing the roles of binding and backing
     */
    public static List<Problem> problems(
            List<Role> roles, Block block, List<BorderDesign> borders, List<RoleKey> finishing, List<QuiltSize> sizes) {
        List<Problem> problems = new ArrayList<>(roleProblems(roles));
        Set<RoleKey> known = roles.stream().map(Role::key).collect(Collectors.toSet());
        Set<RoleKey> used = Stream.of(
                        block.cells().stream().flatMap(cell -> cell.unit().roles().stream()),
                        borders.stream().map(BorderDesign::role),
                        finishing.stream())
                .flatMap(keys -> keys)
                .collect(Collectors.toSet());
        used.stream().filter(key -> !known.contains(key)).forEach(
                key -> problems.add(Problem.at("roles", "role.unknown", key.value())));
        for (int i = 0; i < roles.size(); i++) {
            if (!used.contains(roles.get(i).key())) {
                problems.add(Problem.at("roles." + i + ".name", "role.unused", roles.get(i).letter()));
            }
        }
        problems.addAll(sizeProblems(block, borders, sizes));
        return problems;
    }

    private static List<Problem> roleProblems(List<Role> roles) {
        List<Problem> problems = new ArrayList<>();
        if (roles.isEmpty() || roles.size() > QuiltDesign.MOST_ROLES) {
            problems.add(Problem.at("roles", "roles.count", roles.size(), QuiltDesign.MOST_ROLES));
        }
        Set<String> names = new HashSet<>();
        Set<Object> signs = new HashSet<>();
        for (int i = 0; i < roles.size(); i++) {
            Role role = roles.get(i);
            if (role.name().isBlank()) {
                problems.add(Problem.at("roles." + i + ".name", "role.name-missing"));
            } else if (!names.add(role.name().toLowerCase(Locale.ROOT))) {
                problems.add(Problem.at("roles." + i + ".name", "role.name-twice", role.name()));
            }
            if (!signs.add(role.key()) || !signs.add(role.letter())) {
                problems.add(Problem.at("roles." + i + ".name", "role.letter-twice", role.letter()));
            }
        }
        return problems;
    }

    private static List<Problem> sizeProblems(Block block, List<BorderDesign> borders, List<QuiltSize> sizes) {
        List<Problem> problems = new ArrayList<>();
        if (sizes.isEmpty() || sizes.size() > QuiltDesign.MOST_SIZES) {
            problems.add(Problem.at("sizes", "sizes.count", sizes.size(), QuiltDesign.MOST_SIZES));
        }
        Set<Object> names = new HashSet<>();
        for (int i = 0; i < sizes.size(); i++) {
            QuiltSize size = sizes.get(i);
            String place = "sizes." + i + ".";
            if (size.name().isBlank()) {
                problems.add(Problem.at(place + "name", "size.name-missing"));
            } else if (!names.add(size.name().toLowerCase(Locale.ROOT)) || !names.add(size.key())) {
                problems.add(Problem.at(place + "name", "size.name-twice", size.name()));
            }
            problems.addAll(size.match(grid -> gridProblems(place, grid, block, borders)));
        }
        return problems;
    }

    private static List<Problem> gridProblems(String place, QuiltSize.Grid size, Block block, List<BorderDesign> borders) {
        List<Problem> problems = new ArrayList<>();
        if (size.columns() < 1 || size.columns() > QuiltDesign.MOST_BLOCKS_ACROSS) {
            problems.add(Problem.at(place + "columns", "size.blocks-across", size.columns(), QuiltDesign.MOST_BLOCKS_ACROSS));
        }
        if (size.rows() < 1 || size.rows() > QuiltDesign.MOST_BLOCKS_ACROSS) {
            problems.add(Problem.at(place + "rows", "size.blocks-across", size.rows(), QuiltDesign.MOST_BLOCKS_ACROSS));
        }
        if (size.borderWidths().size() > borders.size()) {
            problems.add(Problem.at(place + "border", "size.more-borders", size.borderWidths().size(), borders.size()));
        }
        for (Length width : size.borderWidths()) {
            if (!width.isPositive() || width.isLongerThan(WIDEST_BORDER)) {
                problems.add(Problem.at(place + "border", "size.border-width", width, WIDEST_BORDER));
            }
        }
        if (problems.isEmpty()) {
            Length borderBothSides = size.borderWidths().stream().reduce(Length.ZERO, Length::plus).times(2);
            largest(place + "columns", block.finishedWidth().times(size.columns()).plus(borderBothSides), problems);
            largest(place + "rows", block.finishedHeight().times(size.rows()).plus(borderBothSides), problems);
        }
        return problems;
    }

    private static void largest(String place, Length side, List<Problem> problems) {
        if (side.isLongerThan(LARGEST_QUILT)) {
            problems.add(Problem.at(place, "size.too-large", side, LARGEST_QUILT));
        }
    }
}
