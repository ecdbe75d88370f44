package retazo.core.colour;

import retazo.core.cloth.Colour;

/**
 * How a fabric looks from across a room.
 *
 * @param ground what shows most of it
 * @param motif  of its print
 */
public record FabricLook(Colour ground, Colour motif) {

    /** Two looks further apart are not taken for each other across a room. */
    private static final double LIKE = 15;
    private static final double HARDLY = 5;
    private static final double A_LITTLE = 12;

    /** What shows of the motif beside the ground. */
    private static final double MOTIF_SHARE = 0.25;

    /** Values nearer than this are one to the eye. */
    private static final double SAME_VALUE = 4;

    /** How far apart two fabrics look. */
    public enum Apart {
        HARDLY,
        A_LITTLE,
        CLEARLY
    }

    /** How the value of another fabric stands to this one's. */
    public enum Value {
        DARKER,
        SAME,
        LIGHTER
    }

    /** The difference of the grounds and a quarter of that of the motifs, as a mean; see {@link Lab#differenceTo}. */
    public double differenceTo(FabricLook other) {
        double grounds = Lab.of(ground).differenceTo(Lab.of(other.ground));
        double motifs = Lab.of(motif).differenceTo(Lab.of(other.motif));
        return (grounds + MOTIF_SHARE * motifs) / (1 + MOTIF_SHARE);
    }

    /** Whether one may take the other's place without being noticed at once. */
    public boolean isLike(FabricLook other) {
        return isLike(differenceTo(other));
    }

    /** The same of a difference that was worked out before. */
    public static boolean isLike(double difference) {
        return difference <= LIKE;
    }

    public Apart apartFrom(FabricLook other) {
        double difference = differenceTo(other);
        return difference < HARDLY ? Apart.HARDLY : difference < A_LITTLE ? Apart.A_LITTLE : Apart.CLEARLY;
    }

    /** How light it is from across a room, 0 for black to 100 for white: its ground, and a quarter as much of its motif, as a mean. */
    public int value() {
        return (int) Math.round((Lab.of(ground).lightness() + MOTIF_SHARE * Lab.of(motif).lightness()) / (1 + MOTIF_SHARE));
    }

    /** How light another is against this one, by the grounds. */
    public Value valueOf(FabricLook other) {
        double lighter = Lab.of(other.ground).lightness() - Lab.of(ground).lightness();
        return Math.abs(lighter) < SAME_VALUE ? Value.SAME : lighter > 0 ? Value.LIGHTER : Value.DARKER;
    }
}
