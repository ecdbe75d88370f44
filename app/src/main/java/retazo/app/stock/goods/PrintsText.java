package retazo.app.stock.goods;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.core.measure.Problem;
import retazo.core.prints.PrintValue;

/**
 * The prints of a bundle as people type them, one on a line: {@code Reed stripe, dark, 2}. A minus before it drops it.
 */
public final class PrintsText {

    static final int MOST = 100;
    private static final Pattern LINE = Pattern
            .compile("(?i)([-−])?\\s*([^,]{1,60}?)\\s*(?:,\\s*(light|medium|dark))?\\s*(?:,\\s*(\\d{1,4}))?");

    private PrintsText() {
    }

    /** The prints, or a problem at the field that names each line that cannot be read. */
    public static List<BundlePrint> read(String field, @Nullable String typed, FieldReader reader) {
        List<BundlePrint> prints = new ArrayList<>();
        Set<String> names = new HashSet<>();
        int number = 0;
        for (String line : (typed == null ? "" : typed).split("\\R")) {
            number++;
            if (line.isBlank()) {
                continue;
            }
            Optional<BundlePrint> print = readLine(line.strip());
            if (print.isEmpty()) {
                reader.add(Problem.at(field, "prints.line", number,
                        line.strip().length() > 40 ? line.strip().substring(0, 40) + "…" : line.strip()));
            } else if (!names.add(print.get().name().toLowerCase(Locale.ROOT))) {
                reader.add(Problem.at(field, "prints.twice", number, print.get().name()));
            } else {
                prints.add(print.get());
            }
        }
        if (prints.size() > MOST) {
            reader.add(Problem.at(field, "prints.too-many", MOST));
        }
        return prints;
    }

    private static Optional<BundlePrint> readLine(String line) {
        Matcher matcher = LINE.matcher(line);
        if (!matcher.matches() || line.chars().anyMatch(Character::isISOControl)) {
            return Optional.empty();
        }
        int pieces = matcher.group(4) == null ? 1 : Integer.parseInt(matcher.group(4));
        if (pieces < 1 || pieces > 1_000) {
            return Optional.empty();
        }
        PrintValue value = Stream.of(PrintValue.values())
                .filter(one -> one.name().equalsIgnoreCase(matcher.group(3))).findFirst().orElse(PrintValue.MEDIUM);
        BundlePrint.Part part = matcher.group(1) == null ? BundlePrint.Part.BUNDLE : BundlePrint.Part.DROPPED;
        return Optional.of(new BundlePrint(matcher.group(2), value, pieces, part));
    }

    public static String write(List<BundlePrint> prints) {
        return prints.stream()
                .map(print -> switch (print.part()) {
                    case BUNDLE -> "";
                    case DROPPED -> "- ";
                } + print.name() + ", " + print.value().name().toLowerCase(Locale.ROOT) + ", " + print.pieces())
                .collect(Collectors.joining("\n"));
    }
}
