package retazo.app.cloth;

import java.util.stream.Collectors;
import retazo.app.pictures.RoleView;
import retazo.app.shared.Words;
import retazo.core.cutting.ClothPart;

/** What the rectangles on a cloth are called. */
public record PartNames(Words words) {

    /** As it stands on the piece: {@code A1}, {@code border 1}. */
    public String brief(ClothPart part) {
        return part.labels().isEmpty()
                ? RoleView.uses(part.uses(), words)
                : part.labels().get(0) + (part.labels().size() > 1 ? " +" + (part.labels().size() - 1) : "");
    }

    /** With its size: {@code A1 (2 1/2 × 4 1/2 in)}, {@code border 1}. */
    public String full(ClothPart part) {
        String labels = part.labels().stream().collect(Collectors.joining(", "));
        return part.shape().map(shape -> labels + " (" + ShapeWords.of(shape, words) + ")")
                .orElseGet(() -> RoleView.uses(part.uses(), words));
    }
}
