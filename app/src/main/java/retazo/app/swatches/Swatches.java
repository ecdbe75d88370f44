package retazo.app.swatches;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.util.Base64;
import java.util.Collection;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.fabrics.Tile;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.core.colour.FabricLook;
import retazo.core.colour.PictureColours;
import retazo.core.measure.Problem;

/** The photographs of fabrics, and the pieces of them that drawings repeat. */
@Service
public class Swatches {

    private static final List<Float> QUALITIES = List.of(0.88f, 0.7f, 0.5f, 0.3f);
    private static final int LARGEST_KEPT = 4_000_000;
    private static final int MARK_BYTES = 16;

    private final SwatchRepository swatches;
    private final FabricService fabrics;
    private final PhotoReader reader;
    private final Clock clock;

    Swatches(SwatchRepository swatches, FabricService fabrics, PhotoReader reader, Clock clock) {
        this.swatches = swatches;
        this.fabrics = fabrics;
        this.reader = reader;
        this.clock = clock;
    }

    /**
     * What is kept of a photograph beside its dots.
     *
     * @param version another one for each change
     * @param laid    where the cloth lies in it; empty until somebody marked it
     */
    record Photo(int version, int width, int height, Optional<Laid> laid) {
    }

    @Transactional(readOnly = true)
    Optional<Photo> photo(long fabric) {
        return swatches.findById(fabric).map(kept -> new Photo(kept.version(), kept.photoWidth(), kept.photoHeight(), kept.laid()));
    }

    /** The dots of a photograph, as a JPEG. */
    @Transactional(readOnly = true)
    byte[] photoFile(long fabric) {
        return swatches.findById(fabric).map(SwatchEntity::photo).orElseThrow(() -> new NotFoundException("swatch", fabric));
    }

    @Transactional(readOnly = true)
    byte[] tileFile(long fabric) {
        return swatches.tile(fabric).orElseThrow(() -> new NotFoundException("swatch", fabric));
    }

    /** The small pieces of those fabrics that are drawn by one, as addresses that hold them, by the fabrics' codes. */
    @Transactional(readOnly = true)
    public Map<String, String> held(Collection<Fabric> some) {
        Map<Long, String> codes = some.stream().filter(fabric -> fabric.tile().isPresent()).distinct()
                .collect(Collectors.toMap(Fabric::id, Fabric::code));
        Map<String, String> held = new HashMap<>();
        if (!codes.isEmpty()) {
            swatches.small(codes.keySet()).forEach(row -> held.put(
                    Objects.requireNonNull(codes.get((Long) row[0])),
                    "data:image/jpeg;base64," + Base64.getEncoder().encodeToString((byte[]) row[1])));
        }
        return held;
    }

    /** Keeps the dots of a picture that somebody sent, and nothing else of it. It is read before the database is asked for anything. */
    public Outcome<Long> put(long fabricId, byte[] file, long person) {
        return reader.read(file).then(image -> {
            Fabric fabric = fabrics.fabric(fabricId);
            swatches.put(fabric.id(), kept(image), image.getWidth(), image.getHeight(), clock.instant(), person);
            return Outcome.done(fabric.id());
        });
    }

    private static byte[] kept(BufferedImage image) {
        return QUALITIES.stream().map(quality -> ClothPiece.jpeg(image, quality)).filter(bytes -> bytes.length <= LARGEST_KEPT).findFirst()
                .orElseThrow(() -> new IllegalStateException("Four million dots are less than four million bytes."));
    }

    /**
     * Draws a fabric by the repeat that is marked in its photograph, and measures its colours there.
     *
     * @param seen the version of the photograph that was marked
     * @return the colours that were measured; refused where the photograph is another one by now, or the repeat reaches out of it
     */
    @Transactional
    public Outcome<FabricLook> lay(long fabricId, Laid laid, int seen) {
        SwatchEntity kept = swatches.lock(fabricId).orElseThrow(() -> new NotFoundException("swatch", fabricId));
        if (kept.version() != seen) {
            return Outcome.refused(Problem.of("swatch.meanwhile"));
        }
        if (laid.dotsApart() < Laid.LEAST_DOTS_APART) {
            return Outcome.refused(Problem.at("apart", "swatch.points-too-near"));
        }
        if (!laid.isLargeEnough()) {
            return Outcome.refused(Problem.at("width", "swatch.repeat-too-small"));
        }
        if (!laid.isWithin(kept.photoWidth(), kept.photoHeight())) {
            return Outcome.refused(Problem.at("width", "swatch.repeat-outside"));
        }
        ClothPiece piece = ClothPiece.cut(image(kept.photo()), laid);
        byte[] file = piece.file();
        kept.lay(laid, file, piece.smallFile());
        FabricLook look = PictureColours.of(piece.dots());
        fabrics.draw(fabricId, new Tile(mark(file, laid), laid.width(), laid.height()), look);
        return Outcome.done(look);
    }

    /** Draws a fabric by its motif again; its photograph and what is marked in it stay. */
    @Transactional
    public void takeAway(long fabricId) {
        fabrics.drawByMotif(fabricId);
    }

    /** Removes a photograph with all that was cut out of it; the fabric is drawn by its motif again. */
    @Transactional
    public void remove(long fabricId) {
        fabrics.drawByMotif(fabricId);
        swatches.deleteById(fabricId);
    }

    private static BufferedImage image(byte[] jpeg) {
        try {
            return PhotoReader.fitted(ImageIO.read(new ByteArrayInputStream(jpeg)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String mark(byte[] file, Laid laid) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            digest.update((laid.width() + " " + laid.height()).getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest.digest(file), 0, MARK_BYTES);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256.", e);
        }
    }
}
