package retazo.core.bolt.promise;

/** How a run presses, the most pressing first. */
public enum Priority {
    RUSH,
    USUAL,
    CAN_WAIT
}
