package retazo.core.quilt.setting;

/** How long pieces lie on the cloth. */
public enum Grain {
    /** Whichever takes less cloth; across on a tie, and where the print has a direction. */
    SHORTER,
    /** Across the width, joined of several strips where it has to be. */
    ACROSS,
    /** Along the length, without joins. */
    ALONG,
    /** Along the length only, however many there are: across it their print would lie on its side. */
    ONLY_ALONG
}
