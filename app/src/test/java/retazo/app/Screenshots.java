package retazo.app;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Takes a picture of each main view of the demo shop. Arguments: its address, and the folder for the pictures. */
public final class Screenshots {

    private static final Map<String, String> WIDE = new LinkedHashMap<>();

    static {
        WIDE.put("today", "/");
        WIDE.put("patterns", "/patterns");
        WIDE.put("quilt", "/patterns/17/quilt");
        WIDE.put("drawing", "/patterns/4/drawing");
        WIDE.put("cloth", "/kits/5/cloth");
        WIDE.put("sizes", "/patterns/10/sizes?figure=sofa.lamp.sell");
        WIDE.put("kit", "/kits/2");
        WIDE.put("cutting-page", "/kits/2/cutting-page");
        WIDE.put("run-draft", "/runs/4");
        WIDE.put("run", "/runs/2");
        WIDE.put("colours", "/kits/colours?kit=2");
        WIDE.put("catalogue", "/catalogue");
        WIDE.put("stock", "/stock");
        WIDE.put("counter", "/counter?words=green");
        WIDE.put("buying", "/stock/buying");
        WIDE.put("season", "/kits/seasons/1");
    }

    private Screenshots() {
    }

    public static void main(String[] arguments) {
        Path folder = Path.of(arguments[1]);
        try (Playwright playwright = Playwright.create()) {
            Browser browser = playwright.chromium().launch(new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of(System.getenv().getOrDefault("RETAZO_CHROMIUM", "/usr/bin/chromium-headless-shell")))
                    .setArgs(List.of("--no-sandbox", "--disable-gpu", "--disable-background-networking", "--no-first-run")));
            Page page = browser.newPage();
            signIn(page, arguments[0]);
            page.setViewportSize(1280, 800);
            WIDE.forEach((name, path) -> take(page, arguments[0] + path, folder.resolve(name + ".png")));
            page.setViewportSize(1080, 810);
            take(page, arguments[0] + "/cutting", folder.resolve("cutting.png"));
            page.locator("a.button-go").first().click();
            page.waitForLoadState();
            page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve("ticket.png")));
            page.navigate(arguments[0] + "/packing");
            page.locator("a.button-go").first().click();
            page.waitForLoadState();
            page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve("bag.png")));
        }
    }

    private static void signIn(Page page, String address) {
        page.navigate(address + "/sign-in");
        page.locator("[name=username]").fill("marisol");
        page.locator("[name=password]").fill("ferry");
        page.locator("button[type=submit]").click();
        page.waitForLoadState();
    }

    private static void take(Page page, String address, Path picture) {
        page.navigate(address);
        page.waitForLoadState();
        page.waitForFunction("() => [...document.images].filter(image => image.getBoundingClientRect().top < innerHeight)"
                + ".every(image => image.complete)");
        page.screenshot(new Page.ScreenshotOptions().setPath(picture));
    }
}
