package retazo.core.colour;

/** The light that a channel of a screen's colour sends out, as a share of the most it can; the curve of sRGB, IEC 61966-2-1. */
final class Light {

    private static final int MOST = 255;
    private static final double STRAIGHT_TO = 0.04045;
    private static final double STRAIGHT_LIGHT_TO = 0.0031308;
    private static final double SLOPE = 12.92;
    private static final double OFFSET = 0.055;
    private static final double POWER = 2.4;

    private static final double[] OF_CHANNEL = new double[MOST + 1];

    static {
        for (int channel = 0; channel <= MOST; channel++) {
            double value = channel / (double) MOST;
            OF_CHANNEL[channel] = value <= STRAIGHT_TO ? value / SLOPE : Math.pow((value + OFFSET) / (1 + OFFSET), POWER);
        }
    }

    private Light() {
    }

    /** From 0 to 1, of a channel from 0 to 255. */
    static double of(int channel) {
        return OF_CHANNEL[channel];
    }

    /** The channel from 0 to 255 that sends out the nearest to so much light. */
    static int channel(double light) {
        double value = light <= STRAIGHT_LIGHT_TO ? light * SLOPE : (1 + OFFSET) * Math.pow(light, 1 / POWER) - OFFSET;
        return (int) Math.round(Math.max(0, Math.min(1, value)) * MOST);
    }
}
