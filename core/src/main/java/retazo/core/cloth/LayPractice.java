package retazo.core.cloth;

import java.util.Optional;

/**
 * How a shop lays pieces on cloth, and how many layers it cuts at a time.
 *
 * @param mostSizes the most different pieces on one strip, from 1 to {@link #MOST_SIZES}; empty for any number
 * @param layers    of cotton in a stack, from 1 to {@link #MOST_LAYERS}
 * @param longStrips how borders and other long strips lie
 * @param backing    how the seams of a back run, where its print leaves that free
 */
public record LayPractice(Optional<Integer> mostSizes, int layers, LongLay longStrips, BackingSeams backing) {

    public static final int MOST_SIZES = 12;
    public static final int MOST_LAYERS = 8;

    /** As many sizes as a strip takes; up to four layers of cotton. */
    public static final LayPractice CUSTOMARY = new LayPractice(Optional.empty(), 4, LongLay.SHORTER, BackingSeams.FEWEST);

    /** How many layers of a kind of cloth go into a stack. */
    public int layers(ClothKind cloth) {
        return cloth.layers(layers);
    }

    /** The same with long strips laid in another way. */
    public LayPractice with(LongLay other) {
        return new LayPractice(mostSizes, layers, other, backing);
    }

    /** The same with the seams of backs run in another way. */
    public LayPractice with(BackingSeams other) {
        return new LayPractice(mostSizes, layers, longStrips, other);
    }

    /**
     * @throws IllegalArgumentException if a number is out of its limits
     */
    public LayPractice {
        if (mostSizes.isPresent() && (mostSizes.get() < 1 || mostSizes.get() > MOST_SIZES) || layers < 1 || layers > MOST_LAYERS) {
            throw new IllegalArgumentException("Nobody lays " + mostSizes + " sizes on a strip in " + layers + " layers.");
        }
    }
}
