package retazo.core.measure;

/** A unit in which lengths are typed and shown. */
public enum LengthUnit {
    INCH("in", Length.TICKS_PER_INCH),
    FOOT("ft", 12 * Length.TICKS_PER_INCH),
    YARD("yd", 36 * Length.TICKS_PER_INCH),
    MILLIMETRE("mm", Length.TICKS_PER_MILLIMETRE),
    CENTIMETRE("cm", 10 * Length.TICKS_PER_MILLIMETRE),
    METRE("m", 1000 * Length.TICKS_PER_MILLIMETRE);

    private final String symbol;
    private final long ticks;

    LengthUnit(String symbol, long ticks) {
        this.symbol = symbol;
        this.ticks = ticks;
    }

    /** As written after a number: {@code in}, {@code yd}, {@code cm}. */
    public String symbol() {
        return symbol;
    }

    public long ticks() {
        return ticks;
    }

    /** Whether parts of this unit are written as decimals and not as fractions. */
    public boolean metric() {
        return this == MILLIMETRE || this == CENTIMETRE || this == METRE;
    }
}
