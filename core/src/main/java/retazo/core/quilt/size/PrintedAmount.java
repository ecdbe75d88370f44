package retazo.core.quilt.size;

import java.util.function.Function;
import java.util.stream.Stream;
import retazo.core.cloth.PrecutKind;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;

/** One way of meeting a printed need. */
public sealed interface PrintedAmount {

    /** The text that {@link PrintedText} reads back. */
    String text();

    <R> R match(Function<OfCloth, R> cloth, Function<Precuts, R> precuts);

    /** A length off the bolt. */
    record OfCloth(Length length) implements PrintedAmount {

        /** In yards where that is exact in the fractions that people use, else in metres, else in inches. */
        @Override
        public String text() {
            return Stream.of(LengthUnit.YARD, LengthUnit.METRE)
                    .map(unit -> LengthParts.of(length, unit))
                    .filter(LengthParts::exact)
                    .findFirst()
                    .map(LengthParts::plainText)
                    .orElseGet(length::toString);
        }

        @Override
        public <R> R match(Function<OfCloth, R> cloth, Function<Precuts, R> precuts) {
            return cloth.apply(this);
        }
    }

    /**
     * Precuts.
     *
     * @param packs whether whole packs are counted, and not single strips, squares or quarters
     * @param count 1 or more
     */
    record Precuts(PrecutKind kind, boolean packs, int count) implements PrintedAmount {

        public static final int MOST = 1_000;

        @Override
        public String text() {
            String plural = count == 1 ? "" : "s";
            return count + " " + switch (kind) {
                case STRIP_ROLL -> packs ? "roll" + plural : "roll strip" + plural;
                case SQUARES_10 -> (packs ? "pack" : "square") + plural + " of 10 in" + (packs ? " squares" : "");
                case SQUARES_5 -> (packs ? "pack" : "square") + plural + " of 5 in" + (packs ? " squares" : "");
                case FAT_QUARTER -> packs ? "bundle" + plural + " of fat quarters" : "fat quarter" + plural;
                case FAT_EIGHTH -> packs ? "bundle" + plural + " of fat eighths" : "fat eighth" + plural;
                case OWN -> (packs ? "pack" : "piece") + plural + " of another precut";
            };
        }

        @Override
        public <R> R match(Function<OfCloth, R> cloth, Function<Precuts, R> precuts) {
            return precuts.apply(this);
        }
    }
}
