package retazo.app.papers;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads our cutting page as its maker does: the words on the paper, and nothing of how they came there. All measures are in inches. */
final class PageReader {

    private static final String NUMBER = "(\\d+(?:\\.\\d+)?)";
    private static final Pattern PIECES = Pattern
            .compile("(\\d+) of ([A-Z]+\\d+(?:, [A-Z]+\\d+)*)((?: \\((?:[^()]|\\([^()]*\\))*\\))?)( from each)?");
    private static final Pattern SIDES = Pattern.compile(NUMBER + " × " + NUMBER);

    private final String text;

    /** A length in the bag with its cuts. */
    record Cloth(String name, double usableWidth, List<Cut> cuts) {

        double length() {
            return cuts.stream().mapToDouble(cut -> cut.times() * cut.height()).sum();
        }
    }

    /** So many strips of a height, and what each gives. */
    record Cut(int times, String what, double height, String gives) {

        /** What the rectangles cover that one strip gives. */
        double area() {
            double area = 0;
            Matcher matcher = RECTANGLES.matcher(gives);
            while (matcher.find()) {
                area += Integer.parseInt(matcher.group(1)) * Double.parseDouble(matcher.group(2)) * Double.parseDouble(matcher.group(3));
            }
            return area;
        }

        /** How many of each label come from all of these strips. */
        Map<String, Integer> pieces() {
            Map<String, Integer> pieces = new HashMap<>();
            Matcher matcher = PIECES.matcher(gives);
            while (matcher.find()) {
                pieces.merge(matcher.group(2), Integer.parseInt(matcher.group(1)) * (matcher.group(4) == null ? 1 : times), Integer::sum);
            }
            return pieces;
        }
    }

    private static final Pattern RECTANGLES = Pattern.compile(
            "(\\d+) of [A-Z]+\\d+(?:, [A-Z]+\\d+)* \\(" + NUMBER + " × " + NUMBER + " in");

    /** A unit as the page tells it, with how many it takes of the piece named first. */
    record Unit(String name, int needed, int come, Map<String, Integer> takes, int firstTaken, String how, String measure) {

        /** The area that it covers in the finished quilt, by the last measure that the page asks of it. */
        double area(double seam) {
            Matcher sides = SIDES.matcher(measure);
            double area = 0;
            while (sides.find()) {
                area = (Double.parseDouble(sides.group(1)) - 2 * seam) * (Double.parseDouble(sides.group(2)) - 2 * seam);
            }
            return area;
        }
    }

    /** A kind of block. */
    record Blocks(int count, double area) {
    }

    private PageReader(String text) {
        this.text = text;
    }

    static PageReader of(String html) {
        String page = html.substring(html.indexOf("<article"), html.indexOf("</article>"));
        String drawn = page.replaceAll("(?s)<svg.*?</svg>", " ").replace('\n', ' ');
        Matcher fraction = Pattern.compile("(?:(\\d+)\\s*)?<span class=\"frac\">(\\d+)/(\\d+)</span>").matcher(drawn);
        StringBuilder numbers = new StringBuilder();
        while (fraction.find()) {
            BigDecimal part = new BigDecimal(fraction.group(2)).divide(new BigDecimal(fraction.group(3)), 6, RoundingMode.HALF_UP);
            fraction.appendReplacement(numbers,
                    fraction.group(1) == null ? part.toPlainString() : part.add(new BigDecimal(fraction.group(1))).toPlainString());
        }
        fraction.appendTail(numbers);
        String lines = numbers.toString().replaceAll("(?i)</(tr|h2|h3|p|li|section|caption)>", "\n").replaceAll("(?i)</td>", " | ");
        String plain = lines.replaceAll("<[^>]+>", " ").replace("&#39;", "'").replaceAll("[ \\t\\r]+", " ").replaceAll(" *\\n\\s*", "\n");
        return new PageReader(plain.replaceAll("\\( ", "(").replaceAll(" \\)", ")"));
    }

    String text() {
        return text;
    }

    /** Every length that pieces are cut from. */
    List<Cloth> cloths() {
        List<Cloth> cloths = new ArrayList<>();
        Matcher section = Pattern.compile("Cut from ([^\\n]+?) counting on " + NUMBER + " in of width\\n((?: ?\\|[^\\n]*\\n)*)")
                .matcher(text);
        while (section.find()) {
            List<Cut> cuts = new ArrayList<>();
            for (String row : section.group(3).replaceAll("cut folded, open the fold for the last [^|\\n]*", "").split("\\n")) {
                Matcher cut = Pattern.compile("^ ?\\|? ?(\\d+) ([a-z ,]+?) " + NUMBER + " in \\| (.*?) ?\\|? ?$").matcher(row);
                assertThat(cut.find()).as("a cut: '%s'", row).isTrue();
                cuts.add(new Cut(Integer.parseInt(cut.group(1)), cut.group(2), Double.parseDouble(cut.group(3)), cut.group(4)));
            }
            cloths.add(new Cloth(section.group(1).strip(), Double.parseDouble(section.group(2)), cuts));
        }
        return cloths;
    }

    /** How much of a cloth lies in the bag. */
    double inBag(String name) {
        Matcher row = Pattern.compile("\\| " + Pattern.quote(name) + " \\|[^|\\n]*\\| " + NUMBER + " (yd|in|m) \\|").matcher(text);
        assertThat(row.find()).as("%s in the bag of%n%s", name, text).isTrue();
        double length = Double.parseDouble(row.group(1));
        return row.group(2).equals("yd") ? length * 36 : length;
    }

    List<Unit> units() {
        List<Unit> units = new ArrayList<>();
        Matcher unit = Pattern
                .compile(
                        "(\\d+) × ([^\\n]+)\\n ?Takes ([^\\n]+)\\. "
                                + "(\\d+) comes? of them, (\\d+) (?:is|are) needed\\.\\n([^\\n]+)\\n([^\\n]+)\\n")
                .matcher(text);
        while (unit.find()) {
            Map<String, Integer> takes = new HashMap<>();
            Matcher piece = Pattern.compile("(?:^|; )(\\d+) ([A-Z]+\\d+(?: / [A-Z]+\\d+)*) \\(").matcher(unit.group(3));
            int first = 0;
            while (piece.find()) {
                first = takes.isEmpty() ? Integer.parseInt(piece.group(1)) : first;
                takes.merge(piece.group(2), Integer.parseInt(piece.group(1)), Integer::sum);
            }
            units.add(new Unit(unit.group(2).strip(), Integer.parseInt(unit.group(5)), Integer.parseInt(unit.group(4)), takes, first,
                    unit.group(6).strip(), unit.group(7).strip()));
        }
        return units;
    }

    List<Blocks> blocks(double seam) {
        List<Blocks> blocks = new ArrayList<>();
        Matcher block = Pattern.compile("(\\d+) of block [^\\n]*? It then measures " + NUMBER + " × " + NUMBER + " in").matcher(text);
        while (block.find()) {
            blocks.add(new Blocks(Integer.parseInt(block.group(1)),
                    (Double.parseDouble(block.group(2)) - 2 * seam) * (Double.parseDouble(block.group(3)) - 2 * seam)));
        }
        return blocks;
    }

    /** The sides of a label, as the first place that names them says. */
    double area(String label, double seam) {
        Matcher sides = Pattern.compile(Pattern.quote(label) + "(?:, [A-Z]+\\d+)* \\([^()]*?" + NUMBER + " × " + NUMBER).matcher(text);
        assertThat(sides.find()).as("the sides of %s on%n%s", label, text).isTrue();
        return (Double.parseDouble(sides.group(1)) - 2 * seam) * (Double.parseDouble(sides.group(2)) - 2 * seam);
    }
}
