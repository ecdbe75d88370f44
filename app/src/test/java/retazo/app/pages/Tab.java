package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import retazo.app.TestShop;

/** A browser tab of a person who is signed in. Closing it fails the test if the page complained on its console. */
final class Tab implements AutoCloseable {

    private final BrowserContext context;
    private String address;
    private final Page page;
    private final List<String> complaints = new ArrayList<>();

    private Tab(TestShop.Shop shop, Browser.NewContextOptions options, String expected) {
        this.address = shop.address();
        this.context = shop.browser().newContext(options);
        this.page = context.newPage();
        page.onPageError(complaints::add);
        page.onConsoleMessage(message -> {
            boolean isExpected = !expected.isEmpty() && message.text().contains(expected);
            if (message.type().equals("error") && !isExpected) {
                complaints.add(message.text());
            }
        });
    }

    static Tab of(TestShop.Shop shop, String person) {
        return signedIn(new Tab(shop, new Browser.NewContextOptions().setViewportSize(1280, 800), ""), person);
    }

    /** A tablet in the cutting room, where a 409 is an answer and no complaint. */
    static Tab tablet(TestShop.Shop shop, String person) {
        return signedIn(new Tab(shop, new Browser.NewContextOptions().setViewportSize(1080, 810).setHasTouch(true), "409"), person);
    }

    /** A phone held upright. */
    static Tab phone(TestShop.Shop shop, String person) {
        return signedIn(new Tab(shop, new Browser.NewContextOptions().setViewportSize(390, 844).setHasTouch(true), ""), person);
    }

    /** A tab whose connection may be cut, of which the console tells. */
    static Tab lossy(TestShop.Shop shop, String person) {
        return signedIn(new Tab(shop, new Browser.NewContextOptions().setViewportSize(1280, 800), "ERR_INTERNET_DISCONNECTED"), person);
    }

    /** A tablet that reaches the shop by another address, over a line that may be cut. */
    static Tab over(TestShop.Shop shop, String address, String person) {
        Tab tab = new Tab(shop, new Browser.NewContextOptions().setViewportSize(1080, 810).setHasTouch(true), "Failed to load resource");
        tab.address = address;
        return signedIn(tab, person);
    }

    static Tab withoutScript(TestShop.Shop shop, String person) {
        return signedIn(new Tab(shop, new Browser.NewContextOptions().setJavaScriptEnabled(false), ""), person);
    }

    private static Tab signedIn(Tab tab, String person) {
        tab.go("/sign-in");
        tab.page.getByLabel("Name").fill(person);
        tab.page.getByLabel("Password").fill("ferry");
        tab.press("Sign in");
        tab.page.waitForURL(Pattern.compile(".*/$"));
        return tab;
    }

    Page page() {
        return page;
    }

    void go(String path) {
        page.navigate(address + path);
    }

    /** Presses a button and waits until what it sends has been answered. */
    void press(String button) {
        press(page, button);
    }

    static void press(Page page, String button) {
        click(page, page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(button)).first());
    }

    /** Clicks what sends a form, and waits until that has been answered. */
    void click(String button) {
        click(page, page.locator(button));
    }

    static void click(Page page, Locator button) {
        button.click();
        page.locator("form[aria-busy]").first().waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
        page.waitForLoadState();
    }

    String text() {
        return page.locator("body").textContent();
    }

    @Override
    public void close() {
        context.close();
        assertThat(complaints).isEmpty();
    }
}
