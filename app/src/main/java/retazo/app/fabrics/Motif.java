package retazo.app.fabrics;

import retazo.core.cloth.PrintKind;

/** The repeat that stands for a fabric's print in drawings. */
public enum Motif {
    PLAIN("plain", PrintKind.SOLID),
    FLECKS("flecks", PrintKind.ALL_OVER),
    DOTS("dots", PrintKind.ALL_OVER),
    CROSSES("crosses", PrintKind.ALL_OVER),
    RIPPLES("ripples", PrintKind.ALL_OVER),
    RINGS("rings", PrintKind.ALL_OVER),
    REEDS("reeds", PrintKind.ONE_WAY),
    SAILS("sails", PrintKind.ONE_WAY),
    STRIPES("stripes", PrintKind.STRIPE);

    private final String word;
    private final PrintKind print;

    Motif(String word, PrintKind print) {
        this.word = word;
        this.print = print;
    }

    public String word() {
        return word;
    }

    /** What such a repeat means for cutting. */
    public PrintKind print() {
        return print;
    }
}
