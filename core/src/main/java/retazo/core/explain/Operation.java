package retazo.core.explain;

/**
 * How a figure is worked from its operands: by one sign between them all, or by a formula whose letters stand for the
 * operands in their order.
 */
public enum Operation {
    SUM("+", false),
    PRODUCT("×", false),
    /** What is left of the first without the second. */
    DIFFERENCE("−", false),
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
    /** The square for half-square triangles two at a time or from triangles: F finished, a oversize, s seam. */
    HALF_SQUARE("F + a + 2s + s√2", true),
    /** The square for half-square triangles four at a time: F finished, a oversize, s seam. */
    FOUR_TRIANGLES("√2 · (F + a + 2s) + 2s", true),
    /** The square for half-square triangles eight at a time: F finished, a oversize, s seam. */
    EIGHT_TRIANGLES("2(F + a + 2s + s√2)", true),
    /** The square that is cut twice: F finished long side, a oversize, s seam. */
    QUARTER_SQUARE("F + a + 2s(1 + √2)", true),
    /** The square of a pair of half-square triangles that is cut again: F finished, a oversize, s seam. */
    PAIRED_TRIANGLES("F + a + 2s(1 + √2)", true),
    /** To what half-square triangles are trimmed before they are paired: F finished, a oversize, s seam. */
    PAIRED_TRIM("F + a + 2s + s√2", true),
    /** A patch that is sewn larger: F finished, a oversize, s seam. */
    WITH_SEAMS_AND_OVERSIZE("F + a + 2s", true),
    /** The sky square of four geese: h finished height, a oversize, s seam. */
    SKY_SQUARE("h + a + 2s + s√2", true),
    /** Half the cut goose square and a seam: G square, s seam. */
    HALF_AND_SEAM("G ÷ 2 + s", true),
    /** The greatest of the operands. */
    GREATEST("or", false),
    /** The square on point in a square: F finished, s seam. */
    ON_POINT_SQUARE("F ÷ √2 + 2s", true),
    /** The corner square of a square in a square: F finished, a oversize, s seam. */
    CORNER_SQUARE("F ÷ 2 + a + 2s + s√2", true),
    /** One leg of a right triangle: w this leg, h the other, s seam, c = √(w² + h²). */
    RIGHT_TRIANGLE_LEG("w + s(w + h + c) ÷ h, with c = √(w² + h²)", true),
    /** The base of a wedge: b finished base, a finished top, h finished height, s seam; d is how much one side leans in. */
    WEDGE_BASE("b + 2s(√(h² + d²) + d) ÷ h, with d = (b − a) ÷ 2", true),
    /** The top of a wedge: b finished base, a finished top, h finished height, s seam; d is how much one side leans in. */
    WEDGE_TOP("a + 2s(√(h² + d²) − d) ÷ h, with d = (b − a) ÷ 2", true),
    /** A 45° wedge to its true point: B the octagon's width, s seam. */
    RING_HEIGHT("B ÷ 2 + s + s ÷ sin 22½°", true),
    /** A blunt 45° wedge: B the octagon's width, s seam. */
    BLUNT_RING_HEIGHT("B ÷ 2 + 2s", true),
    /** The top of a blunt 45° wedge: s seam. */
    BLUNT_RING_TOP("2s(1 ÷ cos 22½° − tan 22½°)", true),
    /** The base of a 45° wedge cut to its true point: B the octagon's width, s seam. */
    RING_BASE("2 tan 22½° · (B ÷ 2 + s + s ÷ sin 22½°)", true),
    /** The square for two corners of an octagon: B its width, s seam. */
    RING_CORNER("B ÷ (2 + √2) + 2s + s√2", true),
    /** A rectangle that is slashed: W finished, k cuts, d how far each leans over the height H, s seam. */
    SLASHED_WIDTH("W + 2s + k · 2s√(H² + d²) ÷ H", true),
    /** Segments of a strip set: U usable width, e lost to squaring its end, L segment. */
    SEGMENTS("(U − e) ÷ L, rounded down", true),
    /** Wedges from a strip, alternately turned: U usable width, b base, a top. */
    WEDGES_TURNED("1 + (U − b) ÷ ((a + b) ÷ 2), rounded down", true),
    /** Wedges from a strip, all one way: U usable width, b base. */
    WEDGES_ONE_WAY("1 + (U − b) ÷ b, rounded down", true),
    /** Places of a kind of block, counted over columns and rows. */
    PLACES("places counted in columns × rows", true),
    /** Templates laid side by side on a strip: U usable width. */
    NESTED("outlines laid side by side, turned where they may be, on U", true),
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
    /** Blocks on point: n across, m down. */
    BLOCKS_ON_POINT("n · m + (n − 1) · (m − 1)", true),
    /** A side of a quilt on point: n blocks across, B finished. */
    ON_POINT_SIDE("n · B√2", true),
    /** A side of a quilt on point with sashes: n blocks across, B finished, t sash. */
    SASHED_ON_POINT_SIDE("√2 · (n(B + t) + t)", true),
    /** The square for four side triangles: B finished block with its share of sashes, s seam. */
    SIDE_TRIANGLE_SQUARE("B√2 + 2s(1 + √2)", true),
    /** The square for two corner triangles: B finished block with its sashes, s seam. */
    CORNER_TRIANGLE_SQUARE("B ÷ √2 + 2s + s√2", true),
    /** A sash along a diagonal row: k blocks, B finished, t sash, e more at each end. */
    LONG_SASH("k · B + (k + 1) · t + 2e", true),
    /** Block centres inside p × q half diagonals. */
    WHOLE_CENTRES("centres inside p × q half diagonals", true),
    /** Blocks cut through their centre: h halves, q quarters. */
    CUT_BLOCKS("(h + q ÷ 2) ÷ 2, rounded up", true),
    /** A side of a quilt whose edge blocks are cut through the centre: p half diagonals, B finished, s seam. */
    CUT_UP_SIDE("p · B√2 ÷ 2 − 2s", true),
    /** A side of a quilt whose edge blocks are cut beyond the centre: p half diagonals, B finished. */
    FULL_CUT_UP_SIDE("p · B√2 ÷ 2", true),
    /** A mitred border's piece: L side, b border, e more for both ends. */
    MITRED("L + 2b + e", true),
    /** A folded strip: w shown, s seam. */
    FOLDED("2(w + s)", true),
    /** The square for continuous bias binding: L length, w strip, s seam; k strips across the sewn cloth. */
    BIAS_SQUARE("least q with k = (q − 2s) ÷ (w√2) whole and k · (q − 2s)√2 ≥ L", true),
    /** Backings side by side on the cloth: U usable width, W the side across. */
    SIDE_BY_SIDE("U ÷ W, rounded down", true),
    /** The fewest strips that hold all pieces uncut. */
    UNCUT("fewest strips that hold every piece whole", true),
    /** Packs of which some sheets are left out, and sheets beside them: S sheets, b beside, p in a pack, d left out. */
    PACKS_AND_SINGLES("(S − b) ÷ (p − d), rounded up", true),
    /** Packs whose prints go together: n units, S sheets, b beside, p in a pack, d left out. */
    PRINTS_MATCHED("fewest packs whose prints make n units, and at least (S − b) ÷ (p − d)", true);

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
