package retazo.core.prints;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What one unit, such as a block, takes of one print.
 *
 * @param name   what people call it: the letters of its roles
 * @param sheets how many sheets of the same print are cut for it at a time, and for nothing else: 2 for twins; 1 or more
 * @param gives  for how many units they give this part, 1 or more; what one cutting gives may go to different units
 * @param only   the names of the prints that serve; every print where empty
 */
public record PrintPart(String name, int sheets, int gives, Optional<Set<String>> only) {

    /**
     * @throws IllegalArgumentException if it is cut from no sheet or gives nothing
     */
    public PrintPart {
        only = only.map(Set::copyOf);
        if (sheets < 1 || gives < 1) {
            throw new IllegalArgumentException("A part from " + sheets + " sheets for " + gives + " units is none.");
        }
    }

    /** Any print serves. */
    public static PrintPart ofAny(String name, int sheets, int gives) {
        return new PrintPart(name, sheets, gives, Optional.empty());
    }

    /** Of these prints those serve that look so light. */
    public PrintPart ofValue(PrintValue value, List<Print> prints) {
        return new PrintPart(name, sheets, gives,
                Optional.of(prints.stream().filter(print -> print.value() == value).map(Print::name).collect(Collectors.toSet())));
    }

    boolean takes(String print) {
        return only.map(names -> names.contains(print)).orElse(true);
    }

    /** How often it is cut for so many units. */
    int cuttings(int units) {
        return (units + gives - 1) / gives;
    }
}
