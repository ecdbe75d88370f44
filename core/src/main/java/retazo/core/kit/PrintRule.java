package retazo.core.kit;

import java.util.List;
import java.util.Optional;
import retazo.core.cloth.RoleKey;
import retazo.core.prints.PrintValue;

/**
 * Which prints the units of a kit, such as its blocks, take of one kind of precut.
 *
 * @param units     how many units there are, 1 or more
 * @param parts     what each takes of one print, one or more
 * @param different whether the prints of one unit differ from each other
 */
public record PrintRule(int units, List<Part> parts, boolean different) {

    /**
     * What a unit takes of one print: its share of the pieces of some roles. Parts that name the same role share its pieces.
     *
     * @param roles  one or more
     * @param value  how light its print has to be; any where nobody said
     * @param sheets how many sheets of the same print are cut for it together, 1 or more
     */
    public record Part(List<RoleKey> roles, Optional<PrintValue> value, int sheets) {
        /**
         * @throws IllegalArgumentException if it is of no role or no sheet
         */
        public Part {
            roles = List.copyOf(roles);
            if (roles.isEmpty() || sheets < 1) {
                throw new IllegalArgumentException("A part of " + roles.size() + " roles from " + sheets + " sheets is none.");
            }
        }
    }

    /**
     * @throws IllegalArgumentException if there is no unit or no part
     */
    public PrintRule {
        parts = List.copyOf(parts);
        if (units < 1 || parts.isEmpty()) {
            throw new IllegalArgumentException("A rule for " + units + " units of " + parts.size() + " parts is none.");
        }
    }

    /** How many parts share the pieces of a role. */
    int partsOf(RoleKey role) {
        return Math.toIntExact(parts.stream().filter(part -> part.roles().contains(role)).count());
    }

    /** Whether it matters which print a sheet is of. */
    boolean needsPrints() {
        return (different && parts.size() > 1) || parts.stream().anyMatch(part -> part.sheets() > 1 || part.value().isPresent());
    }
}
