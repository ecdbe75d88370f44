package retazo.core.measure;

/**
 * Texts that people name things with. What cannot be seen does not count: a name of blanks, of no-break spaces or of marks without width is
 * no name.
 */
public final class VisibleText {

    private VisibleText() {
    }

    /** The text without what cannot be seen at its two ends; empty if nothing in it can be seen. */
    public static String of(String typed) {
        int[] signs = typed.codePoints().toArray();
        int from = 0;
        int to = signs.length;
        while (from < to && isUnseen(signs[from])) {
            from++;
        }
        while (to > from && isUnseen(signs[to - 1])) {
            to--;
        }
        return new String(signs, from, to - from);
    }

    private static boolean isUnseen(int sign) {
        return Character.isWhitespace(sign) || Character.isSpaceChar(sign) || Character.getType(sign) == Character.FORMAT
                || sign == 0x115F || sign == 0x1160 || sign == 0x3164 || sign == 0xFFA0;
    }

    /** Whether there is a sign in it that cannot be printed, or one that turns the direction of what follows, lines apart. */
    public static boolean hasControls(String text) {
        return text.codePoints().anyMatch(sign -> sign != '\n' && Character.isISOControl(sign)
                || sign >= 0x202A && sign <= 0x202E || sign >= 0x2066 && sign <= 0x2069 || Character.getType(sign) == Character.SURROGATE);
    }
}
