package retazo.app.runs.changes;

/** Why a run is planned again. */
public enum Cause {
    /** Somebody pressed for it. */
    ASKED,
    FLAW,
    CUT_SHORT,
    /** Strips of its pieces were spoilt. */
    SPOILT,
    MEASURED,
    SOLD,
    /** Cloth left its bolt in another way. */
    TAKEN_OFF,
    /** A step was taken back. */
    TAKEN_BACK,
    CLOTH_CAME,
    /** Another run let cloth go. */
    CLOTH_FREED,
    /** A run that comes before it took its cloth, by somebody's press. */
    RUN_TOOK
}
