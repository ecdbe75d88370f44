package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.App;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.stock.Book;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** A server of its own process on the same database, killed between two cuts. */
@Tag("slow")
@ExtendWith(TestShop.class)
class KilledServerTest {

    @Test
    void every_confirmed_cut_is_there_after_kill_and_none_twice(TestShop.Shop shop, RunBook runs, StockService stock) throws Exception {
        Samples samples = new Samples(shop);
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "5 yd");
        long run = samples.run(samples.kit(fabric), 3);
        int port = freePort();
        Process server = start(port);
        PlannedCut first = runs.currentCuts(Set.of(run)).get(0);
        String path = "/cutting/" + run + "/" + bolt;
        Map<String, String> step = Map.of(
                "plannedCutId", Long.toString(first.id()), "planVersion", "1", "clientId", "6f1a3f0a-3f0e-4d0e-9f53-1f2d3c4b5a69");
        try {
            Client cutter = Client.at("http://127.0.0.1:" + port, "nele");
            cutter.get(path);
            assertThat(cutter.post(path + "/cut", step).body()).contains("cut 2 of 3");
        } finally {
            server.destroyForcibly().waitFor(20, TimeUnit.SECONDS);
        }

        Process again = start(port);
        try {
            Client cutter = Client.at("http://127.0.0.1:" + port, "nele");
            assertThat(cutter.get(path).body()).contains("cut 2 of 3");
            cutter.post(path + "/cut", step);
        } finally {
            again.destroyForcibly().waitFor(20, TimeUnit.SECONDS);
        }

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(279, 2));
        assertThat(stock.bolt(bolt).reserved()).isEqualTo(Length.ofInches(81));
        assertThat(Book.itemsThatDiffer(shop)).isZero();
    }

    private static Process start(int port) throws IOException {
        ProcessBuilder builder = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-XX:TieredStopAtLevel=1", "-cp",
                System.getProperty("java.class.path"), App.class.getName(), "--server.port=" + port);
        File nowhere = new File("/dev/null");
        Process server = builder.redirectOutput(nowhere).redirectError(nowhere).start();
        HttpClient http = HttpClient.newHttpClient();
        HttpRequest ready = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/actuator/health/readiness")).build();
        for (int tries = 0; tries < 600; tries++) {
            if (!server.isAlive()) {
                throw new IllegalStateException("The server stopped with " + server.exitValue());
            }
            try {
                if (http.send(ready, HttpResponse.BodyHandlers.discarding()).statusCode() == 200) {
                    return server;
                }
            } catch (IOException | InterruptedException notYet) {
                LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(200));
            }
        }
        server.destroyForcibly();
        throw new IllegalStateException("The server did not answer.");
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
