package retazo.core.precut;

import java.util.Arrays;

/**
 * The least rectangles from which a collection of pieces can be cut: none of them holds another. They are in the order of their widths, so
 * that their heights fall.
 */
final class LeastBoxes {

    /** A rectangle: one piece, or two rectangles put together, beside each other or one above the other. */
    record Box(int width, int height, int piece, boolean turned, Box[] parts, boolean beside) {

        private static final Box[] NONE = {};

        static Box ofPiece(int piece, int width, int height, boolean turned) {
            return new Box(width, height, piece, turned, NONE, false);
        }

        boolean isPiece() {
            return parts.length == 0;
        }
    }

    private Box[] boxes = new Box[2];
    private int size;

    boolean isEmpty() {
        return size == 0;
    }

    /** The narrowest. */
    Box first() {
        return boxes[0];
    }

    /** Keeps a rectangle unless it holds one that is kept; those that hold it are dropped. */
    void keep(Box box) {
        int at = place(box.width(), box.height());
        if (at >= 0) {
            put(at, box);
        }
    }

    /** Keeps all that two collections give put together, as far as it fits a sheet. */
    void join(LeastBoxes some, LeastBoxes others, int width, int height) {
        for (int i = 0; i < some.size; i++) {
            beside(some.boxes[i], others, width);
            above(some.boxes[i], others, height);
        }
    }

    /** Beside one no wider rectangle is worth a look than the first that is not taller, since those are only wider. */
    private void beside(Box one, LeastBoxes others, int width) {
        for (int j = 0; j < others.size && one.width() + others.boxes[j].width() <= width; j++) {
            Box other = others.boxes[j];
            int tall = Math.max(one.height(), other.height());
            int at = place(one.width() + other.width(), tall);
            if (at >= 0) {
                put(at, new Box(one.width() + other.width(), tall, -1, false, new Box[] {one, other}, true));
            }
            if (other.height() <= one.height()) {
                return;
            }
        }
    }

    /** Above one likewise, from the widest, which is the least tall. */
    private void above(Box one, LeastBoxes others, int height) {
        for (int j = others.size - 1; j >= 0 && one.height() + others.boxes[j].height() <= height; j--) {
            Box other = others.boxes[j];
            int wide = Math.max(one.width(), other.width());
            int at = place(wide, one.height() + other.height());
            if (at >= 0) {
                put(at, new Box(wide, one.height() + other.height(), -1, false, new Box[] {one, other}, false));
            }
            if (other.width() <= one.width()) {
                return;
            }
        }
    }

    /** Where a rectangle belongs by its width; below zero if it holds one that is kept. */
    private int place(int width, int height) {
        int from = 0;
        int to = size;
        while (from < to) {
            int middle = (from + to) >>> 1;
            if (boxes[middle].width() <= width) {
                from = middle + 1;
            } else {
                to = middle;
            }
        }
        return from > 0 && boxes[from - 1].height() <= height ? -1 : from;
    }

    /** Puts a rectangle in its place; one of the same width before it, and those after it that are as tall, hold it. */
    private void put(int place, Box box) {
        int from = place > 0 && boxes[place - 1].width() == box.width() ? place - 1 : place;
        int to = place;
        while (to < size && boxes[to].height() >= box.height()) {
            to++;
        }
        if (from == to) {
            if (size == boxes.length) {
                boxes = Arrays.copyOf(boxes, 2 * size);
            }
            System.arraycopy(boxes, from, boxes, from + 1, size - from);
            size++;
        } else {
            System.arraycopy(boxes, to, boxes, from + 1, size - to);
            size -= to - from - 1;
        }
        boxes[from] = box;
    }
}
