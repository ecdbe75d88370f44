package retazo.app.patterns.reading;

/**
 * A word as it stands on a page, in points from the top left corner.
 *
 * @param left   where it begins
 * @param right  where it ends
 * @param line   of its feet
 * @param height of its letters
 * @param blank  how wide a blank of its font is
 */
record PdfWord(String text, double left, double right, double line, double height, double blank) {
}
