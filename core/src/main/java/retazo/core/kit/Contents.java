package retazo.core.kit;

import retazo.core.quilt.setting.Use;

/** Which parts of a quilt a kit has cloth for; the blocks and borders always. */
public record Contents(boolean binding, boolean backing) {

    public static final Contents EVERYTHING = new Contents(true, true);

    boolean includes(Use.Place place) {
        return switch (place) {
            case BLOCKS, SASH, CORNERSTONE, SETTING, FLANGE, BORDER -> true;
            case BINDING -> binding;
            case BACKING -> backing;
        };
    }
}
