package retazo.app.shared;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.core.measure.Length;
import retazo.core.measure.LengthText;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;
import retazo.core.measure.Percent;
import retazo.core.measure.Problem;
import retazo.core.measure.Reading;
import retazo.core.measure.TypedLength;
import retazo.core.measure.VisibleText;

/** Reads the typed texts of a form and gathers what is wrong with them, each problem at its field. */
public final class FieldReader {

    private static final int FIRST_YEAR = 1900;
    private static final int LAST_YEAR = 2200;

    private final List<Problem> problems = new ArrayList<>();

    public List<Problem> problems() {
        return problems;
    }

    public boolean anyProblem() {
        return !problems.isEmpty();
    }

    public void add(Problem problem) {
        problems.add(problem);
    }

    /** What was understood; else nothing, with the problem at its field. */
    public <T> Optional<T> take(String field, Reading<T> reading) {
        return reading.match(Optional::of, problem -> {
            add(problem.movedTo(field));
            return Optional.empty();
        });
    }

    public void addAll(List<Problem> more) {
        problems.addAll(more);
    }

    /** A length, or zero with a problem at the field. */
    public Length length(String field, @Nullable String typed, LengthUnit assumed) {
        return LengthText.read(typed == null ? "" : typed, assumed).match(
                TypedLength::length,
                fault -> {
                    problems.add(fault.movedTo(field));
                    return Length.ZERO;
                });
    }

    /** A length above zero and up to a limit, or zero with a problem at the field. */
    public Length lengthAboveZero(String field, @Nullable String typed, LengthUnit assumed, Length most) {
        int before = problems.size();
        Length length = length(field, typed, assumed);
        if (problems.size() == before && (!length.isPositive() || length.isLongerThan(most))) {
            problems.add(Problem.at(field, "length.above-zero", length, most));
        }
        return length;
    }

    /** An amount of money, or empty: for nothing typed, or with a problem at the field. */
    public Optional<Money> money(String field, @Nullable String typed, Currency currency) {
        if (typed == null || typed.isBlank()) {
            return Optional.empty();
        }
        Optional<Money> money = Money.read(typed, currency);
        if (money.isEmpty()) {
            problems.add(Problem.at(field, "money.amount", shortened(typed.strip()), currency.getCurrencyCode()));
        }
        return money;
    }

    /**
     * A percentage below 100 with up to two decimals; or empty with a problem at the field.
     *
     * @param code of that problem
     */
    public Optional<Percent> percent(String field, @Nullable String typed, String code) {
        String text = typed == null ? "" : typed.strip();
        if (!text.matches("\\d{1,2}([.,]\\d{1,2})?")) {
            problems.add(Problem.at(field, code));
            return Optional.empty();
        }
        return Optional.of(new Percent(new BigDecimal(text.replace(',', '.')).movePointRight(2).intValueExact()));
    }

    /** A whole number within limits, both inclusive; or the least with a problem at the field. */
    public int number(String field, @Nullable String typed, int least, int most) {
        String text = typed == null ? "" : typed.strip();
        if (text.matches("\\d{1,9}")) {
            int value = Integer.parseInt(text);
            if (value >= least && value <= most) {
                return value;
            }
        }
        problems.add(Problem.at(field, text.isEmpty() ? "number.missing" : "number.out-of-limits", shortened(text), least, most));
        return least;
    }

    /** A day as a field for days sends it; empty for nothing typed, or with a problem at the field. */
    public Optional<LocalDate> day(String field, @Nullable String typed) {
        String text = typed == null ? "" : typed.strip();
        if (text.isEmpty()) {
            return Optional.empty();
        }
        Optional<LocalDate> day = read(text).filter(one -> one.getYear() >= FIRST_YEAR && one.getYear() <= LAST_YEAR);
        if (day.isEmpty()) {
            problems.add(Problem.at(field, "day.unreadable", shortened(text)));
        }
        return day;
    }

    private static Optional<LocalDate> read(String text) {
        try {
            return Optional.of(LocalDate.parse(text));
        } catch (DateTimeParseException noDay) {
            return Optional.empty();
        }
    }

    /** A text on one line, stripped; a problem at the field if it is missing or too long. */
    public String text(String field, @Nullable String typed, int most) {
        String text = optionalText(field, typed, most);
        if (text.isEmpty()) {
            problems.add(Problem.at(field, "text.missing"));
        }
        return text;
    }

    /** A text on one line, stripped, that may be empty. */
    public String optionalText(String field, @Nullable String typed, int most) {
        String text = typed == null ? "" : VisibleText.of(typed);
        if (text.length() > most) {
            problems.add(Problem.at(field, "text.too-long", text.length(), most));
            return text.substring(0, most);
        }
        if (text.indexOf('\n') >= 0 || VisibleText.hasControls(text)) {
            problems.add(Problem.at(field, "text.control"));
            return text.replaceAll("\\p{Cntrl}", " ");
        }
        return text;
    }

    /** One of an enum's names, or empty with a problem at the field. */
    public <E extends Enum<E>> Optional<E> choice(String field, @Nullable String typed, Class<E> kinds) {
        for (E kind : kinds.getEnumConstants()) {
            if (kind.name().equals(typed)) {
                return Optional.of(kind);
            }
        }
        problems.add(Problem.at(field, "choice.missing"));
        return Optional.empty();
    }

    private static String shortened(String text) {
        return text.length() <= 30 ? text : text.substring(0, 30) + "…";
    }
}
