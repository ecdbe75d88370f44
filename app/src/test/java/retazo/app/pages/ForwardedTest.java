package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.app.TestShop;

/** What a request claims about where it came from leads nobody elsewhere. */
@Tag("slow")
@ExtendWith(TestShop.class)
class ForwardedTest {

    private final TestShop.Shop shop;

    ForwardedTest(TestShop.Shop shop) {
        this.shop = shop;
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "Host: elsewhere.example|Accept: */*", "Host: a|X-Forwarded-Host: elsewhere.example",
            "Host: a|X-Forwarded-Prefix: //elsewhere.example",
            "Host: a|X-Forwarded-Prefix: /%0d%0aLocation:http://elsewhere.example", "Host: a|Forwarded: host=elsewhere.example;proto=https",
            "Host: a|X-Forwarded-Port: 99999", "Host: a|X-Forwarded-Proto: elsewhere.example://"})
    void a_redirect_stays_here(String host, String header) throws IOException {
        String answer = ask(
                "GET /kits HTTP/1.1\r\n" + host + "\r\n" + header + "\r\nConnection: close\r\n\r\n");

        assertThat(answer).startsWith("HTTP/1.1 302").contains("Location: /sign-in").doesNotContain("elsewhere");
    }

    private String ask(String request) throws IOException {
        URI address = URI.create(shop.address());
        try (Socket socket = new Socket(address.getHost(), address.getPort())) {
            socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
