package retazo.app.staff;

/** Something a person may do or see. */
public enum Right {
    PATTERNS,
    KITS,
    RUNS,
    CUTTING,
    PACKING,
    SHELF,
    STOCK,
    COUNTER_CUT,
    RECEIVE,
    CORRECT,
    FABRICS,
    BUY,
    PRACTICE
}
