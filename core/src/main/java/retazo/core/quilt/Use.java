package retazo.core.quilt;

/**
 * Where a role is used.
 *
 * @param number which border, from 1 at the inside; 0 for all else
 */
public record Use(Place place, int number) {

    /** The parts of a quilt that cloth is cut for. */
    public enum Place {
        BLOCKS,
        BORDER,
        BINDING,
        BACKING
    }

    public static final Use BLOCKS = new Use(Place.BLOCKS, 0);
    public static final Use BINDING = new Use(Place.BINDING, 0);
    public static final Use BACKING = new Use(Place.BACKING, 0);

    public static Use border(int number) {
        return new Use(Place.BORDER, number);
    }
}
