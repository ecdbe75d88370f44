package retazo.core.cutting;

import retazo.core.measure.Length;

/** What a rest could still serve. */
public enum RestUse {
    /** A part of a binding or another joined strip: as wide as one, and long enough to be worth a join. */
    JOINED_STRIP,
    /** Small patches: two and a half inches or more both ways. */
    PATCHES,
    /** The scrap bag. */
    SCRAP;

    private static final Length SMALLEST_PATCH = Length.ofInches(5, 2);
    private static final int LEAST_SHARE = 4;

    /**
     * @param stripWidth  to which the shop cuts its binding
     * @param usableWidth of the cloth; a part of a joined strip is at least a quarter of it long
     */
    public static RestUse of(CutStrip.Rest rest, Length stripWidth, Length usableWidth) {
        Length longer = rest.width().isLongerThan(rest.height()) ? rest.width() : rest.height();
        Length shorter = rest.width().isLongerThan(rest.height()) ? rest.height() : rest.width();
        if (!shorter.isShorterThan(stripWidth) && !longer.times(LEAST_SHARE).isShorterThan(usableWidth)) {
            return JOINED_STRIP;
        }
        return shorter.isShorterThan(SMALLEST_PATCH) ? SCRAP : PATCHES;
    }
}
