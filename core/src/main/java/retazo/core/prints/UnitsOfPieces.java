package retazo.core.prints;

import java.util.Arrays;

/**
 * Puts pieces together to units, each with one piece of each part. Where the prints of a unit must differ, this is the colouring of the
 * edges of a bipartite graph: a piece that finds its print in the unit already changes places along a path of two colours, as in the
 * proof of Kőnig's theorem.
 */
final class UnitsOfPieces {

    private static final int NONE = -1;

    private final int[][] pieces;
    private final int units;
    private final boolean different;

    /** @param pieces by print and part; of each part as many as there are units, and of each print no more where they must differ */
    UnitsOfPieces(int[][] pieces, int units, boolean different) {
        this.pieces = pieces;
        this.units = units;
        this.different = different;
    }

    /** The print of each part of each unit. */
    int[][] units() {
        int parts = pieces[0].length;
        int[][] printOf = new int[units][parts];
        int[][] partOf = new int[units][pieces.length];
        Arrays.stream(printOf).forEach(one -> Arrays.fill(one, NONE));
        Arrays.stream(partOf).forEach(one -> Arrays.fill(one, NONE));
        for (int part = 0; part < parts; part++) {
            for (int print = 0; print < pieces.length; print++) {
                for (int piece = 0; piece < pieces[print][part]; piece++) {
                    put(printOf, partOf, part, print);
                }
            }
        }
        return printOf;
    }

    private void put(int[][] printOf, int[][] partOf, int part, int print) {
        int free = 0;
        while (printOf[free][part] != NONE) {
            free++;
        }
        if (different && partOf[free][print] != NONE) {
            int other = 0;
            while (partOf[other][print] != NONE) {
                other++;
            }
            exchange(printOf, partOf, free, other, print);
        }
        set(printOf, partOf, free, part, print);
    }

    /**
     * Exchanges two units along the path that begins at a print of the first: its part there, the print of that part in the second, and
     * so on. It never comes to the part that waits for a piece: the path comes to parts by the first unit, and there that part has none.
     */
    private static void exchange(int[][] printOf, int[][] partOf, int first, int second, int begin) {
        int[] prints = new int[printOf[first].length + 1];
        int[] parts = new int[printOf[first].length];
        int length = 0;
        prints[0] = begin;
        while (prints[length] != NONE && partOf[first][prints[length]] != NONE) {
            parts[length] = partOf[first][prints[length]];
            prints[length + 1] = printOf[second][parts[length]];
            length++;
        }
        for (int i = 0; i < length; i++) {
            clear(printOf, partOf, first, parts[i]);
            clear(printOf, partOf, second, parts[i]);
        }
        for (int i = 0; i < length; i++) {
            set(printOf, partOf, second, parts[i], prints[i]);
            set(printOf, partOf, first, parts[i], prints[i + 1]);
        }
    }

    private static void clear(int[][] printOf, int[][] partOf, int unit, int part) {
        set(partOf, printOf, unit, printOf[unit][part], NONE);
        printOf[unit][part] = NONE;
    }

    private static void set(int[][] printOf, int[][] partOf, int unit, int part, int print) {
        if (part != NONE) {
            printOf[unit][part] = print;
        }
        if (print != NONE) {
            partOf[unit][print] = part;
        }
    }
}
