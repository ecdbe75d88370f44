package retazo.app.swatches;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/** Reads photographs that people send: how large they say they are is looked at before a dot of them is unpacked. */
@Component
class PhotoReader {

    static final int LARGEST_FILE = 12_000_000;
    static final int MOST_DOTS = 64_000_000;
    static final int LEAST_SIDE = 160;

    /** What is kept of a larger one; enough for the repeat of a print. */
    static final int LONGEST_SIDE = 2_000;

    private static final int MILLION = 1_000_000;
    private static final int AT_ONCE = 2;
    private static final int SECONDS_TO_WAIT = 8;
    private static final Logger LOG = LoggerFactory.getLogger(PhotoReader.class);

    private final Semaphore places = new Semaphore(AT_ONCE, true);

    /** Its dots, on white where it is clear, no longer than {@link #LONGEST_SIDE}; refused if it is no picture, too large or too small. */
    Outcome<BufferedImage> read(byte[] file) {
        if (file.length == 0) {
            return Outcome.refused(Problem.at("file", "swatch.none"));
        }
        if (file.length > LARGEST_FILE) {
            return Outcome.refused(tooLarge());
        }
        Optional<PlainPicture> plain = PlainPicture.of(file);
        if (plain.isEmpty()) {
            return Outcome.refused(Problem.at("file", "swatch.no-picture"));
        }
        try {
            if (!places.tryAcquire(SECONDS_TO_WAIT, TimeUnit.SECONDS)) {
                return Outcome.refused(Problem.at("file", "swatch.busy"));
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return Outcome.refused(Problem.at("file", "swatch.busy"));
        }
        try (ImageInputStream stream = new MemoryCacheImageInputStream(new ByteArrayInputStream(plain.get().bytes()))) {
            return dots(plain.get().format(), stream);
        } catch (IOException | RuntimeException e) {
            LOG.info("A picture could not be read: {}", e.toString());
            return Outcome.refused(Problem.at("file", "swatch.broken"));
        } finally {
            places.release();
        }
    }

    static Problem tooLarge() {
        return Problem.at("file", "swatch.file-too-large", LARGEST_FILE / MILLION);
    }

    private static Outcome<BufferedImage> dots(String format, ImageInputStream stream) throws IOException {
        Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName(format);
        ImageReader reader = readers.next();
        try {
            reader.setInput(stream, true, true);
            int width = reader.getWidth(0);
            int height = reader.getHeight(0);
            if ((long) width * height > MOST_DOTS) {
                return Outcome.refused(Problem.at("file", "swatch.too-many-dots", width, height, MOST_DOTS / MILLION));
            }
            if (Math.min(width, height) < LEAST_SIDE) {
                return Outcome.refused(Problem.at("file", "swatch.too-few-dots", width, height, LEAST_SIDE));
            }
            ImageReadParam param = reader.getDefaultReadParam();
            int every = Math.max(1, Math.max(width, height) / LONGEST_SIDE);
            param.setSourceSubsampling(every, every, 0, 0);
            return Outcome.done(fitted(reader.read(0, param)));
        } finally {
            reader.dispose();
        }
    }

    /** On white, no longer than what is kept. */
    static BufferedImage fitted(BufferedImage image) {
        double scale = Math.min(1, (double) LONGEST_SIDE / Math.max(image.getWidth(), image.getHeight()));
        int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
        BufferedImage fitted = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = fitted.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, width, height);
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        pen.drawImage(image, 0, 0, width, height, null);
        pen.dispose();
        return fitted;
    }
}
