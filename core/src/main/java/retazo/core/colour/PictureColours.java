package retazo.core.colour;

import java.util.Arrays;
import retazo.core.cloth.Colour;

/**
 * The two colours that a picture of cloth is made of: its ground, and the motif on it.
 *
 * <p>The dots of the picture are parted into two heaps in CIELAB, each dot with the middle that is nearer (two means; the first parting is
 * across the axis along which the dots are spread widest, so the answer does not depend on chance). The colour of a heap is the mean of its
 * light, which is what the eye mixes from a distance. The larger heap is the ground. Where the two can hardly be told apart the cloth is of
 * one colour.
 */
public final class PictureColours {

    private static final int ROUNDS = 24;
    private static final int TURNS_TO_AXIS = 32;

    /** Heaps nearer than this (CIEDE2000) are the weave of one colour. */
    private static final double ONE_COLOUR = 5;

    /** A heap smaller than this share of the dots is dust. */
    private static final double DUST = 0.01;

    private final int[] dots;
    private final double[][] seen;

    private PictureColours(int[] dots) {
        this.dots = dots;
        this.seen = new double[dots.length][];
        for (int i = 0; i < dots.length; i++) {
            Lab lab = Lab.of(new Colour(dots[i] & 0xffffff));
            seen[i] = new double[] {lab.lightness(), lab.a(), lab.b()};
        }
    }

    /**
     * What the dots of a picture show.
     *
     * @param dots red, green and blue in the lower 24 bits of each; at least one
     */
    public static FabricLook of(int[] dots) {
        if (dots.length == 0) {
            throw new IllegalArgumentException("A picture without dots");
        }
        return new PictureColours(dots).look();
    }

    private FabricLook look() {
        boolean[] upper = firstParting();
        for (int round = 0; round < ROUNDS; round++) {
            boolean[] next = partedBy(mean(upper, false), mean(upper, true));
            if (Arrays.equals(next, upper)) {
                break;
            }
            upper = next;
        }
        int above = count(upper);
        int smaller = Math.min(above, dots.length - above);
        Colour all = light(new boolean[dots.length], false);
        if (smaller == 0 || smaller < DUST * dots.length) {
            return new FabricLook(all, all);
        }
        Colour one = light(upper, true);
        Colour other = light(upper, false);
        if (Lab.of(one).differenceTo(Lab.of(other)) < ONE_COLOUR) {
            return new FabricLook(all, all);
        }
        return above * 2 >= dots.length ? new FabricLook(one, other) : new FabricLook(other, one);
    }

    /** Which dots lie above the mean along the widest axis. */
    private boolean[] firstParting() {
        double[] middle = mean(new boolean[dots.length], false);
        double[] axis = axis(middle);
        boolean[] upper = new boolean[dots.length];
        for (int i = 0; i < dots.length; i++) {
            double along = 0;
            for (int k = 0; k < axis.length; k++) {
                along += (seen[i][k] - middle[k]) * axis[k];
            }
            upper[i] = along > 0;
        }
        return upper;
    }

    /** The direction of the greatest spread: the first eigenvector of the covariance, by power iteration. */
    private double[] axis(double[] middle) {
        double[][] spread = new double[middle.length][middle.length];
        for (double[] dot : seen) {
            for (int i = 0; i < middle.length; i++) {
                for (int k = 0; k < middle.length; k++) {
                    spread[i][k] += (dot[i] - middle[i]) * (dot[k] - middle[k]);
                }
            }
        }
        int widest = 0;
        for (int i = 1; i < middle.length; i++) {
            widest = spread[i][i] > spread[widest][widest] ? i : widest;
        }
        double[] axis = spread[widest].clone();
        for (int turn = 0; turn < TURNS_TO_AXIS; turn++) {
            double[] next = new double[axis.length];
            double most = 0;
            for (int i = 0; i < axis.length; i++) {
                for (int k = 0; k < axis.length; k++) {
                    next[i] += spread[i][k] * axis[k];
                }
                most = Math.max(most, Math.abs(next[i]));
            }
            if (most == 0) {
                break;
            }
            for (int i = 0; i < axis.length; i++) {
                axis[i] = next[i] / most;
            }
        }
        return axis;
    }

    private boolean[] partedBy(double[] lower, double[] upper) {
        boolean[] parted = new boolean[dots.length];
        for (int i = 0; i < dots.length; i++) {
            parted[i] = apart(seen[i], upper) < apart(seen[i], lower);
        }
        return parted;
    }

    /** Squared and straight, as two means ask for it. */
    private static double apart(double[] one, double[] other) {
        double sum = 0;
        for (int k = 0; k < one.length; k++) {
            sum += (one[k] - other[k]) * (one[k] - other[k]);
        }
        return sum;
    }

    private double[] mean(boolean[] parted, boolean which) {
        double[] sum = new double[3];
        int count = 0;
        for (int i = 0; i < dots.length; i++) {
            if (parted[i] == which) {
                count++;
                for (int k = 0; k < sum.length; k++) {
                    sum[k] += seen[i][k];
                }
            }
        }
        for (int k = 0; k < sum.length; k++) {
            sum[k] /= Math.max(1, count);
        }
        return sum;
    }

    private Colour light(boolean[] parted, boolean which) {
        double red = 0;
        double green = 0;
        double blue = 0;
        int count = 0;
        for (int i = 0; i < dots.length; i++) {
            if (parted[i] == which) {
                count++;
                red += Light.of(dots[i] >> 16 & 0xff);
                green += Light.of(dots[i] >> 8 & 0xff);
                blue += Light.of(dots[i] & 0xff);
            }
        }
        return new Colour(Light.channel(red / count) << 16 | Light.channel(green / count) << 8 | Light.channel(blue / count));
    }

    private static int count(boolean[] parted) {
        int count = 0;
        for (boolean one : parted) {
            count += one ? 1 : 0;
        }
        return count;
    }
}
