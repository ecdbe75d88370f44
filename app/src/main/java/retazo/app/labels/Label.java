package retazo.app.labels;

import java.util.List;

/**
 * What stands on a label.
 *
 * @param code  that a scanner reads: letters, digits and hyphens
 * @param title the largest words on it
 * @param under what stands under the title; may be empty
 * @param lines what it holds, one below the other; as many as fit are printed, and how many more there are
 */
public record Label(String code, String title, String under, List<String> lines) {

    public Label {
        lines = List.copyOf(lines);
    }
}
