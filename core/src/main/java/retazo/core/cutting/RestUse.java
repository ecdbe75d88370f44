package retazo.core.cutting;

import retazo.core.cloth.PrecutKind;
import retazo.core.cutting.strip.CutStrip;
import retazo.core.cutting.strip.JoinedStrips;
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
    private static final Length UNNAMED = Length.ofInches(3, 2);

    /** Whether a rest is worth naming; a narrower one goes into the scrap bag without a word. */
    public static boolean isWorthNaming(CutStrip.Rest rest) {
        return !rest.width().isShorterThan(UNNAMED) && !rest.height().isShorterThan(UNNAMED);
    }

    /**
     * How many quarters or eighths the shop can cut from a rest: each as long as it is sold, and as wide as half the usable width
     * of its cloth.
     * None of a kind that is not cut in the shop.
     */
    public static long shopCuts(LaidCloth.Rests rest, PrecutKind kind, Length usableWidth) {
        Length half = PrecutKind.widthOf(usableWidth);
        return kind.lengthForTwo()
                .map(length -> rest.width().wholeTimes(half).value() * rest.height().wholeTimes(length).value())
                .orElse(0L);
    }

    /**
     * @param width       of a rest
     * @param height      of it
     * @param stripWidth  to which the shop cuts its binding
     * @param usableWidth of the cloth; a part of a joined strip is at least a quarter of it long
     */
    public static RestUse of(Length width, Length height, Length stripWidth, Length usableWidth) {
        Length longer = width.isLongerThan(height) ? width : height;
        Length shorter = width.isLongerThan(height) ? height : width;
        if (!shorter.isShorterThan(stripWidth) && JoinedStrips.isWorthAJoin(longer, usableWidth)) {
            return JOINED_STRIP;
        }
        return shorter.isShorterThan(SMALLEST_PATCH) ? SCRAP : PATCHES;
    }
}
