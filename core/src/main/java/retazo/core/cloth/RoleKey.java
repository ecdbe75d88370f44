package retazo.core.cloth;

/** The lasting name of a role within its pattern; it stays when letters and names change. */
public record RoleKey(String value) implements Comparable<RoleKey> {

    /**
     * @throws IllegalArgumentException if the key is not 1 to 20 letters, digits or hyphens
     */
    public RoleKey {
        if (!value.matches("[A-Za-z0-9-]{1,20}")) {
            throw new IllegalArgumentException("'" + value + "' is no key of a role.");
        }
    }

    @Override
    public int compareTo(RoleKey other) {
        return value.compareTo(other.value);
    }

    @Override
    public String toString() {
        return value;
    }
}
