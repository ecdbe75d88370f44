package retazo.core.prints;

import java.util.List;

/**
 * What one unit takes together: each part once.
 *
 * @param parts     one or more
 * @param different whether all parts of a unit come from prints that differ from each other
 */
public record PrintUnit(List<PrintPart> parts, boolean different) {

    /**
     * @throws IllegalArgumentException if it takes nothing
     */
    public PrintUnit {
        parts = List.copyOf(parts);
        if (parts.isEmpty()) {
            throw new IllegalArgumentException("A unit of no part is none.");
        }
    }
}
