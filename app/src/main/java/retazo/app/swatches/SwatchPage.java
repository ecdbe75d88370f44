package retazo.app.swatches;

import java.util.List;
import java.util.Optional;
import retazo.app.fabrics.Fabric;

/**
 * Where the photograph of a fabric is put and laid straight.
 *
 * @param photo empty until there is one
 */
record SwatchPage(Fabric fabric, Optional<Swatches.Photo> photo) {

    /** For the drawing of the cloth as it will be. */
    public List<Fabric> prints() {
        return List.of(fabric);
    }

    /** 0 for black to 100 for white. */
    public int value() {
        return fabric.look().value();
    }

    public int largestFile() {
        return PhotoReader.LARGEST_FILE / 1_000_000;
    }
}
