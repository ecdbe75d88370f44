package retazo.app.kits.index;

/**
 * What a kit is called.
 *
 * @param ended whether its line has ended: it is planned no more
 */
public record KitTitle(long id, long patternId, String pattern, String size, String colourway, boolean ended) {

    /** What it is called everywhere: pattern, size, colourway. */
    public String name() {
        return name(pattern, size, colourway);
    }

    public static String name(String pattern, String size, String colourway) {
        return pattern + ", " + size + ", " + colourway;
    }
}
