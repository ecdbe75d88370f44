package retazo.app.opening;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.staff.StaffService;

/** Puts the pages of lists together. */
@Component
class OpeningPages {

    private static final int LINES = 50;
    private static final int SPARE = 10;
    private static final int LISTS = 20;
    private static final int LABELS = 500;

    private final OpeningLists lists;
    private final OpeningWork work;
    private final Rows rows;
    private final StaffService staff;
    private final Words words;
    private final Clock clock;

    OpeningPages(OpeningLists lists, OpeningWork work, Rows rows, StaffService staff, Words words, Clock clock) {
        this.lists = lists;
        this.work = work;
        this.rows = rows;
        this.staff = staff;
        this.words = words;
        this.clock = clock;
    }

    /** What a list can be of, with its columns. */
    record KindView(String code, String name, List<Column> columns) {
    }

    /** A list in the list of lists. */
    record ListView(long id, String name, String kind, String state, String person, String when) {
    }

    /** The page of all lists; {@code number} counts its pages from 0. */
    record AllPage(List<KindView> kinds, List<ListView> lists, int number, boolean more) {
    }

    /** A cell, and what is wrong in it. */
    record CellView(String name, Column column, String text, @Nullable String fault) {
    }

    /**
     * A line of a list.
     *
     * @param rest what is wrong beside its columns
     * @param isNew whether it is there to be typed in
     */
    record LineView(int line, List<CellView> cells, @Nullable String rest, boolean isNew) {

        public boolean isWrong() {
            return rest != null || cells.stream().anyMatch(cell -> cell.fault() != null);
        }
    }

    /** The part of a list that a page shows: its lines after one, all or those in which something is wrong. */
    record Shown(int after, boolean all) {
    }

    /** A file of labels, counted from 0, and which of them are in it, counted from 1. */
    record LabelPart(int number, int first, int last) {
    }

    /**
     * How far a list is.
     *
     * @param works  whether it is worked on now
     * @param count  its lines
     * @param wrong  those in which something is wrong
     * @param booked how many are booked by now, while it is booked
     * @param labels of what it brought, once it is booked
     */
    record Stand(
            String state, boolean works, boolean open, boolean bookedWhole, int count, int wrong, int booked, List<LabelPart> labels) {

        public boolean ready() {
            return open && wrong == 0 && count > 0;
        }
    }

    /** The page of one list; {@code next} is the line after which the next page goes on, or 0. */
    record ListPage(
            long id, String name, KindView kind, Stand stand, String sum, String unread, String told, String person, String when,
            List<LineView> lines, Shown shown, int next) {
    }

    @Transactional(readOnly = true)
    AllPage all(SignedIn person, int page) {
        List<ListKind> kinds = lists.kinds(person);
        Slice<OpeningListEntity> found = lists.page(kinds.stream().map(ListKind::name).toList(), page, LISTS);
        Map<Long, String> names = staff.names(found.stream().map(OpeningListEntity::personId).collect(Collectors.toSet()));
        return new AllPage(
                kinds.stream().map(this::view).toList(),
                found.map(list -> new ListView(
                        list.id(), list.name(), words.text("opening.kind." + list.kind()), words.text("opening.state." + list.state()),
                        names.getOrDefault(list.personId(), ""), Moments.near(list.begunAt(), clock.instant()))).getContent(),
                page, found.hasNext());
    }

    private KindView view(ListKind kind) {
        return new KindView(kind.name().name().toLowerCase(java.util.Locale.ROOT), words.text("opening.kind." + kind.name()),
                kind.columns());
    }

    @Transactional(readOnly = true)
    ListPage list(long id, Shown asked, SignedIn person) {
        OpeningListEntity list = lists.list(id, person);
        ListKind kind = lists.kind(list.kind());
        Stand stand = new Stand(
                words.text("opening.state." + list.state()), list.state().works(), list.state() == OpeningListEntity.State.CHECKED,
                list.state() == OpeningListEntity.State.BOOKED, rows.count(id), rows.wrongLines(id), work.bookedBy(id),
                list.state() == OpeningListEntity.State.BOOKED ? parts(kind.labels(list.entry().clientId(), rows.count(id))) : List.of());
        Shown shown = new Shown(asked.after(), asked.all() || stand.wrong() == 0);
        List<Row> some = shown.all() ? rows.after(id, shown.after(), LINES + 1) : rows.wrongAfter(id, shown.after(), LINES + 1);
        boolean more = some.size() > LINES;
        List<Row> here = more ? some.subList(0, LINES) : some;
        Map<Integer, Map<String, String>> faults = rows.faults(id, here.stream().map(Row::line).toList());
        List<LineView> lines = new ArrayList<>();
        here.forEach(row -> lines.add(line(row, kind, faults.getOrDefault(row.line(), Map.of()), false)));
        if (stand.open() && shown.all() && !more) {
            int last = rows.last(id);
            for (int i = 1; i <= SPARE; i++) {
                lines.add(line(new Row(last + i, Map.of()), kind, Map.of(), true));
            }
        }
        return new ListPage(
                id, list.name(), view(kind), stand, list.sum(), list.unread(), list.told(),
                staff.names(Set.of(list.entry().personId())).getOrDefault(list.entry().personId(), ""),
                Moments.near(list.bookedAt().orElse(list.begunAt()), clock.instant()), lines, shown,
                more ? here.get(here.size() - 1).line() : 0);
    }

    /** Labels, as many to a file as one can print at once. */
    private static List<LabelPart> parts(int labels) {
        return IntStream.range(0, (labels + LABELS - 1) / LABELS)
                .mapToObj(part -> new LabelPart(part, part * LABELS + 1, Math.min(labels, (part + 1) * LABELS))).toList();
    }

    private static LineView line(Row row, ListKind kind, Map<String, String> faults, boolean isNew) {
        Set<String> keys = kind.columns().stream().map(Column::key).collect(Collectors.toCollection(HashSet::new));
        String rest = faults.entrySet().stream().filter(fault -> !keys.contains(fault.getKey())).map(Map.Entry::getValue)
                .collect(Collectors.joining(" "));
        return new LineView(
                row.line(),
                kind.columns().stream().map(column -> new CellView(
                        "line" + row.line() + "." + column.key(), column, row.at(column.key()), faults.get(column.key()))).toList(),
                rest.isEmpty() ? null : rest, isNew);
    }
}
