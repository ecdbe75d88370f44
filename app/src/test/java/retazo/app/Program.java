package retazo.app;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;

/** Another program that comes with a key, or with none. */
public record Program(TestShop.Shop shop, String key) {

    private static final HttpClient HTTP = HttpClient.newHttpClient();

    public HttpResponse<String> get(String path) {
        return send(request(path).GET());
    }

    public HttpResponse<String> send(String method, String path, String body) {
        return send(request(path).header("Content-Type", "application/json").method(method, HttpRequest.BodyPublishers.ofString(body)));
    }

    private HttpRequest.Builder request(String path) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(shop.address() + path));
        return key.isEmpty() ? request : request.header("Authorization", "Bearer " + key);
    }

    private static HttpResponse<String> send(HttpRequest.Builder request) {
        try {
            return HTTP.send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
