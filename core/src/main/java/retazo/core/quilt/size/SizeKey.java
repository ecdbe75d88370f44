package retazo.core.quilt.size;

/** The lasting name of a size within its pattern; it stays when the size is renamed. */
public record SizeKey(String value) {

    /**
     * @throws IllegalArgumentException if the key is not 1 to 20 letters, digits or hyphens
     */
    public SizeKey {
        if (!value.matches("[A-Za-z0-9-]{1,20}")) {
            throw new IllegalArgumentException("'" + value + "' is no key of a size.");
        }
    }

    @Override
    public String toString() {
        return value;
    }
}
