package retazo.app.patterns.rows;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.app.patterns.file.PatternAbout;
import retazo.app.patterns.file.PatternContent;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/**
 * Whose design a new pattern is, which decides what the shop may print: asked, and never taken for granted.
 *
 * @param whose    {@value #OURS} or {@value #ANOTHERS}; nothing while nobody said
 * @param designer whose it is, where it is not ours
 */
public record DesignerForm(@Nullable String whose, @Nullable String designer) {

    static final String OURS = "ours";
    static final String ANOTHERS = "other";

    public boolean isOurs() {
        return OURS.equals(whose);
    }

    public boolean isAnothers() {
        return ANOTHERS.equals(whose);
    }

    /**
     * The pattern with whose design it is, or all that is wrong with both.
     *
     * @param content  as it was read; empty where something is wrong with it
     * @param problems what that is
     */
    public Outcome<PatternContent> of(Optional<PatternContent> content, List<Problem> problems) {
        FieldReader reader = new FieldReader();
        String name = isAnothers() ? reader.text("designer", designer, PatternAbout.LONGEST_DESIGNER) : "";
        if (!isOurs() && !isAnothers()) {
            reader.add(Problem.at("whose", "pattern.whose"));
        }
        List<Problem> all = new ArrayList<>(problems);
        all.addAll(reader.problems());
        return content.isEmpty() || !all.isEmpty()
                ? Outcome.refused(all)
                : Outcome.done(content.get().by(new PatternAbout(name, List.of(), "")));
    }
}
