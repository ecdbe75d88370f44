package retazo.core.quilt.design;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import retazo.core.block.shape.FinishedSize;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.RoleWish;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.piece.CutListCheck;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.SizeTable;
import retazo.core.quilt.size.Way;

/**
 * What keeps entered parts from being a design, all at once and each at its place: {@code roles.0.name},
 * {@code sizes.0.columns}, {@code table.0.1}, {@code lines.0.piece}, {@code borders.0}.
 */
public record DesignCheck(
        List<Role> roles,
        List<QuiltSize> sizes,
        Optional<SizeTable> table,
        Optional<CutList> cutList,
        Optional<Drawing> drawing,
        Way plannedFrom,
        Map<PracticeMeasure, Length> overrides) {

    /** No border is wider. */
    public static final Length WIDEST_BORDER = Length.ofInches(24);

    /** No quilt is wider or higher, borders included. */
    public static final Length LARGEST_QUILT = Length.ofInches(300);

    public List<Problem> problems() {
        List<Problem> problems = new ArrayList<>(roleProblems());
        problems.addAll(useProblems());
        problems.addAll(sizeNameProblems());
        boolean known = switch (plannedFrom) {
            case SIZE_TABLE -> table.isPresent();
            case CUT_LIST -> cutList.isPresent();
            case DRAWING -> drawing.isPresent();
        };
        if (!known) {
            problems.add(Problem.at("plannedFrom", "design.way-missing"));
        }
        overrides.forEach((measure, value) -> {
            if (value.isShorterThan(measure.least()) || value.isLongerThan(measure.most())) {
                problems.add(Problem.at(
                        "overrides." + measure.key(), "practice.out-of-limits", value, measure.least(), measure.most()));
            }
        });
        drawing.ifPresent(drawn -> problems.addAll(new DrawingCheck(drawn, sizes).problems()));
        cutList.ifPresent(list -> problems.addAll(new CutListCheck(list, sizes).problems()));
        table.ifPresent(printed -> problems.addAll(tableProblems(printed)));
        for (int i = 0; i < sizes.size(); i++) {
            problems.addAll(wayProblems("sizes." + i + ".", sizes.get(i)));
        }
        return problems;
    }

    private List<Problem> roleProblems() {
        List<Problem> problems = new ArrayList<>();
        if (roles.isEmpty() || roles.size() > QuiltDesign.MOST_ROLES) {
            problems.add(Problem.at("roles", "roles.count", roles.size(), QuiltDesign.MOST_ROLES));
        }
        Set<String> names = new HashSet<>();
        Set<Object> signs = new HashSet<>();
        for (int i = 0; i < roles.size(); i++) {
            Role role = roles.get(i);
            String place = "roles." + i + ".name";
            if (role.name().isBlank()) {
                problems.add(Problem.at(place, "role.name-missing"));
            } else if (!names.add(role.name().toLowerCase(Locale.ROOT))) {
                problems.add(Problem.at(place, "role.name-twice", role.name()));
            }
            if (!role.letter().matches("[A-Z]")) {
                problems.add(Problem.at(place, "role.letter", role.letter()));
            }
            if (!signs.add(role.key()) || !signs.add(role.letter())) {
                problems.add(Problem.at(place, "role.letter-twice", role.letter()));
            }
        }
        return problems;
    }

    /** Roles that are used and not defined, and the other way round. */
    private List<Problem> useProblems() {
        Set<RoleKey> used = new LinkedHashSet<>();
        drawing.ifPresent(drawn -> used.addAll(drawn.roles()));
        cutList.ifPresent(list -> {
            list.lines().forEach(line -> used.add(line.role()));
            list.binding().ifPresent(used::add);
            list.backing().ifPresent(used::add);
        });
        table.ifPresent(printed -> printed.rows().forEach(row -> used.add(row.role())));
        Set<RoleKey> known = roles.stream().map(Role::key).collect(Collectors.toSet());
        List<Problem> problems = new ArrayList<>();
        used.stream().filter(key -> !known.contains(key)).forEach(
                key -> problems.add(Problem.at("roles", "role.unknown", key.value())));
        for (int i = 0; i < roles.size(); i++) {
            if (!used.contains(roles.get(i).key())) {
                problems.add(Problem.at("roles." + i + ".name", "role.unused", roles.get(i).letter()));
            }
            for (RoleWish wish : roles.get(i).wishes()) {
                if (wish.other().filter(other -> !known.contains(other)).isPresent()) {
                    problems.add(Problem.at("roles." + i + ".name", "role.unknown", wish.other().get().value()));
                }
            }
        }
        return problems;
    }

    private List<Problem> sizeNameProblems() {
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
            size.printed().ifPresent(printed -> {
                largest(place + "finished", printed.width(), problems);
                largest(place + "finished", printed.height(), problems);
            });
        }
        return problems;
    }

    static void largest(String place, Length side, List<Problem> problems) {
        if (side.isLongerThan(LARGEST_QUILT)) {
            problems.add(Problem.at(place, "size.too-large", side, LARGEST_QUILT));
        }
    }

    /** A size without a grid must be known from the list or the table; a computed binding or backing needs its finished size. */
    private List<Problem> wayProblems(String place, QuiltSize size) {
        return size.match(
                grid -> drawing.isPresent() ? List.of() : List.of(Problem.at(place + "columns", "size.grid-without-drawing")),
                printed -> {
                    if (cutList.isEmpty() && table.isEmpty()) {
                        return List.of(Problem.at(place + "columns", "size.no-grid", size.name()));
                    }
                    boolean finishing = plannedFrom != Way.SIZE_TABLE
                            && cutList.filter(list -> list.binding().isPresent() || list.backing().isPresent()).isPresent();
                    Optional<FinishedSize> finished = size.printed();
                    return finishing && finished.isEmpty()
                            ? List.of(Problem.at(place + "finished", "size.finished-missing", size.name()))
                            : List.of();
                });
    }

    private List<Problem> tableProblems(SizeTable printed) {
        List<Problem> problems = new ArrayList<>();
        if (printed.rows().isEmpty() || printed.rows().size() > SizeTable.MOST_ROWS) {
            problems.add(Problem.at("table", "table.rows", printed.rows().size(), SizeTable.MOST_ROWS));
        }
        Set<SizeKey> keys = sizes.stream().map(QuiltSize::key).collect(Collectors.toSet());
        for (int i = 0; i < printed.rows().size(); i++) {
            for (SizeKey key : printed.rows().get(i).cells().keySet()) {
                if (!keys.contains(key)) {
                    problems.add(Problem.at("table." + i, "size.unknown", key.value()));
                }
            }
        }
        return problems;
    }
}
