package retazo.core.block.spec;

/** What a unit needs beside cutter, mat and ruler. */
public enum Tool {
    /** A square ruler to trim sewn units to size. */
    SQUARE_RULER,
    /** A pen that washes out, to draw sewing lines. */
    MARKING_PEN,
    /** A ruler of the wedge's angle. */
    WEDGE_RULER,
    /** A template of each outline. */
    TEMPLATES,
    /** A ruler with angle lines, to lean cuts alike. */
    ANGLE_RULER
}
