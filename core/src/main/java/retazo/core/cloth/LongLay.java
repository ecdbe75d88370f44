package retazo.core.cloth;

/** How a shop lays long strips, such as borders, where the pattern leaves it free. */
public enum LongLay {
    /** Along the length where that takes less cloth, else across and joined. */
    SHORTER,
    /** Never along the length: across and joined. */
    ACROSS,
    /** Along the length wherever all of them lie side by side, which spares the joins. */
    ALONG
}
