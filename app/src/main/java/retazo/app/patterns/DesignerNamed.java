package retazo.app.patterns;

/** A pattern that was thought the shop's own turned out to be another designer's: its kits follow the paper from now on. */
public record DesignerNamed(long patternId, String name, long personId) {
}
