package retazo.core.quilt.setting;

import retazo.core.explain.Figure;
import retazo.core.measure.Length;

/** The finished width and height of a top, with or without its borders. */
public record TopSize(Figure<Length> width, Figure<Length> height) {
}
