package retazo.core.prints;

/** How light a print looks. */
public enum PrintValue {
    LIGHT,
    MEDIUM,
    DARK
}
