package retazo.core.block.spec;

import java.util.Optional;
import java.util.stream.Stream;

/** A corner of a cell. */
public enum Corner {
    TOP_LEFT("top-left"),
    TOP_RIGHT("top-right"),
    BOTTOM_RIGHT("bottom-right"),
    BOTTOM_LEFT("bottom-left");

    private final String code;

    Corner(String code) {
        this.code = code;
    }

    /** Its name in files and typed texts. */
    public String code() {
        return code;
    }

    public static Optional<Corner> ofCode(String code) {
        return Stream.of(values()).filter(corner -> corner.code.equals(code)).findFirst();
    }

    public boolean isLeft() {
        return this == TOP_LEFT || this == BOTTOM_LEFT;
    }

    public boolean isTop() {
        return this == TOP_LEFT || this == TOP_RIGHT;
    }
}
