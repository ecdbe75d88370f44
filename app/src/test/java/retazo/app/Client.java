package retazo.app;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** A signed-in person over plain HTTP: no script, as a page works without one. */
public final class Client {

    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]+)\"");

    private final HttpClient http;
    private final String address;
    private String token = "";
    private Duration patience = Duration.ofMinutes(2);

    private Client(HttpClient http, String address) {
        this.http = http;
        this.address = address;
    }

    private static Client newAt(String address) {
        return new Client(
                HttpClient.newBuilder().cookieHandler(new CookieManager()).followRedirects(HttpClient.Redirect.NORMAL).build(), address);
    }

    public static Client nobody(TestShop.Shop shop) {
        return newAt(shop.address());
    }

    public static Client of(TestShop.Shop shop, String person) {
        return at(shop.address(), person);
    }

    public static Client at(String address, String person) {
        Client client = newAt(address);
        client.get("/sign-in");
        client.post("/sign-in", Map.of("username", person, "password", "ferry"));
        return client;
    }

    /** The same person with the same cookies at another copy of the application. */
    public Client elsewhere(String otherAddress) {
        return new Client(http, otherAddress);
    }

    public HttpResponse<String> get(String path) {
        return send(HttpRequest.newBuilder(URI.create(address + path)).header("Accept", "text/html, */*;q=0.5").GET());
    }

    /** The same, by somebody who does not wait longer. */
    public HttpResponse<String> getWithin(Duration patience, String path) {
        this.patience = patience;
        return get(path);
    }

    public HttpResponse<String> postWithin(Duration patience, String path, Map<String, String> fields) {
        this.patience = patience;
        return post(path, fields);
    }

    /** Posts a form with the token of the last page that had one. */
    public HttpResponse<String> post(String path, Map<String, String> fields) {
        String form = fields.entrySet().stream()
                .map(field -> encode(field.getKey()) + "=" + encode(field.getValue()))
                .collect(Collectors.joining("&"));
        return postRaw(path, form + "&_csrf=" + encode(token));
    }

    /** Posts a body as it is, without a token. */
    public HttpResponse<String> postRaw(String path, String body) {
        return send(HttpRequest.newBuilder(URI.create(address + path))
                .header("Accept", "text/html")
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    /** Asks in any way with fields that are encoded already, however odd; all but a look carry the token. */
    public HttpResponse<String> odd(String method, String path, String fields) {
        boolean looks = method.equals("GET");
        URI uri = URI.create(address + path + (looks && !fields.isEmpty() ? "?" + fields : ""));
        HttpRequest.Builder request = HttpRequest.newBuilder(uri).header("Accept", "text/html, */*;q=0.5");
        return send(looks
                ? request
                : request.header("Content-Type", "application/x-www-form-urlencoded")
                        .method(method, HttpRequest.BodyPublishers.ofString(fields + "&_csrf=" + encode(token))));
    }

    private HttpResponse<String> send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> answer = http.send(request.timeout(patience).build(), HttpResponse.BodyHandlers.ofString());
            Matcher matcher = TOKEN.matcher(answer.body());
            if (matcher.find()) {
                token = matcher.group(1);
            }
            return answer;
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(request.build().uri().toString(), e);
        }
    }

    private static String encode(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
