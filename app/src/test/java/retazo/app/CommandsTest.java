package retazo.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import retazo.app.fabrics.Fabric;

/** The commands by which a shop is saved and brought back, as somebody types them. */
@Tag("slow")
@ExtendWith(TestShop.class)
class CommandsTest {

    private final TestShop.Shop shop;
    private final Samples samples;

    CommandsTest(TestShop.Shop shop) {
        this.shop = shop;
        this.samples = new Samples(shop);
    }

    /** What a command said, and whether it did what it was asked. */
    private record Said(boolean done, String text) {
    }

    private Said run(String command, String... options) throws IOException, InterruptedException {
        List<String> line = new ArrayList<>(List.of(Path.of("..", "bin", command).toString()));
        line.addAll(Arrays.asList(options));
        ProcessBuilder process = new ProcessBuilder(line).redirectErrorStream(true);
        process.environment().put(
                "RETAZO_DB_URL", Objects.requireNonNull(shop.context().getEnvironment().getProperty("spring.datasource.url")));
        Process running = process.start();
        String text = new String(running.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Said(running.waitFor() == 0, text);
    }

    @Test
    void a_shop_in_use_is_saved_and_comes_back_the_same(@TempDir Path folder) throws IOException, InterruptedException {
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
        Path file = folder.resolve("shop.bak");
        Path place = folder.resolve("shop");
        Fabric fabric = samples.fabric();
        Thread others = new Thread(() -> {
            while (!Thread.currentThread().isInterrupted()) {
                samples.bolt(fabric, "1 yd");
            }
        });
        others.start();

        Said saved = run("backup", file.toString());

        others.interrupt();
        others.join();
        assertThat(saved.done()).as(saved.text()).isTrue();
        Said again = run("backup", file.toString());
        assertThat(again.done()).isFalse();
        assertThat(again.text()).contains("is there already; nothing was written");
        Said restored = run("restore", file.toString(), "--data", place.toString());
        assertThat(restored.done()).as(restored.text()).isTrue();
        Matcher tables = Pattern.compile("the same in all (\\d+) tables").matcher(restored.text());
        assertThat(tables.find()).isTrue();
        assertThat(Integer.parseInt(tables.group(1))).isGreaterThan(35);
        assertThat(run("restore", file.toString(), "--data", place.toString()).text()).contains("is not empty; nothing was changed");
    }

    @Test
    void a_file_that_is_not_whole_is_not_restored(@TempDir Path folder) throws IOException, InterruptedException {
        Path file = folder.resolve("shop.bak");
        run("backup", file.toString());
        try (RandomAccessFile damaged = new RandomAccessFile(file.toFile(), "rw")) {
            damaged.seek(damaged.length() / 2);
            damaged.write("damaged".getBytes(StandardCharsets.UTF_8));
        }

        Said said = run("restore", file.toString(), "--data", folder.resolve("other").toString());

        assertThat(said.done()).isFalse();
        assertThat(said.text()).contains("is not whole");
        assertThat(folder.resolve("other")).doesNotExist();
    }
}
