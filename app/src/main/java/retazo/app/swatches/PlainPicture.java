package retazo.app.swatches;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;

/**
 * A file that says it is a picture, reduced to what paints it: its kind, and its bytes without remarks, places, profiles and whatever else
 * such a file can carry. Nothing is unpacked for it.
 */
final class PlainPicture {

    /** A JPEG that is painted over more often than this is made to keep a machine busy. */
    private static final int MOST_SCANS = 64;

    private static final int MARKER = 0xff;
    private static final int START_OF_SCAN = 0xda;
    private static final int COMMENT = 0xfe;
    private static final int FIRST_REMARK = 0xe0;
    private static final int LAST_REMARK = 0xef;
    private static final int COLOURS_REMARK = 0xee;

    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'};
    private static final Set<String> PAINTS = Set.of("IHDR", "PLTE", "tRNS", "IDAT", "IEND");
    private static final int AROUND_A_CHUNK = 12;

    private final String format;
    private final byte[] bytes;

    private PlainPicture(String format, byte[] bytes) {
        this.format = format;
        this.bytes = bytes;
    }

    /** Of a JPEG or a PNG, whatever its name was; empty for anything else, and for one that is broken before its first dot. */
    static Optional<PlainPicture> of(byte[] file) {
        if (file.length > 4 && (file[0] & MARKER) == MARKER && (file[1] & MARKER) == 0xd8 && (file[2] & MARKER) == MARKER) {
            return jpeg(file);
        }
        return file.length > PNG.length && Arrays.equals(file, 0, PNG.length, PNG, 0, PNG.length) ? png(file) : Optional.empty();
    }

    private static Optional<PlainPicture> jpeg(byte[] file) {
        ByteArrayOutputStream plain = new ByteArrayOutputStream(file.length);
        plain.write(file, 0, 2);
        int at = 2;
        while (at + 4 <= file.length && (file[at] & MARKER) == MARKER) {
            int kind = file[at + 1] & 0xff;
            if (kind == MARKER) {
                at++;
                continue;
            }
            if (kind == START_OF_SCAN) {
                plain.write(file, at, file.length - at);
                return scans(file, at) > MOST_SCANS ? Optional.empty() : Optional.of(new PlainPicture("jpeg", plain.toByteArray()));
            }
            int length = 2 + ((file[at + 2] & 0xff) << 8 | file[at + 3] & 0xff);
            if (at + length > file.length) {
                return Optional.empty();
            }
            boolean remark = kind == COMMENT || kind >= FIRST_REMARK && kind <= LAST_REMARK && kind != COLOURS_REMARK;
            if (!remark) {
                plain.write(file, at, length);
            }
            at += length;
        }
        return Optional.empty();
    }

    private static int scans(byte[] file, int from) {
        int scans = 0;
        for (int at = from; at + 1 < file.length; at++) {
            if ((file[at] & 0xff) == MARKER && (file[at + 1] & 0xff) == START_OF_SCAN) {
                scans++;
            }
        }
        return scans;
    }

    private static Optional<PlainPicture> png(byte[] file) {
        ByteArrayOutputStream plain = new ByteArrayOutputStream(file.length);
        plain.write(file, 0, PNG.length);
        int at = PNG.length;
        while (at + AROUND_A_CHUNK <= file.length) {
            long length = Integer.toUnsignedLong(ByteBuffer.wrap(file, at, 4).getInt()) + AROUND_A_CHUNK;
            if (at + length > file.length) {
                return Optional.empty();
            }
            String kind = new String(file, at + 4, 4, StandardCharsets.ISO_8859_1);
            if (PAINTS.contains(kind)) {
                plain.write(file, at, (int) length);
            }
            at += (int) length;
            if (kind.equals("IEND")) {
                return Optional.of(new PlainPicture("png", plain.toByteArray()));
            }
        }
        return Optional.empty();
    }

    /** As a reader is asked for. */
    String format() {
        return format;
    }

    byte[] bytes() {
        return bytes;
    }
}
