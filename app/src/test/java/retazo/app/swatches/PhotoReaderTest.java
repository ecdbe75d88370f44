package retazo.app.swatches;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.DeflaterOutputStream;
import org.junit.jupiter.api.Test;
import retazo.core.measure.Problem;

/** What people send is read, cleaned, or refused. */
class PhotoReaderTest {

    private final PhotoReader reader = new PhotoReader();

    @Test
    void a_jpeg_and_a_png_are_read_whatever_they_are_called() {
        assertThat(read(Photos.file("jpeg", 400, 300))).isEqualTo("400 x 300");
        assertThat(read(Photos.file("png", 400, 300))).isEqualTo("400 x 300");
    }

    @Test
    void a_large_one_is_kept_smaller_in_its_shape() {
        assertThat(read(Photos.file("jpeg", 5_000, 2_500))).isEqualTo("2000 x 1000");
        assertThat(read(Photos.file("png", 300, 2_600))).isEqualTo("231 x 2000");
    }

    @Test
    void what_is_no_photograph_is_refused() throws IOException {
        assertThat(read(new byte[0])).isEqualTo("swatch.none");
        assertThat(read("a list of fabrics".getBytes(StandardCharsets.UTF_8))).isEqualTo("swatch.no-picture");
        assertThat(read(Photos.file("gif", 400, 300))).as("another kind under whatever name").isEqualTo("swatch.no-picture");
        assertThat(read("<svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(StandardCharsets.UTF_8))).isEqualTo("swatch.no-picture");
        assertThat(read(new byte[PhotoReader.LARGEST_FILE + 1])).isEqualTo("swatch.file-too-large");
        assertThat(read(Photos.file("png", 159, 400))).isEqualTo("swatch.too-few-dots");
    }

    @Test
    void a_damaged_one_is_refused() {
        byte[] whole = Photos.file("png", 400, 300);
        assertThat(read(Arrays.copyOf(whole, whole.length / 2))).isEqualTo("swatch.no-picture");
        byte[] jpeg = Photos.file("jpeg", 400, 300);
        Arrays.fill(jpeg, 30, 300, (byte) 7);
        assertThat(read(jpeg)).isIn("swatch.broken", "swatch.no-picture");
    }

    /** A thousand million dots in some thousand bytes: its size is read before its dots are. */
    @Test
    void one_that_would_fill_the_memory_is_refused_by_what_it_says_of_itself() throws IOException {
        assertThat(read(Photos.png(31_000, 31_000, new byte[0]))).isEqualTo("swatch.too-many-dots");
        assertThat(read(Photos.png(Integer.MAX_VALUE, Integer.MAX_VALUE, new byte[0]))).isIn("swatch.too-many-dots", "swatch.broken");
    }

    /** A remark of 200 million blanks, packed: it is dropped before anything is unpacked. */
    @Test
    void remarks_are_dropped_unread() throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        packed.write("Place\0\0".getBytes(StandardCharsets.ISO_8859_1));
        try (DeflaterOutputStream deflate = new DeflaterOutputStream(packed)) {
            for (int i = 0; i < 200; i++) {
                deflate.write(new byte[1_000_000]);
            }
        }
        byte[] png = Photos.png(500, 400, Photos.chunk("zTXt", packed.toByteArray()));

        assertThat(PlainPicture.of(png).orElseThrow().bytes()).hasSizeLessThan(10_000);
        assertThat(read(png)).isEqualTo("500 x 400");
        PlainPicture plain = PlainPicture.of(Photos.withRemark(Photos.file("jpeg", 400, 300), "GPS 54.1 N, quay")).orElseThrow();
        assertThat(new String(plain.bytes(), StandardCharsets.ISO_8859_1)).doesNotContain("Exif", "GPS", "quay");
    }

    @Test
    void one_that_is_painted_over_a_thousand_times_is_refused() throws IOException {
        byte[] jpeg = Photos.file("jpeg", 400, 300);
        int scan = 0;
        while ((jpeg[scan] & 0xff) != 0xff || (jpeg[scan + 1] & 0xff) != 0xda) {
            scan++;
        }
        ByteArrayOutputStream many = new ByteArrayOutputStream();
        many.write(jpeg, 0, scan);
        for (int i = 0; i < 1_000; i++) {
            many.write(jpeg, scan, jpeg.length - scan - 2);
        }

        assertThat(read(many.toByteArray())).isEqualTo("swatch.no-picture");
    }

    private String read(byte[] file) {
        return reader.read(file).match(
                (BufferedImage image) -> image.getWidth() + " x " + image.getHeight(),
                problems -> problems.stream().map(Problem::code).findFirst().orElseThrow());
    }
}
