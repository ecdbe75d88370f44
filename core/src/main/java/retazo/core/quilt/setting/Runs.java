package retazo.core.quilt.setting;

/** Which way a long piece runs in the quilt that is seen from the front. */
public enum Runs {
    /** From the bottom to the top: a side of a border. */
    UP,
    /** From side to side: the top of a border, the sash of a row. */
    LEVEL,
    /** At a slant, as on point: no print stands upright on it. */
    SLANTED
}
