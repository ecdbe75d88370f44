package retazo.app;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import javax.sql.DataSource;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * The whole application with the demo shop on a real PostgreSQL, started once in a process of tests on a free port; and one
 * headless Chromium. Tests take a {@link Shop} or any bean as a parameter.
 */
public class TestShop implements ParameterResolver, AfterAllCallback {

    /** The running application. */
    public record Shop(ConfigurableApplicationContext context, Playwright playwright, Browser browser) implements AutoCloseable {

        public String address() {
            return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
        }

        public JdbcClient database() {
            return JdbcClient.create(context.getBean(DataSource.class));
        }

        /** The browser goes with the process that drives it. */
        @Override
        public void close() {
            context.close();
        }
    }

    /** One in each process of tests: each class of them is a run of its own, at whose end all that JUnit keeps is closed. */
    private static final class Started {

        private static final Shop SHOP = start();

        static {
            Runtime.getRuntime().addShutdownHook(new Thread(SHOP::close, "shop-closes"));
        }
    }

    private static final Map<Class<?>, Boolean> BEANS = new ConcurrentHashMap<>();

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext test) {
        Class<?> type = parameter.getParameter().getType();
        return type == Shop.class || BEANS.computeIfAbsent(type, one -> Started.SHOP.context().getBeanNamesForType(one).length > 0);
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext test) {
        Class<?> type = parameter.getParameter().getType();
        return type == Shop.class ? Started.SHOP : Started.SHOP.context().getBean(type);
    }

    /** Tabs that a class left open are closed with it. */
    @Override
    public void afterAll(ExtensionContext test) {
        if (test.getRequiredTestClass().getEnclosingClass() == null) {
            List.copyOf(Started.SHOP.browser().contexts()).forEach(BrowserContext::close);
        }
    }

    private static Shop start() {
        ConfigurableApplicationContext context = SpringApplication.run(
                App.class, "--server.port=0", "--retazo.demo=true", "--retazo.standins=true", "--retazo.passwords.strength=4",
                "--spring.main.banner-mode=off");
        Playwright playwright = Playwright.create();
        // On a machine under load a page may come late and is no worse for it.
        PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
        Browser browser = playwright.chromium().launch(new BrowserType.LaunchOptions()
                .setExecutablePath(Path.of(System.getenv().getOrDefault("RETAZO_CHROMIUM", "/usr/bin/chromium-headless-shell")))
                .setArgs(List.of(
                        "--no-sandbox", "--disable-gpu", "--disable-background-networking", "--disable-component-update",
                        "--disable-sync", "--no-first-run")));
        return new Shop(context, playwright, browser);
    }
}
