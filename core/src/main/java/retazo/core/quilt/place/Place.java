package retazo.core.quilt.place;

/**
 * Where a block stands, from 0 at the top left. On point, columns and rows are half diagonals, and column + row is even.
 */
public record Place(int column, int row) {

    @Override
    public String toString() {
        return column + "," + row;
    }
}
