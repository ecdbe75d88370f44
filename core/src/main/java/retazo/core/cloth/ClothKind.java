package retazo.core.cloth;

/** What a fabric is made as, as far as it matters to cutting. */
public enum ClothKind {
    COTTON,
    /** Thick: a blade takes half as many layers of it, and its binding is cut wider. */
    FLANNEL,
    BATIK,
    /** Two or three times as wide, for a back in one piece. */
    WIDE_BACKING;

    /** Whether cloths of both may lie in one stack: only of one kind, since thick and thin cloth creep under the ruler. */
    public boolean mayShareStack(ClothKind other) {
        return this == other;
    }

    /**
     * How many layers of it a shop stacks.
     *
     * @param ofCotton that the shop stacks of cotton, 1 or more
     * @return 1 or more
     */
    public int layers(int ofCotton) {
        return isThick() ? Math.max(1, ofCotton / 2) : ofCotton;
    }

    /** Whether the top of a quilt is cut from it: not from what is made for backs. */
    public boolean isForTops() {
        return this != WIDE_BACKING;
    }

    /** Whether it folds thicker than quilting cotton. */
    public boolean isThick() {
        return this == FLANNEL;
    }
}
