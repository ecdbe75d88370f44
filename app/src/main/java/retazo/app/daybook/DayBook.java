package retazo.app.daybook;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Moments;
import retazo.app.shared.SearchWords;
import retazo.app.shared.Words;
import retazo.app.stock.Reason;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;

/** Answers what was booked in the shop, newest first. */
@Service
class DayBook {

    private static final int ON_A_PAGE = 50;
    private static final int AT_ONCE = 1_000;
    private static final int MOST_THINGS = 2_000;

    private final DayBookRepository book;
    private final KitIndex kits;
    private final Words words;
    private final Clock clock;

    DayBook(DayBookRepository book, KitIndex kits, Words words, Clock clock) {
        this.book = book;
        this.kits = kits;
        this.words = words;
        this.clock = clock;
    }

    /**
     * A line as it is read.
     *
     * @param at     exactly, for files
     * @param amount with its sign and unit
     * @param path   of what it is about
     */
    record Line(long id, String when, Instant at, String reason, String thing, String path, String amount, String person, String note) {
    }

    /** A page of lines; {@code next} is the line before which the next page begins, or 0. */
    record Page(List<Line> lines, long next) {
    }

    /** What was understood of a question. */
    private record Asked(Instant since, Instant until, long person, String reason, String items, boolean nothing) {
    }

    /** @param before a line; lines older than it are answered */
    @Transactional(readOnly = true)
    Page page(BookQuestion question, long before, FieldReader reader) {
        Asked asked = understood(question, reader);
        if (reader.anyProblem() || asked.nothing()) {
            return new Page(List.of(), 0);
        }
        List<DayBookRepository.Line> found = find(asked, before, ON_A_PAGE + 1);
        boolean more = found.size() > ON_A_PAGE;
        List<DayBookRepository.Line> here = more ? found.subList(0, ON_A_PAGE) : found;
        return new Page(lines(here), more ? here.get(here.size() - 1).getId() : 0);
    }

    /** All lines that answer, in parts, none of them held in memory longer than it is written. */
    void each(BookQuestion question, FieldReader reader, Consumer<Line> line) {
        Asked asked = understood(question, reader);
        long before = Long.MAX_VALUE;
        while (!asked.nothing() && before > 0) {
            List<DayBookRepository.Line> part = find(asked, before, AT_ONCE);
            lines(part).forEach(line);
            before = part.size() < AT_ONCE ? 0 : part.get(part.size() - 1).getId();
        }
    }

    private Asked understood(BookQuestion question, FieldReader reader) {
        Instant since = question.since(reader).map(this::begin).orElse(Instant.EPOCH);
        Instant until = question.until(reader).map(day -> begin(day.plusDays(1))).orElse(clock.instant().plusSeconds(86_400));
        List<Long> items = question.looked().isEmpty()
                ? List.of()
                : book.itemsLike(SearchWords.likes(question.looked()), Limit.of(MOST_THINGS));
        return new Asked(
                since, until, question.personId(), question.asked().map(Reason::name).orElse(""),
                items.stream().map(String::valueOf).collect(Collectors.joining(",")), !question.looked().isEmpty() && items.isEmpty());
    }

    private Instant begin(LocalDate day) {
        return day.atStartOfDay(clock.getZone()).toInstant();
    }

    private List<DayBookRepository.Line> find(Asked asked, long before, int most) {
        return book.before(before, asked.since(), asked.until(), asked.person(), asked.reason(), asked.items(), Limit.of(most));
    }

    private List<Line> lines(List<DayBookRepository.Line> found) {
        Map<Long, KitTitle> titles = kits.titles(
                found.stream().map(DayBookRepository.Line::getKitId).filter(id -> id > 0).collect(Collectors.toSet()));
        LengthUnit unit = words.sellingUnit();
        Instant now = clock.instant();
        return found.stream().map(line -> new Line(
                line.getId(), Moments.near(line.getAt(), now), line.getAt(), words.text("reason." + line.getReason()),
                thing(line, titles), path(line), amount(line, unit), line.getPerson(), line.getNote())).toList();
    }

    private String thing(DayBookRepository.Line line, Map<Long, KitTitle> titles) {
        KitTitle title = titles.get(line.getKitId());
        if (title != null) {
            return title.name();
        }
        return line.getKind().equals("BOLT") ? words.text("book.bolt", line.getCode(), line.getName()) : line.getName();
    }

    private static String path(DayBookRepository.Line line) {
        return switch (line.getKind()) {
            case "BOLT" -> "/stock/bolts/" + line.getItemId();
            case "GOOD" -> "/stock/goods/" + line.getGoodId();
            default -> "/shelf/" + line.getKitId();
        };
    }

    private static String amount(DayBookRepository.Line line, LengthUnit unit) {
        if (line.getTicks() == 0) {
            return line.getCount() > 0 ? "+" + line.getCount() : "−" + -line.getCount();
        }
        Length length = new Length(Math.abs(line.getTicks()));
        return (line.getTicks() > 0 ? "+" : "−") + LengthParts.exactText(length, unit);
    }
}
