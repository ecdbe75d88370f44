package retazo.bench;

import java.io.IOException;
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
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * People at work in a shop that is running: each opens a page or books a cut, thinks for about two seconds, and goes on. Prints how long
 * each kind of page took, how many failed, and what processor time and memory the application took.
 */
public final class LoadOfAShop {

    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]+)\"");
    private static final int MEAN_THINK_MILLIS = 2_000;
    private static final int OK = 200;

    /** What people do, as often as it stands here; {@code #} is any number up to the one after the stroke. */
    private static final List<String> WORK = List.of(
            "/", "/", "/kits", "/kits?words=otter", "/kits?page=#|90", "/kits/#|3000", "/kits/#|3000", "/shelf", "/shelf?words=marsh",
            "/runs", "/runs/#|500", "/runs/new", "/patterns", "/patterns/#|300", "/patterns/#|300/sizes", "/patterns/#|300/cloth", "/stock",
            "/stock?words=wren", "/stock?words=pier",
            "/stock/bolts/#|15000", "/stock/bolts/#|15000", "/stock/pick?words=ha",
            "/counter", "/counter/answer?words=throw+blue", "/counter/answer?words=wren+1", "/counter/answer?words=night",
            "/search?words=heron", "/search?words=0042", "/stock/buying", "/stock/buying/fabrics/#|2000", "/cutting", "/cutting",
            "/packing",
            "/practice", "cut");

    private final String address;
    private final Map<String, List<Long>> millis = new ConcurrentHashMap<>();
    private final Map<String, Integer> failed = new ConcurrentHashMap<>();

    private LoadOfAShop(String address) {
        this.address = address;
    }

    /** Takes the address, how many people, for how many seconds, and the application's process. */
    public static void main(String[] arguments) throws Exception {
        LoadOfAShop shop = new LoadOfAShop(arguments[0].replaceAll("/$", ""));
        int people = Integer.parseInt(arguments[1]);
        int seconds = Integer.parseInt(arguments[2]);
        Path process = Path.of("/proc", arguments[3]);
        shop.work(people, Math.max(60, seconds));
        shop.millis.clear();
        shop.failed.clear();
        long before = processorMillis(process);
        shop.work(people, seconds);
        shop.print(people, seconds, processorMillis(process) - before, memory(process));
    }

    private void work(int people, int seconds) throws Exception {
        ExecutorService threads = Executors.newFixedThreadPool(people);
        long until = System.nanoTime() + Duration.ofSeconds(seconds).toNanos();
        List<Future<?>> all = new ArrayList<>();
        for (int i = 0; i < people; i++) {
            int seed = i;
            all.add(threads.submit(() -> new Person(seed).work(until)));
        }
        for (Future<?> one : all) {
            one.get();
        }
        threads.shutdown();
    }

    /** Somebody who is signed in. */
    private final class Person {

        private final HttpClient http = HttpClient.newBuilder().cookieHandler(new CookieManager())
                .followRedirects(HttpClient.Redirect.NORMAL).build();
        private final Random random;
        private String token = "";

        Person(int seed) {
            random = new Random(seed);
        }

        void work(long until) {
            try {
                signIn();
                while (System.nanoTime() < until) {
                    Thread.sleep(Math.min(8 * MEAN_THINK_MILLIS, (long) (-Math.log(1 - random.nextDouble()) * MEAN_THINK_MILLIS)));
                    step(WORK.get(random.nextInt(WORK.size())));
                }
            } catch (IOException e) {
                failed.merge("connection", 1, Integer::sum);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }

        /** Again after a moment, where so many at once were asked to wait. */
        private void signIn() throws IOException, InterruptedException {
            Thread.sleep(random.nextInt(MEAN_THINK_MILLIS));
            get("/sign-in");
            while (post("/sign-in", Map.of("username", "marisol", "password", "ferry")).uri().getPath().equals("/sign-in")) {
                Thread.sleep(MEAN_THINK_MILLIS);
            }
        }

        private void step(String work) throws IOException, InterruptedException {
            Matcher number = Pattern.compile("#\\|(\\d+)").matcher(work);
            String path = number.find() ? number.replaceFirst(String.valueOf(1 + random.nextInt(Integer.parseInt(number.group(1))))) : work;
            String kind = number.replaceFirst("N").replaceFirst("words=\\w+", "words");
            long begun = System.nanoTime();
            HttpResponse<String> answer = work.equals("cut") ? cut() : get(path);
            millis.computeIfAbsent(kind, key -> Collections.synchronizedList(new ArrayList<>()))
                    .add((System.nanoTime() - begun) / 1_000_000);
            if (answer.statusCode() != OK || answer.uri().getPath().equals("/sign-in")) {
                failed.merge(kind + " " + answer.statusCode() + " " + answer.uri().getPath(), 1, Integer::sum);
            }
        }

        /** An eighth of a yard off any bolt. */
        private HttpResponse<String> cut() throws IOException, InterruptedException {
            return post("/counter/cut", Map.of(
                    "boltId", String.valueOf(100 + random.nextInt(14_000)), "length", "1/8 yd", "clientId", UUID.randomUUID().toString()));
        }

        private HttpResponse<String> get(String path) throws IOException, InterruptedException {
            return send(HttpRequest.newBuilder(URI.create(address + path)).header("Accept", "text/html").GET());
        }

        private HttpResponse<String> post(String path, Map<String, String> fields) throws IOException, InterruptedException {
            StringBuilder form = new StringBuilder("_csrf=" + URLEncoder.encode(token, StandardCharsets.UTF_8));
            fields.forEach(
                    (name, value) -> form.append('&').append(name).append('=').append(URLEncoder.encode(value, StandardCharsets.UTF_8)));
            return send(HttpRequest.newBuilder(URI.create(address + path)).header("Content-Type", "application/x-www-form-urlencoded")
                    .POST(HttpRequest.BodyPublishers.ofString(form.toString())));
        }

        private HttpResponse<String> send(HttpRequest.Builder request) throws IOException, InterruptedException {
            HttpResponse<String> answer = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            Matcher found = TOKEN.matcher(answer.body());
            if (found.find()) {
                token = found.group(1);
            }
            return answer;
        }
    }

    private void print(int people, int seconds, long processor, String memory) {
        System.out.printf("%-22s %6s %6s %6s %6s%n", "page, milliseconds", "times", "p50", "p95", "p99");
        List<Long> all = new ArrayList<>();
        new TreeMap<>(millis).forEach((kind, times) -> {
            all.addAll(times);
            print(kind, times);
        });
        print("all", all);
        System.out.printf(
                "%d people, %d s: %d answers, failed %s; the application took %d ms of a processor an answer, %.0f %% of one, "
                        + "and holds %s%n",
                people, seconds, all.size(), failed, processor / Math.max(1, all.size()), processor / 10.0 / seconds, memory);
    }

    private static void print(String kind, List<Long> times) {
        List<Long> sorted = times.stream().sorted().toList();
        System.out.printf("%-22s %6d %6d %6d %6d%n", kind, sorted.size(), at(sorted, 50), at(sorted, 95), at(sorted, 99));
    }

    private static long at(List<Long> sorted, int percent) {
        return sorted.get(Math.min(sorted.size() - 1, sorted.size() * percent / 100));
    }

    /** User and system time, which the kernel counts in hundredths. */
    private static long processorMillis(Path process) throws IOException {
        String[] parts = Files.readString(process.resolve("stat")).replaceFirst(".*\\) ", "").split(" ");
        return (Long.parseLong(parts[11]) + Long.parseLong(parts[12])) * 10;
    }

    private static String memory(Path process) throws IOException {
        return Files.readAllLines(process.resolve("status")).stream().filter(line -> line.startsWith("VmRSS")).findFirst().orElse("?")
                .replaceAll("VmRSS:\\s*", "");
    }
}
