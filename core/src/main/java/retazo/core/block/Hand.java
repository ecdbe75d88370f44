package retazo.core.block;

/** Of two shapes that are mirror images, which one. */
public enum Hand {
    /** The shape is its own mirror image. */
    EITHER,
    LEFT,
    RIGHT;

    static Hand of(boolean mirrored) {
        return mirrored ? RIGHT : LEFT;
    }

    Hand mirroredIf(boolean mirrored) {
        return switch (this) {
            case EITHER -> EITHER;
            case LEFT -> mirrored ? RIGHT : LEFT;
            case RIGHT -> mirrored ? LEFT : RIGHT;
        };
    }
}
