package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.ViewportSize;
import java.io.IOException;
import java.io.StringReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nu.validator.validation.SimpleDocumentValidator;
import nu.validator.xml.SystemErrErrorHandler;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.ExtendWith;
import org.xml.sax.InputSource;
import org.xml.sax.SAXParseException;
import org.xml.sax.helpers.DefaultHandler;
import retazo.app.Client;
import retazo.app.TestShop;

/** Every kind of page that the owner reaches by links, once: its markup, its landmarks, and its width on a phone. */
@Tag("slow")
@ExtendWith(TestShop.class)
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class EveryPageTest {

    private static final Pattern LINK = Pattern.compile("href=\"(/[^\"#]*)");
    private static final int AT_LEAST = 45;
    private static final int PHONE = 390;

    private final Map<String, String> pages = new LinkedHashMap<>();

    @BeforeAll
    void walk(TestShop.Shop shop) {
        Client owner = Client.of(shop, "marisol");
        Map<String, String> kinds = new TreeMap<>();
        Deque<String> paths = new ArrayDeque<>(List.of("/"));
        while (!paths.isEmpty()) {
            String path = paths.poll();
            var answer = owner.get(path);
            if (answer.headers().firstValue("Content-Type").orElse("").startsWith("text/html") && answer.statusCode() == 200) {
                pages.put(path, answer.body());
                Matcher links = LINK.matcher(answer.body());
                while (links.find()) {
                    String link = links.group(1).replace("&amp;", "&");
                    boolean isPage = !link.matches("/(css|js|fonts|favicon|sign-out).*");
                    if (isPage && kinds.putIfAbsent(link.replaceAll("\\d+|=[^&]*", "*"), link) == null) {
                        paths.add(link);
                    }
                }
            }
        }
        assertThat(pages).hasSizeGreaterThan(AT_LEAST);
    }

    @Test
    void every_page_has_its_landmarks_names_and_headings_and_is_no_wider_than_a_phone(TestShop.Shop shop) throws IOException {
        String axe = Files.readString(Path.of("node_modules/axe-core/axe.min.js"));
        Map<String, String> faults = new TreeMap<>();
        List<String> tooWide = new ArrayList<>();
        try (Tab tab = Tab.of(shop, "marisol")) {
            ViewportSize desk = tab.page().viewportSize();
            Set<String> seen = new HashSet<>();
            pages.keySet().stream().filter(path -> seen.add(kind(path))).forEach(path -> {
                tab.page().setViewportSize(PHONE, desk.height);
                tab.go(path);
                int width = ((Number) tab.page().evaluate("document.documentElement.scrollWidth")).intValue();
                if (width > PHONE) {
                    tooWide.add(width + " px: " + path);
                }
                tab.page().setViewportSize(desk.width, desk.height);
                tab.page().evaluate(axe);
                Object found = tab.page().evaluate("""
                        async () => (await axe.run(
                            { exclude: [["svg[aria-hidden=true]"]] },
                            { runOnly: ["wcag2a", "wcag2aa", "best-practice"], resultTypes: ["violations"], preload: false })).violations
                            .map(one => one.id + ": " + one.nodes.slice(0, 2).map(node => node.html.slice(0, 150)).join(" | "))""");
                ((List<?>) found).forEach(fault -> faults.merge(fault.toString().split(":")[0], path + " " + fault, (one, more) -> one));
            });
        }

        assertThat(tooWide).isEmpty();
        assertThat(faults).isEmpty();
    }

    /** Pages at one address are alike, but where words are looked for. */
    private static String kind(String path) {
        return path.replaceAll("\\?.*", "").replaceAll("\\d+", "*") + (path.contains("words=") ? " with words" : "");
    }

    @Test
    void the_markup_of_every_page_is_valid() throws Exception {
        Map<String, String> faults = new TreeMap<>();
        SimpleDocumentValidator validator = new SimpleDocumentValidator();
        validator.setUpMainSchema("http://s.validator.nu/html5-all.rnc", new SystemErrErrorHandler());
        for (Map.Entry<String, String> page : pages.entrySet()) {
            validator.setUpValidatorAndParsers(new DefaultHandler() {

                @Override
                public void error(SAXParseException fault) {
                    faults.putIfAbsent(fault.getMessage().replaceAll("\\d+", "*"), page.getKey() + " line " + fault.getLineNumber());
                }

                @Override
                public void fatalError(SAXParseException fault) {
                    error(fault);
                }
            }, true, false);
            validator.checkHtmlInputSource(new InputSource(new StringReader(page.getValue())));
        }

        assertThat(faults).isEmpty();
    }
}
