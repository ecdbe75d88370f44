package retazo.core.prints;

/**
 * A print, and how often it is there.
 *
 * @param name   prints of one name are one print
 * @param sheets squares, strips or quarters of it, zero or more
 */
public record Print(String name, PrintValue value, int sheets) {

    /**
     * @throws IllegalArgumentException if there are fewer than none
     */
    public Print {
        if (sheets < 0) {
            throw new IllegalArgumentException(sheets + " sheets of " + name + " cannot be.");
        }
    }
}
