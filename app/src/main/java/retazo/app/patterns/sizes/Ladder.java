package retazo.app.patterns.sizes;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import retazo.app.pictures.Ink;
import retazo.app.pictures.QuiltPicture;
import retazo.app.shared.LengthView;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.size.QuiltSize;

/**
 * All sizes side by side on one floor, drawn to one scale, with a person beside them. Numbers are inches of the drawing.
 *
 * @param width of the drawing
 * @param floor how far down the quilts stand
 * @param yards heights of the whole yards above the floor, from 0
 */
record Ladder(int width, int height, int floor, List<Rung> rungs, List<Mark> yards, int personX) {

    private static final int GAP = 16;
    private static final int LEFT = 40;
    private static final int ROOM_ABOVE = 10;
    private static final int ROOM_BELOW = 15;
    private static final int PERSON_HEIGHT = 66;
    private static final int PERSON_ROOM = 30;
    private static final double LINES = 20;
    private static final double LETTER_WIDTH = 0.52;

    /** A quilt where it stands. */
    record Rung(QuiltPicture picture, String name, String finished, String x, String y) {
    }

    /** A whole yard above the floor. */
    record Mark(int y, int yards) {
    }

    static Ladder of(QuiltDesign design, ShopPractice shop, Function<RoleKey, Ink> inks) {
        List<QuiltPicture> pictures = new ArrayList<>();
        for (QuiltSize size : design.sizes()) {
            pictures.add(QuiltPicture.of("quilt-" + size.key(), design, size, inks));
        }
        int highest = Math.max(PERSON_HEIGHT, pictures.stream().mapToInt(picture -> whole(picture.height())).max().orElse(0));
        int floor = highest + ROOM_ABOVE;
        int height = floor + ROOM_BELOW;
        double letter = height / LINES * LETTER_WIDTH;
        int x = LEFT + PERSON_ROOM;
        List<Rung> rungs = new ArrayList<>();
        for (int i = 0; i < pictures.size(); i++) {
            QuiltPicture picture = pictures.get(i);
            QuiltSize size = design.sizes().get(i);
            String finished = finished(design, size, shop);
            rungs.add(new Rung(
                    picture, size.name(), finished,
                    Integer.toString(x), new BigDecimal(floor).subtract(new BigDecimal(picture.height())).toPlainString()));
            x += Math.max(whole(picture.width()), (int) Math.ceil((size.name().length() + 2 + finished.length()) * letter)) + GAP;
        }
        List<Mark> yards = IntStream.rangeClosed(0, highest / 36).mapToObj(yard -> new Mark(floor - 36 * yard, yard)).toList();
        return new Ladder(x, height, floor, rungs, yards, LEFT);
    }

    private static String finished(QuiltDesign design, QuiltSize size, ShopPractice shop) {
        return size.match(
                grid -> design.drawing().map(drawing -> drawing.finishedAt(grid, design.practice(shop))),
                QuiltSize.Printed::printed)
                .map(finished -> LengthView.sides(finished.width(), finished.height()))
                .orElse("as printed");
    }

    private static int whole(String inches) {
        return new java.math.BigDecimal(inches).setScale(0, java.math.RoundingMode.CEILING).intValueExact();
    }

    /** Height of its letters: a twentieth of the drawing. */
    public double font() {
        return height / LINES;
    }

    /** For the viewBox of the drawing. */
    public String viewBox() {
        return "0 0 " + width + " " + height;
    }
}
