package retazo.core.block.shape;

/** Of two shapes that are mirror images, which one. */
public enum Hand {
    /** The shape is its own mirror image. */
    EITHER,
    LEFT,
    RIGHT;

    /** For the word of a shape: {@code -left}, {@code -right}, or nothing. */
    String suffix() {
        return switch (this) {
            case EITHER -> "";
            case LEFT -> "-left";
            case RIGHT -> "-right";
        };
    }

    public static Hand of(boolean mirrored) {
        return mirrored ? RIGHT : LEFT;
    }

    public Hand mirroredIf(boolean mirrored) {
        return switch (this) {
            case EITHER -> EITHER;
            case LEFT -> mirrored ? RIGHT : LEFT;
            case RIGHT -> mirrored ? LEFT : RIGHT;
        };
    }
}
