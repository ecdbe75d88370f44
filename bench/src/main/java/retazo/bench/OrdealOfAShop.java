package retazo.bench;

import java.io.IOException;
import java.io.PrintWriter;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Counter staff who book cuts while the application is killed and started again around them: each sends a cut, and the same again until
 * it is answered. What was answered as booked is written into a file, one id a line, so that it can be held against the book.
 */
public final class OrdealOfAShop {

    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]+)\"");
    private static final int STAFF = 8;
    private static final int BOLTS = 30;
    private static final Duration PATIENCE = Duration.ofSeconds(10);

    private final String address;
    private final Path stop;
    private final PrintWriter booked;
    private final AtomicLong sent = new AtomicLong();
    private final AtomicLong again = new AtomicLong();
    private final AtomicLong signedOut = new AtomicLong();
    private final AtomicLong refused = new AtomicLong();

    private OrdealOfAShop(String address, Path file, Path stop) throws IOException {
        this.address = address;
        this.stop = stop;
        this.booked = new PrintWriter(Files.newBufferedWriter(file), true);
    }

    /** Takes the address, the file for what was booked, and the file whose appearance ends it. */
    public static void main(String[] arguments) throws Exception {
        OrdealOfAShop shop = new OrdealOfAShop(arguments[0].replaceAll("/$", ""), Path.of(arguments[1]), Path.of(arguments[2]));
        ExecutorService staff = Executors.newFixedThreadPool(STAFF);
        for (int i = 0; i < STAFF; i++) {
            int seed = i;
            staff.submit(() -> shop.new Person(seed).work());
        }
        staff.shutdown();
        staff.awaitTermination(1, TimeUnit.DAYS);
        shop.booked.close();
        System.out.printf(
                "%d cuts sent, %d times sent again, %d refused by a rule, %d times signed out by a restart%n",
                shop.sent.get(), shop.again.get(), shop.refused.get(), shop.signedOut.get());
    }

    /** Somebody at the counter. */
    private final class Person {

        private final HttpClient http = HttpClient.newBuilder().cookieHandler(new CookieManager()).connectTimeout(PATIENCE)
                .followRedirects(HttpClient.Redirect.NORMAL).build();
        private final Random random;
        private String token = "";
        private boolean isIn;

        Person(int seed) {
            random = new Random(seed);
        }

        Object work() throws InterruptedException {
            Thread.sleep(random.nextInt(3_000));
            while (!Files.exists(stop)) {
                book(UUID.randomUUID().toString(), String.valueOf(1 + random.nextInt(BOLTS)));
            }
            return true;
        }

        private void book(String id, String bolt) throws InterruptedException {
            sent.incrementAndGet();
            while (true) {
                try {
                    HttpResponse<String> answer = post("/counter/cut", Map.of("boltId", bolt, "length", "1/8 in", "clientId", id));
                    String page = answer.uri().getPath();
                    if (page.equals("/sign-in") || answer.statusCode() == 403) {
                        signedOut.addAndGet(isIn ? 1 : 0);
                        isIn = false;
                        get("/sign-in");
                        post("/sign-in", Map.of("username", "marisol", "password", "ferry"));
                    } else if (answer.statusCode() == 200 && answer.body().contains("is booked off bolt")) {
                        booked.println(id);
                        isIn = true;
                        return;
                    } else if (answer.statusCode() == 200) {
                        refused.incrementAndGet();
                        return;
                    }
                } catch (IOException unanswered) {
                    again.incrementAndGet();
                }
                Thread.sleep(50 + random.nextInt(200));
            }
        }

        private HttpResponse<String> get(String path) throws IOException, InterruptedException {
            return send(HttpRequest.newBuilder(URI.create(address + path)).GET());
        }

        private HttpResponse<String> post(String path, Map<String, String> fields) throws IOException, InterruptedException {
            String form = fields.entrySet().stream()
                    .map(field -> "&" + field.getKey() + "=" + URLEncoder.encode(field.getValue(), StandardCharsets.UTF_8))
                    .reduce("_csrf=" + URLEncoder.encode(token, StandardCharsets.UTF_8), String::concat);
            return send(HttpRequest.newBuilder(URI.create(address + path)).header("Content-Type", "application/x-www-form-urlencoded")
                    .POST(HttpRequest.BodyPublishers.ofString(form)));
        }

        private HttpResponse<String> send(HttpRequest.Builder request) throws IOException, InterruptedException {
            HttpResponse<String> answer = http.send(request.timeout(PATIENCE).build(), HttpResponse.BodyHandlers.ofString());
            Matcher matcher = TOKEN.matcher(answer.body());
            token = matcher.find() ? matcher.group(1) : token;
            return answer;
        }
    }
}
