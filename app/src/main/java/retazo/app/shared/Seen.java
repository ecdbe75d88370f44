package retazo.app.shared;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Supplier;
import retazo.core.measure.Problem;

/**
 * Keeps two people from overwriting each other unseen: a form carries a mark of what it showed, and what was kept by somebody else since is
 * said at its fields before anything is saved.
 */
public final class Seen {

    private static final String MEANWHILE = "meanwhile";
    private static final int MARK_BYTES = 16;

    private Seen() {
    }

    /** A mark of what a form shows: the texts of its fields by their places. */
    public static String mark(Map<String, String> texts) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(new TreeMap<>(texts).toString().getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest, 0, MARK_BYTES);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256.", e);
        }
    }

    /**
     * What somebody else kept since the form was shown, at each field where that differs from what is typed; empty when nobody did, or both
     * say the same.
     *
     * @param seen the mark that came with the form
     */
    public static List<Problem> meanwhile(String seen, Map<String, String> kept, Map<String, String> typed) {
        if (mark(kept).equals(seen)) {
            return List.of();
        }
        List<Problem> problems = new ArrayList<>();
        kept.forEach((place, text) -> {
            if (!text.equals(typed.getOrDefault(place, ""))) {
                problems.add(text.isEmpty() ? Problem.at(place, "meanwhile.empty") : Problem.at(place, "meanwhile.text", text));
            }
        });
        if (!problems.isEmpty()) {
            problems.add(0, Problem.of(MEANWHILE));
        }
        return problems;
    }

    /** The mark that a form is shown with again: after the other's values were said the new one, else the one it came with. */
    public static String next(String seen, List<Problem> problems, Supplier<String> now) {
        return problems.stream().anyMatch(problem -> problem.code().equals(MEANWHILE)) ? now.get() : seen;
    }
}
