package retazo.app.practice;

/** Who may close a bag. */
public enum BagClosing {
    ANYBODY,
    /** A second pair of eyes: somebody who put nothing into it. */
    SOMEBODY_ELSE
}
