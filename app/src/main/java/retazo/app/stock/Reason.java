package retazo.app.stock;

/** Why stock changed. */
public enum Reason {
    RECEIVED,
    CUT_FOR_RUN,
    SOLD_BY_LENGTH,
    FLAW,
    WASTE,
    SPLIT,
    CORRECTION,
    REVERSAL,
    PACKED,
    KIT_SOLD,
    KIT_RETURNED,
    PICKED,
    SOLD_BY_COUNT,
    LEFT_OVER,
    /** Cut off a bolt into quarters or eighths. */
    SHOP_CUT,
    /** Out of a bag that was packed or begun. */
    BAG_OPENED,
    /** Packs into their loose strips, squares or quarters. */
    PACK_OPENED,
    PACK_CLOSED;

    /** Whether a bolt that has such a line is no longer whole. */
    boolean cuts() {
        return this == CUT_FOR_RUN || this == SOLD_BY_LENGTH || this == SPLIT || this == FLAW || this == WASTE || this == SHOP_CUT;
    }

    /** Whether what goes with it is what a shop sells and makes kits of; what comes with it was such before. */
    public boolean isUse() {
        return this == CUT_FOR_RUN || this == SOLD_BY_LENGTH || this == SHOP_CUT || this == BAG_OPENED;
    }

    /** Whether a wrong entry with this reason can be taken back from the stock page by itself. */
    boolean standsAlone() {
        return this == SOLD_BY_LENGTH || this == CORRECTION || this == SHOP_CUT || this == RECEIVED;
    }
}
