package ofisino.e2e;

import static ofisino.e2e.Words.word;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;

/** Debian's headless Chromium, and what every journey does with it. */
final class Browsing implements AutoCloseable {
    private static final List<String> ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");
    static final String PASSWORD = "three or four words";
    private static final String TOO_WIDE = script("too-wide.js");
    private static final String MOVED = script("moved.js");
    private static final String EACH = "dialog button[aria-label^='"
            + word("actOn", "act", word("interlock.confirm"), "what", "").strip() + "']";
    private static final ThreadLocal<Browsing> LAST = new ThreadLocal<>();
    private final Playwright playwright;
    private final Browser browser;
    private final String url;
    private final List<String> complaints = new ArrayList<>();
    private final List<Page> pages = new ArrayList<>();
    private String atTheEnd = "";

    Browsing(String url) {
        this.url = url;
        LAST.set(this);
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(java.util.Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(ARGUMENTS));
    }

    Page desk() {
        return page(1280, 800, ColorScheme.LIGHT);
    }

    /** A phone in the dark of a garage, touched. */
    Page phone() {
        return page(390, 844, ColorScheme.DARK);
    }

    private Page page(int width, int height, ColorScheme scheme) {
        BrowserContext context = browser.newContext(new Browser.NewContextOptions()
                .setBaseURL(url)
                .setViewportSize(width, height)
                .setColorScheme(scheme)
                .setReducedMotion(ReducedMotion.REDUCE)
                .setLocale("en-GB")
                .setTimezoneId("Europe/Vienna")
                .setHasTouch(width < 500));
        Page page = context.newPage();
        page.addInitScript(MOVED);
        pages.add(page);
        page.setDefaultTimeout(120_000); // a shared machine stands still for a minute
        page.onPageError(error -> complaints.add(error));
        page.onConsoleMessage(message -> {
            if (message.type().equals("error") && !message.text().contains("status of 4"))
                complaints.add(message.text());
        });
        return page;
    }

    /** A second device of the same person. */
    Page phoneOf(Page desk) {
        Page phone = phone();
        phone.context()
                .addCookies(desk.context().cookies().stream()
                        .map(c -> new com.microsoft.playwright.options.Cookie(c.name, c.value)
                                .setUrl(url)
                                .setHttpOnly(c.httpOnly))
                        .toList());
        return phone;
    }

    /** No rule of WCAG 2.2 AA that axe can check is broken, and all fits the screen, also in a language of longer words. */
    static void accessible(Page page) {
        page.waitForFunction("() => !document.querySelector('.loading')"); // everything asked for has come
        var options = new AxeRunOptions();
        options.setResultTypes(List.of("violations")); // to collect what is right takes most of its time
        List<Rule> violations = new AxeBuilder(page)
                .options(options)
                .setLegacyMode(true) // no page holds another one
                .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"))
                .analyze()
                .getViolations();
        assertThat(violations)
                .as(page.url())
                .extracting(r -> r.getId() + ": "
                        + r.getNodes().stream().map(n -> n.getHtml()).limit(3).toList())
                .isEmpty();
        assertThat(tooWide(page)).as("does not fit: " + page.url()).isEmpty();
        assertThat((List<?>) page.evaluate(TOO_WIDE, true))
                .as("does not fit in a language of longer words: " + page.url())
                .isEmpty();
    }

    /** What is cut off, or pushes the page over the edge of the screen. */
    static List<?> tooWide(Page page) {
        return (List<?>) page.evaluate(TOO_WIDE, false);
    }

    /**
     * How far what a page shows moved by itself since it was opened: the sum of its layout shifts (W3C Layout Instability). Up to 0.1 is good
     * (web.dev, Cumulative Layout Shift, from memory).
     */
    static double moved(Page page) {
        return ((Number) page.evaluate("() => window.moved")).doubleValue();
    }

    /** The link of that name, or of which it is a part. */
    static Locator link(Page page, String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    static void press(Page page, String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .locator("visible=true")
                .first()
                .click();
    }

    /** What has to be so before the first step of the job that is open: each is confirmed by itself. */
    static void confirmEach(Page page) {
        page.locator("dialog").waitFor();
        page.waitForFunction("() => !document.querySelector('.loading')"); // what is asked has come
        Locator asked = page.locator(EACH);
        for (int left = asked.count(); left > 0; left--) {
            asked.first().click();
            page.waitForFunction("n => document.querySelectorAll(\"" + EACH + "\").length < n", left);
        }
    }

    /** A button that shows these words among others. */
    static Locator button(Page page, String words) {
        return page.locator("button", new Page.LocatorOptions().setHasText(words))
                .locator("visible=true")
                .first();
    }

    /** A field with just this name. */
    static Locator field(Page page, String name) {
        return page.getByLabel(name, new Page.GetByLabelOptions().setExact(true));
    }

    /** What is read off, in the unit that its field names. */
    static void measure(Page page, String what, String unit, String value) {
        page.getByLabel(word("units.of", "what", what, "unit", unit)).fill(value);
    }

    static void signIn(Page page, String name, String password) {
        page.getByLabel(word("signIn.name")).fill(name);
        page.getByLabel(word("signIn.password")).fill(password);
        press(page, word("signIn.go"));
    }

    /** Where a job stands, as its sheet says it. */
    static String status(String state) {
        return word("job.stands") + " " + word("jobState." + state);
    }

    static void go(Page page, String name) {
        page.getByRole(AriaRole.NAVIGATION)
                .getByRole(
                        AriaRole.LINK,
                        new Locator.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    /** A place on the drawing that is shown, by what it says to a screen reader. */
    static Locator zone(Page page, String says) {
        return page.locator("path[aria-label='" + says + "']")
                .locator("visible=true")
                .first();
    }

    static void says(Page page, String words) {
        page.getByText(words).locator("visible=true").first().waitFor();
    }

    /** Something is said, whatever is put into it. */
    static void says(Page page, Pattern words) {
        page.getByText(words).locator("visible=true").first().waitFor();
    }

    /** The first account opens the garage, which is empty. */
    static void openTheGarage(Page page, String code) {
        page.navigate("/");
        page.getByLabel(word("first.code")).fill(code);
        page.getByLabel(word("first.displayName")).fill("Ada");
        page.getByLabel(word("first.name")).fill("ada");
        page.getByLabel(word("signIn.password")).fill(PASSWORD);
        page.getByLabel(word("first.garageName")).fill("The long shed");
        page.getByLabel(word("first.baseCurrency")).fill("EUR");
        press(page, word("first.go"));
    }

    /** An empty garage on the server that all share. */
    static void openAGarage(Page page) throws Exception {
        String owner = PackagedServer.shared().newGarage();
        page.navigate("/");
        signIn(page, owner, PASSWORD);
    }

    /** A garage with one more car in it, whose walk round is shown. */
    static void startACar(Page page, String name, String year) {
        press(page, word("projects.start"));
        page.getByLabel(word("projects.name")).fill(name);
        page.getByLabel(word("projects.year")).fill(year);
        press(page, word("projects.startNow"));
        page.waitForURL("**/walk**");
    }

    /** A weekday some days from now: a session that has begun already would be a shorter one, and another on each day of the week. */
    static DayOfWeek weekday(int daysFromNow) {
        return LocalDate.now(ZoneId.systemDefault()).plusDays(daysFromNow).getDayOfWeek();
    }

    private static String script(String name) {
        try (var file = Browsing.class.getResourceAsStream(name)) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8);
        } catch (java.io.IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** A small picture. */
    static byte[] png() {
        try {
            var out = new ByteArrayOutputStream();
            ImageIO.write(new BufferedImage(320, 240, BufferedImage.TYPE_INT_RGB), "png", out);
            return out.toByteArray();
        } catch (java.io.IOException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    List<String> complaints() {
        return complaints;
    }

    /** What the pages of this thread's last journey show, or showed when it ended. */
    static String seen() {
        Browsing last = LAST.get();
        return last == null ? "" : last.atTheEnd.isEmpty() ? last.shown() : last.atTheEnd;
    }

    private String shown() {
        return pages.stream().map(Browsing::shown).collect(Collectors.joining("\n\n"));
    }

    private static String shown(Page page) {
        try {
            var soon = new Locator.InnerTextOptions().setTimeout(5_000);
            return page.url() + "\n" + page.locator("body").innerText(soon);
        } catch (PlaywrightException stuck) {
            return page.url() + "\n" + stuck.getMessage();
        }
    }

    @Override
    public void close() {
        atTheEnd = shown();
        playwright.close();
    }
}
