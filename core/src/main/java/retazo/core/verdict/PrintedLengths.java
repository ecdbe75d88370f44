package retazo.core.verdict;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeTable;
import retazo.core.quilt.size.Way;

/**
 * Judges the lengths that a pattern's size table prints against those worked out from its pieces.
 *
 * <p>A table is mostly the work of one person with one habit. Every printed length is worked out under each habit, alone and
 * together with another rounding or without squaring; of the readings that make a length right, the one that explains most
 * lengths of the table is given, then the one with the fewest habits. The work grows with
 * habits × sizes; of a table that agrees everywhere no habit is tried.
 */
public final class PrintedLengths {

    /** Beside another habit only the first of the other steps are tried: a quarter and a third of a yard, say. */
    private static final int COARSER_STEPS = 2;

    private final QuiltDesign design;
    private final ShopPractice practice;
    private final SizeTable table;
    private final LengthWork work;
    private final List<Candidate> candidates;
    private final Basis shop;

    /** A reading with its way of working. */
    private record Candidate(OtherHabits reading, Set<Use.Place> touches, Basis basis, int order) {

        /** Whether it makes a difference to what is cut for a length. */
        boolean concerns(Cell cell) {
            return touches.isEmpty() || cell.worked().strips().stream().anyMatch(strips -> touches.contains(strips.use().place()));
        }
    }

    /** A printed length beside what is worked out. */
    private record Cell(RoleKey role, QuiltSize size, Length printed, LengthWork.Worked worked) {
    }

    private PrintedLengths(QuiltDesign design, SizeTable table, ShopPractice shopPractice) {
        this.design = design;
        this.table = table;
        this.practice = design.practice(shopPractice);
        this.work = new LengthWork(plain(design));
        this.shop = Basis.of(practice, shopPractice.sellingSteps());
        this.candidates = candidates(shop);
    }

    /** The design without its own settings, which stand in the practice already. */
    private static QuiltDesign plain(QuiltDesign design) {
        return new QuiltDesign(
                design.roles(), design.sizes(), design.table(), design.cutList(), design.drawing(), design.plannedFrom(), Map.of());
    }

    /** A verdict for each printed length of a size whose pieces are known; none where the pattern has no table or only that. */
    public static List<LengthVerdict> judge(QuiltDesign design, ShopPractice practice) {
        return design.table().filter(table -> design.plannedFrom() != Way.SIZE_TABLE)
                .map(table -> new PrintedLengths(design, table, practice).judge())
                .orElse(List.of());
    }

    private static List<Candidate> candidates(Basis shop) {
        List<List<Habit>> combinations = new ArrayList<>();
        List<Habit> mains = Habit.main(shop.practice());
        List<Habit> roundings = Habit.roundings(shop.rounding().step());
        mains.forEach(habit -> combinations.add(List.of(habit)));
        roundings.forEach(habit -> combinations.add(List.of(habit)));
        combinations.add(List.of(Habit.notSquared()));
        mains.forEach(habit -> combinations.add(List.of(habit, Habit.notSquared())));
        List<Habit> coarser = roundings.subList(0, COARSER_STEPS);
        mains.forEach(habit -> coarser.forEach(rounding -> combinations.add(List.of(habit, rounding))));
        roundings.forEach(rounding -> combinations.add(List.of(rounding, Habit.notSquared())));
        mains.forEach(habit -> coarser.forEach(rounding -> combinations.add(List.of(habit, rounding, Habit.notSquared()))));
        Habit.wideBackings(shop.practice()).forEach(habits -> {
            combinations.add(habits);
            coarser.forEach(rounding -> combinations.add(with(habits, rounding)));
            combinations.add(with(habits, Habit.notSquared()));
        });
        List<Candidate> candidates = new ArrayList<>();
        for (List<Habit> habits : combinations) {
            Basis basis = shop;
            for (Habit habit : habits) {
                basis = habit.apply().apply(basis);
            }
            candidates.add(new Candidate(
                    new OtherHabits(habits.stream().map(Habit::label).toList()), habits.get(0).touches(), basis, candidates.size()));
        }
        return candidates;
    }

    private static List<Habit> with(List<Habit> habits, Habit other) {
        List<Habit> all = new ArrayList<>(habits);
        all.add(other);
        return all;
    }

    private List<LengthVerdict> judge() {
        List<Cell> cells = new ArrayList<>();
        for (QuiltSize size : design.sizes()) {
            for (Role role : design.roles()) {
                table.printedLength(role.key(), size.key()).ifPresent(printed -> work.work(role.key(), size, shop)
                        .ifPresent(worked -> cells.add(new Cell(role.key(), size, printed, worked))));
            }
        }
        Map<Candidate, Integer> votes = new HashMap<>();
        Map<Cell, List<Candidate>> fitting = new HashMap<>();
        boolean allAgree = cells.stream().allMatch(PrintedLengths::agrees);
        for (Cell cell : allAgree ? List.<Cell>of() : cells) {
            List<Candidate> fits = candidates.stream().filter(candidate -> fits(candidate, cell)).toList();
            fits.forEach(candidate -> votes.merge(candidate, 1, Integer::sum));
            fitting.put(cell, fits);
        }
        Comparator<Candidate> likeliest = Comparator.comparing((Candidate candidate) -> -requireNonNull(votes.get(candidate)))
                .thenComparing(candidate -> candidate.reading().habits().size())
                .thenComparing(Candidate::order);
        return cells.stream().map(cell -> verdict(cell, fitting.getOrDefault(cell, List.of()).stream().min(likeliest))).toList();
    }

    private boolean fits(Candidate candidate, Cell cell) {
        return candidate.concerns(cell) && work.work(cell.role(), cell.size(), candidate.basis())
                .filter(worked -> worked.total().equals(cell.printed())).isPresent();
    }

    /** Whether a length is enough, and no more than what is worked out. */
    private static boolean agrees(Cell cell) {
        return !cell.printed().isShorterThan(cell.worked().exact()) && !cell.printed().isLongerThan(cell.worked().total());
    }

    private LengthVerdict verdict(Cell cell, Optional<Candidate> likeliest) {
        Length printed = cell.printed();
        Length workedOut = cell.worked().total();
        Length exact = cell.worked().exact();
        boolean agrees = agrees(cell);
        Judgement judgement = agrees
                ? Judgement.AGREES
                : printed.isLongerThan(workedOut)
                        ? Judgement.GENEROUS
                        : printed.isShorterThan(work.least(cell.role(), cell.size(), practice))
                                ? Judgement.IMPOSSIBLE
                                : Judgement.TOO_LITTLE;
        Optional<Candidate> reading = agrees ? Optional.empty() : likeliest;
        Length difference = agrees ? Length.ZERO : printed.isLongerThan(workedOut) ? printed.minus(workedOut) : workedOut.minus(printed);
        return new LengthVerdict(
                cell.role(), cell.size().key(), judgement, printed, workedOut, exact, difference,
                reading.flatMap(found -> work.work(cell.role(), cell.size(), found.basis()))
                        .map(other -> FirstStep.between(cell.worked(), other)),
                reading.map(Candidate::reading));
    }
}
