package retazo.core.explain;

/**
 * How a figure is worked from its operands: by one sign between them all, or by a formula whose letters stand for the
 * operands in their order.
 */
public enum Operation {
    SUM("+", false),
    PRODUCT("×", false),
    /** ⌊first ÷ second⌋: how many whole ones fit. */
    WHOLE_TIMES("÷", false),
    /** ⌈first ÷ second⌉: how many it takes. */
    ROUNDED_UP_QUOTIENT("÷", false),
    /** The next whole step: first rounded up to second. */
    ROUNDED_UP("↑", false),
    /** The first operand with a share on top of it. */
    SHARE_ON_TOP("+", false),
    /** The least of the operands. */
    LEAST("or", false),
    /** The square for half-square triangles two at a time, trimmed from a larger: F finished, a oversize, s seam. */
    HALF_SQUARE("F + a + 2s + s√2", true),
    /** A patch with its seam allowances: F finished, s seam. */
    WITH_SEAMS("F + 2s", true),
    /** A side with the same width on both ends of it: L side, w width. */
    BOTH_ENDS("L + 2w", true),
    /** A long strip of several: L length, j cost of a join, U usable width. */
    JOINED_STRIPS("(L − j) ÷ (U − j), rounded up", true),
    /** Panels side by side: W the side across, s seam, U usable width. */
    PANELS("(W − 2s) ÷ (U − 2s), rounded up", true),
    /** Binding around a quilt: W and H finished, e for corners and the closing join. */
    AROUND("2(W + H) + e", true),
    /** The fewest strips that hold all pieces uncut. */
    UNCUT("fewest strips that hold every piece whole", true);

    private final String sign;
    private final boolean formula;

    Operation(String sign, boolean formula) {
        this.sign = sign;
        this.formula = formula;
    }

    /** The sign between the operands, or the formula. */
    public String sign() {
        return sign;
    }

    /** Whether {@link #sign()} is a formula and not a sign between operands. */
    public boolean isFormula() {
        return formula;
    }
}
