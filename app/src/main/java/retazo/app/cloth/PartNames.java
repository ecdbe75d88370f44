package retazo.app.cloth;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import retazo.app.pictures.RoleView;
import retazo.app.shared.Words;
import retazo.core.cutting.ClothPart;
import retazo.core.quilt.setting.Runs;
import retazo.core.quilt.setting.Use;

/** What the rectangles on a cloth are called. */
public record PartNames(Words words) {

    /** As it stands on the piece: {@code A1}, {@code border 1}. */
    public String brief(ClothPart part) {
        return part.labels().isEmpty()
                ? strips(part.uses(), part.runs())
                : part.labels().get(0) + (part.labels().size() > 1 ? " +" + (part.labels().size() - 1) : "");
    }

    /** Long strips by their use, and which of them where only those of one way are meant: {@code border, sides}. */
    public String strips(List<Use> uses, Optional<Runs> runs) {
        String use = RoleView.uses(uses, words);
        boolean parted = uses.stream().anyMatch(one -> switch (one.place()) {
            case BORDER, FLANGE -> true;
            case BLOCKS, SASH, CORNERSTONE, SETTING, BINDING, BACKING -> false;
        });
        return runs.filter(way -> parted).map(way -> words.text("long.part." + way, use)).orElse(use);
    }

    /** With its size: {@code A1 (2 1/2 × 4 1/2 in)}, {@code border 1}. */
    public String full(ClothPart part) {
        String labels = part.labels().stream().collect(Collectors.joining(", "));
        return part.shape().map(shape -> labels + " (" + ShapeWords.of(shape, words) + ")")
                .orElseGet(() -> strips(part.uses(), part.runs()));
    }
}
