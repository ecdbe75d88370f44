package retazo.core.cloth;

/**
 * How a shop joins strips.
 *
 * @param borders  and other long strips of the top
 * @param bindings around the edge
 */
public record Joins(Join borders, Join bindings) {

    /** Borders straight, bindings on the diagonal. */
    public static final Joins CUSTOMARY = new Joins(Join.STRAIGHT, Join.DIAGONAL);
}
