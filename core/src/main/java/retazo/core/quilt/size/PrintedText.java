package retazo.core.quilt.size;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import retazo.core.cloth.PrecutKind;
import retazo.core.measure.Length;
import retazo.core.measure.LengthText;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;
import retazo.core.measure.Reading;

/**
 * Reads a cell of a printed size table: {@code 1-1/2 yds}, {@code ⅓}, {@code 2 FQ}, {@code 1 roll or 1¼ yd}. A number alone
 * is a length in yards; a dash or nothing is no need.
 */
public final class PrintedText {

    private static final Pattern NOTHING = Pattern.compile("[-–—−0]?|n/?a|none");
    private static final Pattern OR = Pattern.compile("\\s+(?:or|oder)\\s+|\\s*\\|\\s*");
    private static final Pattern COUNTED = Pattern.compile("(\\d{1,4})?\\s*[×x]?\\s*(.+)");

    /** A precut as people write it. */
    private record Written(Pattern pattern, PrecutKind kind, boolean packs) {
        static Written of(String pattern, PrecutKind kind, boolean packs) {
            return new Written(Pattern.compile(pattern), kind, packs);
        }
    }

    private static final String TEN = "10[ -]?(?:in|inch|\")?\\.?";
    private static final String FIVE = "5[ -]?(?:in|inch|\")?\\.?";
    private static final List<Written> PRECUTS = List.of(
            Written.of("(?:2\\s?(?:½|1/2)[ -]?(?:in|inch|\")?\\.? )?(?:strip )?rolls?(?: of (?:2\\s?(?:½|1/2)(?: in)? )?strips)?",
                    PrecutKind.STRIP_ROLL, true),
            Written.of("(?:2\\s?(?:½|1/2)[ -]?(?:in|inch|\")?\\.? )?(?:roll )?strips?", PrecutKind.STRIP_ROLL, false),
            Written.of("(?:packs?|stacks?) (?:of )?" + TEN + "(?: squares?)?|" + TEN + " (?:square )?(?:packs?|stacks?)",
                    PrecutKind.SQUARES_10, true),
            Written.of(TEN + " squares?|squares? (?:of )?" + TEN, PrecutKind.SQUARES_10, false),
            Written.of("(?:packs?|stacks?) (?:of )?" + FIVE + "(?: squares?)?|" + FIVE + " (?:square )?(?:packs?|stacks?)",
                    PrecutKind.SQUARES_5, true),
            Written.of(FIVE + " squares?|squares? (?:of )?" + FIVE, PrecutKind.SQUARES_5, false),
            Written.of("(?:fq|fat quarter) bundles?|bundles?(?: of (?:fqs?|fat quarters?))?", PrecutKind.FAT_QUARTER, true),
            Written.of("fqs?|f\\.?q\\.?|fat quarters?|fat qtrs?", PrecutKind.FAT_QUARTER, false),
            Written.of("(?:f8|fat eighth) bundles?|bundles? of fat eighths?", PrecutKind.FAT_EIGHTH, true),
            Written.of("f8s?|fes?|fat eighths?|fat 8ths?", PrecutKind.FAT_EIGHTH, false));

    private PrintedText() {
    }

    /** The ways in which a cell can be met, none for one that says so; or what was wrong with it. */
    public static Reading<List<PrintedAmount>> read(String typed) {
        String text = typed.replace('\u00a0', ' ').strip().toLowerCase(Locale.ROOT);
        if (NOTHING.matcher(text).matches()) {
            return Reading.of(List.of());
        }
        List<PrintedAmount> amounts = new ArrayList<>();
        for (String part : OR.split(text)) {
            Optional<PrintedAmount> precuts = precuts(part.strip());
            if (precuts.isPresent()) {
                amounts.add(precuts.get());
                continue;
            }
            Optional<Problem> problem = length(part, amounts);
            if (problem.isPresent()) {
                return new Reading.NotUnderstood<>(problem.get());
            }
        }
        return Reading.of(List.copyOf(amounts));
    }

    private static Optional<Problem> length(String part, List<PrintedAmount> amounts) {
        return LengthText.read(part, LengthUnit.YARD).match(
                understood -> {
                    Length length = understood.length();
                    if (!length.isPositive() || length.isLongerThan(SizeTable.LONGEST)) {
                        return Optional.of(Problem.of("table.length", length, SizeTable.LONGEST));
                    }
                    amounts.add(new PrintedAmount.OfCloth(length));
                    return Optional.empty();
                },
                notUnderstood -> Optional.of(Problem.of("table.unreadable", part.length() > 30 ? part.substring(0, 30) + "…" : part)));
    }

    private static Optional<PrintedAmount> precuts(String part) {
        for (Written written : PRECUTS) {
            Matcher counted = COUNTED.matcher(part);
            if (counted.matches() && written.pattern().matcher(counted.group(2)).matches()) {
                int count = counted.group(1) == null ? 1 : Integer.parseInt(counted.group(1));
                return count < 1 || count > PrintedAmount.Precuts.MOST
                        ? Optional.empty()
                        : Optional.of(new PrintedAmount.Precuts(written.kind(), written.packs(), count));
            }
            if (written.pattern().matcher(part).matches()) {
                return Optional.of(new PrintedAmount.Precuts(written.kind(), written.packs(), 1));
            }
        }
        return Optional.empty();
    }

    /** The text that {@link #read} reads back. */
    public static String write(List<PrintedAmount> amounts) {
        return String.join(" or ", amounts.stream().map(PrintedAmount::text).toList());
    }
}
