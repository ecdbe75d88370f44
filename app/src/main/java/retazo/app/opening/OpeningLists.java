package retazo.app.opening;

import java.time.Clock;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Slice;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.opening.OpeningListEntity.State;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.core.measure.Problem;
import retazo.core.measure.Reading;

/** The lists of the shop: begun, changed, and sent on to be checked, booked or taken back by {@link OpeningWork}. */
@Service
class OpeningLists {

    private static final int LONGEST_CELL = 400;
    private static final int MOST_TYPED = 500;

    private final OpeningListRepository lists;
    private final Rows rows;
    private final List<ListKind> kinds;
    private final Words words;
    private final Clock clock;

    OpeningLists(OpeningListRepository lists, Rows rows, List<ListKind> kinds, Words words, Clock clock) {
        this.lists = lists;
        this.rows = rows;
        this.kinds = kinds;
        this.words = words;
        this.clock = clock;
    }

    /** The kinds that a person may work with, in the order in which a shop is filled. */
    List<ListKind> kinds(SignedIn person) {
        return kinds.stream().filter(kind -> person.may(kind.right()))
                .sorted(Comparator.comparing(kind -> kind.name().ordinal())).toList();
    }

    ListKind kind(ListKind.Name name) {
        return kinds.stream().filter(kind -> kind.name() == name).findFirst().orElseThrow();
    }

    /** A kind by its name in addresses. */
    ListKind kind(String name, SignedIn person) {
        return allowed(kinds.stream().filter(kind -> kind.name().name().equalsIgnoreCase(name)).findFirst()
                .orElseThrow(() -> new NotFoundException("kind of list", name)), person);
    }

    private static ListKind allowed(ListKind kind, SignedIn person) {
        if (!person.may(kind.right())) {
            throw new AccessDeniedException("Such lists are not theirs.");
        }
        return kind;
    }

    /** The newest lists of these kinds; pages count from 0. */
    @Transactional(readOnly = true)
    Slice<OpeningListEntity> page(Collection<ListKind.Name> names, int page, int size) {
        return lists.findByKindInOrderByIdDesc(names, PageRequest.of(page, size));
    }

    @Transactional(readOnly = true)
    OpeningListEntity list(long id, SignedIn person) {
        OpeningListEntity list = lists.findById(id).orElseThrow(() -> new NotFoundException("list", id));
        return allowed(list, person);
    }

    private OpeningListEntity allowed(OpeningListEntity list, SignedIn person) {
        allowed(kind(list.kind()), person);
        return list;
    }

    /** Reads a file into a list of its own. */
    @Transactional
    Outcome<Long> read(String fileName, byte[] file, SignedIn person) {
        Reading<ListFile> read = CsvTable.read(file)
                .match(table -> ListFile.of(table, kinds(person)), problem -> Reading.fault(problem.code(), problem.arguments().toArray()));
        return read.match(table -> {
            if (table.rows().isEmpty()) {
                return Outcome.refused(Problem.at("file", "opening.file-no-lines"));
            }
            OpeningListEntity list = lists.saveAndFlush(OpeningListEntity.of(
                    table.kind().name(), fileName, words.list(table.unread()), person.personId(), clock.instant()));
            rows.write(list.id(), table.rows());
            return Outcome.done(list.id());
        }, problem -> Outcome.refused(problem.movedTo("file")));
    }

    /** Begins a list that is typed; it is empty. */
    @Transactional
    long begin(ListKind kind, SignedIn person) {
        OpeningListEntity list = OpeningListEntity.of(
                kind.name(), words.text("opening.typed-by", person.name()), "", person.personId(), clock.instant());
        list.checked("");
        return lists.saveAndFlush(list).id();
    }

    /** Keeps lines as they are typed now; those that are blank go. */
    @Transactional
    Outcome<Long> write(long id, List<Row> typed, SignedIn person) {
        Optional<Row> tooLong = typed.stream().filter(row -> row.cells().values().stream().anyMatch(cell -> cell.length() > LONGEST_CELL))
                .findFirst();
        if (tooLong.isPresent()) {
            return Outcome.refused(Problem.of("opening.cell-too-long", tooLong.get().line(), LONGEST_CELL));
        }
        if (typed.size() > MOST_TYPED) {
            return Outcome.refused(Problem.of("opening.too-many-typed", MOST_TYPED));
        }
        return change(id, person, State.CHECKED, list -> {
            rows.write(id, typed.stream().filter(row -> !row.isBlank()).toList());
            rows.drop(id, typed.stream().filter(Row::isBlank).map(Row::line).toList());
            list.check();
            return list;
        });
    }

    /** Lets a checked list be booked. */
    @Transactional
    Outcome<Long> book(long id, SignedIn person) {
        return rows.wrongLines(id) > 0 || rows.count(id) == 0
                ? Outcome.refused(Problem.of("opening.not-right"))
                : change(id, person, State.CHECKED, list -> {
                    list.book(person.personId());
                    return list;
                });
    }

    /** Lets all that a list brought be taken back. */
    @Transactional
    Outcome<Long> takeBack(long id, SignedIn person) {
        return change(id, person, State.BOOKED, list -> {
            list.takeBack(person.personId());
            return list;
        });
    }

    /** Throws a list away that is not booked. */
    @Transactional
    Outcome<Long> discard(long id, SignedIn person) {
        return change(id, person, State.CHECKED, list -> list).then(done -> {
            rows.clear(id);
            lists.deleteById(id);
            return Outcome.done(id);
        });
    }

    private Outcome<Long> change(long id, SignedIn person, State from, UnaryOperator<OpeningListEntity> change) {
        if (lists.state(id).filter(State::works).isPresent()) {
            return Outcome.refused(Problem.of("opening.works"));
        }
        OpeningListEntity list = allowed(lists.lock(id).orElseThrow(() -> new NotFoundException("list", id)), person);
        if (list.state() != from) {
            return Outcome.refused(Problem.of(list.state().works() ? "opening.works" : "opening.other-state"));
        }
        return Outcome.done(lists.saveAndFlush(change.apply(list)).id());
    }
}
