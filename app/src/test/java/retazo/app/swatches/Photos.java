package retazo.app.swatches;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;

/** Pictures to be sent: checks of navy on cream, and files that are not what they say. */
public final class Photos {

    public static final int GROUND = 0xe8dcc0;
    public static final int MOTIF = 0x20304f;

    private Photos() {
    }

    /** Cream with a navy square of 50 dots at the upper left of each 100: a repeat of 100 by 100. */
    static BufferedImage checks(int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(new Color(GROUND));
        pen.fillRect(0, 0, width, height);
        pen.setColor(new Color(MOTIF));
        for (int y = 0; y < height; y += 100) {
            for (int x = 0; x < width; x += 100) {
                pen.fillRect(x, y, 50, 50);
            }
        }
        pen.dispose();
        return image;
    }

    public static byte[] file(String format, int width, int height) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(checks(width, height), format, bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    /** A JPEG with a remark of this text in the place where cameras write where they were. */
    static byte[] withRemark(byte[] jpeg, String remark) {
        byte[] text = ("Exif\0\0" + remark).getBytes(StandardCharsets.ISO_8859_1);
        ByteBuffer file = ByteBuffer.allocate(jpeg.length + text.length + 4);
        file.put(jpeg, 0, 2).put((byte) 0xff).put((byte) 0xe1).putShort((short) (text.length + 2)).put(text).put(jpeg, 2, jpeg.length - 2);
        return file.array();
    }

    /** A PNG of a few thousand bytes that says it has so many dots, all alike. */
    static byte[] png(int width, int height, byte[] more) throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (DeflaterOutputStream deflate = new DeflaterOutputStream(packed)) {
            deflate.write(new byte[1_000_000]);
        }
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        file.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
        file.write(chunk("IHDR", ByteBuffer.allocate(13).putInt(width).putInt(height).put((byte) 8).put((byte) 2).array()));
        file.write(more);
        file.write(chunk("IDAT", packed.toByteArray()));
        file.write(chunk("IEND", new byte[0]));
        return file.toByteArray();
    }

    static byte[] chunk(String kind, byte[] content) {
        CRC32 sum = new CRC32();
        sum.update(kind.getBytes(StandardCharsets.ISO_8859_1));
        sum.update(content);
        return ByteBuffer.allocate(content.length + 12).putInt(content.length).put(kind.getBytes(StandardCharsets.ISO_8859_1)).put(content)
                .putInt((int) sum.getValue()).array();
    }
}
