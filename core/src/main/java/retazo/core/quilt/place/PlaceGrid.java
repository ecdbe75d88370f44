package retazo.core.quilt.place;

import java.util.ArrayList;
import java.util.List;
import retazo.core.block.shape.Turn;

/**
 * The places of a layout.
 *
 * @param columns of a straight layout, blocks across; on point, blocks across the top row; cut up, half diagonals across
 * @param rows    likewise down
 */
public record PlaceGrid(Lattice lattice, int columns, int rows) {

    /** Of a quilt, across or down. */
    public static final int MOST_BLOCKS_ACROSS = 60;

    /** How the places lie to each other. */
    public enum Lattice {
        /** In columns and rows. */
        STRAIGHT,
        /** Turned by 45°, whole blocks only: a block centre at each whole and each half step. */
        ON_POINT,
        /** Turned by 45°, with blocks cut up at the edges: a centre at every half diagonal (i, j) with i + j even. */
        CUT_UP
    }

    /** Which part of the outline a place touches. */
    public enum Position {
        CORNER,
        EDGE,
        INTERIOR
    }

    /** How much of a block is left in a place. */
    public enum Share {
        WHOLE,
        HALF,
        QUARTER
    }

    public PlaceGrid {
        if (columns < 1 || rows < 1) {
            throw new IllegalArgumentException(columns + " × " + rows + " is no grid.");
        }
    }

    public static PlaceGrid straight(int columns, int rows) {
        return new PlaceGrid(Lattice.STRAIGHT, columns, rows);
    }

    /** Whether all blocks in it stand on a corner. */
    public boolean isSlanted() {
        return lattice != Lattice.STRAIGHT;
    }

    int lastColumn() {
        return last(columns);
    }

    int lastRow() {
        return last(rows);
    }

    private int last(int lines) {
        return switch (lattice) {
            case STRAIGHT -> lines - 1;
            case ON_POINT -> 2 * (lines - 1);
            case CUT_UP -> lines;
        };
    }

    public boolean has(Place place) {
        return place.column() >= 0 && place.row() >= 0 && place.column() <= lastColumn() && place.row() <= lastRow()
                && (lattice == Lattice.STRAIGHT || (place.column() + place.row()) % 2 == 0);
    }

    /** All places, row by row. */
    public List<Place> places() {
        List<Place> places = new ArrayList<>();
        for (int row = 0; row <= lastRow(); row++) {
            for (int column = 0; column <= lastColumn(); column++) {
                Place place = new Place(column, row);
                if (has(place)) {
                    places.add(place);
                }
            }
        }
        return places;
    }

    /** In a single row or column the two ends are corners and the rest edges; one place alone is a corner. */
    public Position position(Place place) {
        boolean side = place.column() == 0 || place.column() == lastColumn();
        boolean end = place.row() == 0 || place.row() == lastRow();
        boolean corner = side && end;
        return corner ? Position.CORNER : side || end ? Position.EDGE : Position.INTERIOR;
    }

    /**
     * How a block is turned so that what is drawn at its top, or at its top left corner, faces out of the quilt. In a single
     * row edges face up, in a single column to the left. Inside, nothing is turned.
     */
    public Turn outward(Place place) {
        boolean left = place.column() == 0;
        boolean top = place.row() == 0;
        boolean right = place.column() == lastColumn();
        boolean bottom = place.row() == lastRow();
        return switch (position(place)) {
            case INTERIOR -> Turn.NONE;
            case EDGE -> top ? Turn.NONE : left ? Turn.THREE_QUARTERS : right ? Turn.QUARTER : Turn.HALF;
            case CORNER -> top ? left ? Turn.NONE : Turn.QUARTER : left ? Turn.THREE_QUARTERS : Turn.HALF;
        };
    }

    public Share share(Place place) {
        if (lattice != Lattice.CUT_UP) {
            return Share.WHOLE;
        }
        return switch (position(place)) {
            case CORNER -> Share.QUARTER;
            case EDGE -> Share.HALF;
            case INTERIOR -> Share.WHOLE;
        };
    }

    /** Which row, column or diagonal a place is in, from 0. */
    public int line(PlaceLine line, Place place) {
        return switch (line) {
            case ROWS -> place.row();
            case COLUMNS -> place.column();
            case DIAGONALS -> (place.column() + place.row()) / (lattice == Lattice.STRAIGHT ? 1 : 2);
        };
    }

    /** How many rows, columns or diagonals there are. */
    public int lines(PlaceLine line) {
        return line(line, new Place(lastColumn(), lastRow())) + 1;
    }

    /** How many places lie in the same row before this one. */
    int numberInRow(Place place) {
        return lattice == Lattice.STRAIGHT ? place.column() : Math.floorDiv(place.column(), 2);
    }
}
