package retazo.app.kits.index;

/** What a kit is called. */
public record KitTitle(long id, long patternId, String pattern, String size, String colourway) {

    /** What it is called everywhere: pattern, size, colourway. */
    public String name() {
        return name(pattern, size, colourway);
    }

    public static String name(String pattern, String size, String colourway) {
        return pattern + ", " + size + ", " + colourway;
    }
}
