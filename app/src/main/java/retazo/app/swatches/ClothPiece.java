package retazo.app.swatches;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.MemoryCacheImageOutputStream;

/** One repeat of a print, cut out of a photograph, straight and to scale. */
final class ClothPiece {

    /** Of the piece in drawings; sixty of them stay well below a megabyte. */
    private static final int LONGEST = 200;

    /** Of the piece in small drawings that are files of their own. */
    private static final int LONGEST_SMALL = 72;

    private static final int SHORTEST = 4;

    /** Painted so many times larger first, so that no thread of the weave makes stripes of its own. */
    private static final int FINER = 4;
    private static final float QUALITY = 0.82f;
    private static final float SMALL_QUALITY = 0.7f;
    private static final int AROUND_WHITE = 4;

    /** A lamp is made up for by no more than this. */
    private static final double MOST_GAIN = 2.2;
    private static final int BRIGHTEST = 255;

    private final BufferedImage image;

    private ClothPiece(BufferedImage image) {
        this.image = image;
    }

    /** Of what is marked in a photograph, as white light shows it where something white is marked. */
    static ClothPiece cut(BufferedImage photo, Laid laid) {
        double longer = Math.max(laid.widthDots(), laid.heightDots());
        double scale = Math.min(1, LONGEST / longer);
        int width = Math.max(SHORTEST, (int) Math.round(laid.widthDots() * scale));
        int height = Math.max(SHORTEST, (int) Math.round(laid.heightDots() * scale));
        BufferedImage fine = new BufferedImage(width * FINER, height * FINER, BufferedImage.TYPE_INT_RGB);
        AffineTransform fromPhoto = laid.toPhoto();
        fromPhoto.scale(Laid.inches(laid.width()) / fine.getWidth(), Laid.inches(laid.height()) / fine.getHeight());
        try {
            fromPhoto.invert();
        } catch (java.awt.geom.NoninvertibleTransformException e) {
            throw new IllegalStateException("Two points apart give a scale.", e);
        }
        Graphics2D pen = fine.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.drawImage(photo, fromPhoto, null);
        pen.dispose();
        BufferedImage piece = averaged(fine, width, height);
        if (laid.whiteX() != null && laid.whiteY() != null) {
            makeWhite(piece, gains(photo, laid.whiteX(), laid.whiteY()));
        }
        return new ClothPiece(piece);
    }

    /** Its dots. */
    int[] dots() {
        return dots(image).clone();
    }

    byte[] file() {
        return jpeg(image, QUALITY);
    }

    byte[] smallFile() {
        double scale = Math.min(1, (double) LONGEST_SMALL / Math.max(image.getWidth(), image.getHeight()));
        int width = Math.max(SHORTEST, (int) Math.round(image.getWidth() * scale));
        int height = Math.max(SHORTEST, (int) Math.round(image.getHeight() * scale));
        return jpeg(averaged(image, width, height), SMALL_QUALITY);
    }

    /** A picture as a file in which nothing stands but its dots. */
    static byte[] jpeg(BufferedImage image, float quality) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (MemoryCacheImageOutputStream stream = new MemoryCacheImageOutputStream(bytes)) {
            writer.setOutput(stream);
            ImageWriteParam param = writer.getDefaultWriteParam();
            param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            param.setCompressionQuality(quality);
            writer.write(null, new IIOImage(image, null, null), param);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }

    /** Each dot the mean of those that it stands for. */
    private static BufferedImage averaged(BufferedImage from, int width, int height) {
        BufferedImage to = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        int[] given = dots(from);
        int[] made = dots(to);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int left = x * from.getWidth() / width;
                int top = y * from.getHeight() / height;
                int right = Math.max(left + 1, (x + 1) * from.getWidth() / width);
                int bottom = Math.max(top + 1, (y + 1) * from.getHeight() / height);
                made[y * width + x] = mean(given, from.getWidth(), left, top, right, bottom);
            }
        }
        return to;
    }

    private static int mean(int[] dots, int wide, int left, int top, int right, int bottom) {
        long red = 0;
        long green = 0;
        long blue = 0;
        int count = (right - left) * (bottom - top);
        for (int y = top; y < bottom; y++) {
            for (int x = left; x < right; x++) {
                int dot = dots[y * wide + x];
                red += dot >> 16 & 0xff;
                green += dot >> 8 & 0xff;
                blue += dot & 0xff;
            }
        }
        return (int) (red / count) << 16 | (int) (green / count) << 8 | (int) (blue / count);
    }

    /** By how much each channel is to be raised so that what is marked is white. */
    private static double[] gains(BufferedImage photo, int x, int y) {
        int left = Math.max(0, Math.min(photo.getWidth() - 1, x - AROUND_WHITE));
        int top = Math.max(0, Math.min(photo.getHeight() - 1, y - AROUND_WHITE));
        int right = Math.min(photo.getWidth(), left + 2 * AROUND_WHITE + 1);
        int bottom = Math.min(photo.getHeight(), top + 2 * AROUND_WHITE + 1);
        int white = mean(dots(photo), photo.getWidth(), left, top, right, bottom);
        return Arrays.stream(new int[] {white >> 16 & 0xff, white >> 8 & 0xff, white & 0xff})
                .mapToDouble(channel -> Math.min(MOST_GAIN, (double) BRIGHTEST / Math.max(1, channel))).toArray();
    }

    private static void makeWhite(BufferedImage image, double[] gains) {
        int[] dots = dots(image);
        for (int i = 0; i < dots.length; i++) {
            dots[i] = raised(dots[i] >> 16 & 0xff, gains[0]) << 16 | raised(dots[i] >> 8 & 0xff, gains[1]) << 8
                    | raised(dots[i] & 0xff, gains[2]);
        }
    }

    private static int raised(int channel, double gain) {
        return (int) Math.min(BRIGHTEST, Math.round(channel * gain));
    }

    private static int[] dots(BufferedImage image) {
        return ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    }
}
