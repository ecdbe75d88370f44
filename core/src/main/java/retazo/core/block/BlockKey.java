package retazo.core.block;

/** The lasting name of a kind of block within its pattern. */
public record BlockKey(String value) {

    /**
     * @throws IllegalArgumentException if the key is not 1 to 20 letters, digits or hyphens
     */
    public BlockKey {
        if (!value.matches("[A-Za-z0-9-]{1,20}")) {
            throw new IllegalArgumentException("'" + value + "' is no key of a block.");
        }
    }

    @Override
    public String toString() {
        return value;
    }
}
