package retazo.app.runs.progress;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import retazo.app.runs.progress.RunProgress;

/**
 * The bags of a run as a row of boxes, those that are furthest first.
 *
 * @param width of all boxes; each is 8 wide and 12 high with 2 beside it
 */
public record BagBar(int width, List<Part> parts) {

    private static final int STEP = 10;
    private static final int WIDE = 8;
    private static final int HIGH = 12;

    /**
     * Bags that are equally far.
     *
     * @param state  {@code packed}, {@code ready}, {@code begun}, {@code to-cut}, {@code waiting} or {@code open}
     * @param boxes  as an SVG path
     * @param inside what marks the boxes beside their colour, as an SVG path; may be empty
     */
    public record Part(String state, int bags, String boxes, String inside) {
    }

    /** @param open bags that were asked and are neither made nor dropped */
    public static BagBar of(RunProgress.Bags bags, int open) {
        List<Part> parts = new ArrayList<>();
        int at = 0;
        at = add(parts, at, "packed", bags.packed());
        at = add(parts, at, "ready", bags.ready());
        at = add(parts, at, "begun", bags.begun());
        at = add(parts, at, "to-cut", bags.toCut());
        at = add(parts, at, "waiting", bags.waiting());
        at = add(parts, at, "open", open);
        return new BagBar(at * STEP, parts);
    }

    private static int add(List<Part> parts, int at, String state, int bags) {
        if (bags > 0) {
            parts.add(new Part(state, bags, path(at, bags, "M%d 1h" + WIDE + "v" + HIGH + "h-" + WIDE + "z"), switch (state) {
                case "begun" -> path(at, bags, "M%d " + (1 + HIGH / 2) + "h" + WIDE + "v" + HIGH / 2 + "h-" + WIDE + "z");
                case "waiting" -> path(at, bags, "M%d " + (1 + HIGH) + "l" + WIDE + " -" + HIGH);
                default -> "";
            }));
        }
        return at + bags;
    }

    private static String path(int at, int bags, String box) {
        return IntStream.range(at, at + bags).mapToObj(i -> box.formatted(i * STEP + 1)).collect(Collectors.joining());
    }
}
