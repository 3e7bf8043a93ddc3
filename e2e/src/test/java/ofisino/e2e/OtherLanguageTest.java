package ofisino.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.LoadState;
import java.io.File;
import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * The pages of the demo garage in a language that nobody speaks, whose words all end in ö and are 40 % longer: a language is a file, nothing
 * is cut off, no page moves while it comes, and whatever the pages say in other words came from the garage or from the data of the trade.
 */
@EnabledIfSystemProperty(named = "ofisino.other-language", matches = "true", disabledReason = "in ./ofisino prove")
class OtherLanguageTest {
    private static final Path PAGES = Path.of("../web/target/pseudo");
    private static final String LANGUAGE = "en-XA";
    private static final Pattern OF_THE_LANGUAGE = Pattern.compile("[\\p{L}’'-]*ö\\b");
    private static final Pattern ID = Pattern.compile("[0-9a-f-]{36}");
    /** Where things of the garage stand beside each other: the code of a job and its title, the things of a list, numbers and units. */
    private static final Pattern BESIDE_EACH_OTHER =
            Pattern.compile(" › |(?<=^|; )\\w{3} (?=\\p{L})|[,;:·×()]|\\d[\\d.]*");

    private static final Pattern WORDS = Pattern.compile("\\p{L}{3}");
    private static final Pattern CODE = Pattern.compile("[A-Z][A-Z_]{3,}"); // no person is to see one
    private static final Set<String> DAYS_AND_MONTHS = daysAndMonths();

    /** What is the same in every language: names, a command, and the symbol of the minute (ISO 80000-3). */
    private static final Set<String> NAMES =
            Set.of("ofisino", "ofisino start --lan", "longer", "british english", "min");

    private final Set<String> data = new HashSet<>();

    @Test
    void everyWordComesFromTheCatalogueOrFromTheGarage() throws Exception {
        build();
        Set<String> strange = new TreeSet<>();
        Set<String> cutOff = new TreeSet<>();
        Set<String> moved = new TreeSet<>();
        try (var server = PackagedServer.demo();
                var browsing = new Browsing(server.url())) {
            Page page = browsing.desk();
            page.route(uri -> !URI.create(uri).getPath().startsWith("/api/"), OtherLanguageTest::ofTheLanguage);
            page.addInitScript("localStorage.setItem('ofisino.language', '" + LANGUAGE + "')");
            page.addInitScript(KEEPS_ANSWERS);
            page.navigate("/");
            assertThat(page.locator("html").getAttribute("lang")).isEqualTo(LANGUAGE);
            page.locator("input").first().fill("ines");
            page.locator("input[type=password]").fill("orchard-shed-1969");
            page.locator("button[type=submit]").click();
            page.locator("a[href^='/p/']").first().waitFor();

            Set<String> seen = new TreeSet<>(); // each page once, of the first car that has it
            Deque<String> next = new ArrayDeque<>(List.of("/", "/garage"));
            while (!next.isEmpty()) {
                String path = next.pop();
                if (!seen.add(ID.matcher(path).replaceAll("…"))) continue;
                page.navigate(path);
                page.waitForFunction("() => document.querySelector('h1') && !document.querySelector('.loading')");
                page.waitForLoadState(LoadState.NETWORKIDLE);
                ((List<?>) page.evaluate("() => window.answers")).forEach(answer -> remember((String) answer));
                next.addAll(links(page));
                for (String text : texts(page)) if (!known(text)) strange.add(path + ": " + text);
                if (Browsing.moved(page) > 0.1) moved.add(path);
                for (int width : new int[] {1280, 390}) {
                    page.setViewportSize(width, 844);
                    Browsing.tooWide(page).forEach(what -> cutOff.add(width + " " + path + ": " + what));
                }
                page.setViewportSize(1280, 800);
            }
            assertThat(seen).as("pages").hasSizeGreaterThan(25);
            assertThat(browsing.complaints()).isEmpty();
        }
        assertThat(strange).isEmpty();
        assertThat(cutOff).isEmpty();
        assertThat(moved).as("pages that move while they come").isEmpty();
    }

    private static void build() throws IOException, InterruptedException {
        File log = new File("target/pseudo.log"); // not the pipes to Maven: npm leaves them in a state that breaks them
        var npm = new ProcessBuilder("npm", "run", "-s", "pseudo")
                .directory(Path.of("../web").toFile())
                .redirectErrorStream(true)
                .redirectOutput(log)
                .start();
        assertThat(npm.waitFor()).as(() -> said(log)).isZero();
    }

    private static String said(File log) {
        try {
            return Files.readString(log.toPath());
        } catch (IOException unread) {
            return "the pages are not built in the other language, and " + unread;
        }
    }

    /** The pages are others, the server is the same. */
    private static void ofTheLanguage(Route route) {
        Path file = PAGES.resolve(URI.create(route.request().url()).getPath().substring(1));
        var answer = new Route.FulfillOptions().setPath(Files.isRegularFile(file) ? file : PAGES.resolve("index.html"));
        route.fulfill(answer);
    }

    private static List<String> links(Page page) {
        return page.locator("nav a[href^='/'], main h2 a[href^='/p/'], main li a[href^='/p/']").all().stream()
                .map(a -> a.getAttribute("href"))
                .filter(href -> !href.contains("?"))
                .distinct()
                .toList();
    }

    private static List<String> texts(Page page) {
        List<String> all = new ArrayList<>();
        ((List<?>) page.evaluate(TEXTS)).forEach(text -> all.add((String) text));
        return all;
    }

    private static final String KEEPS_ANSWERS = """
            window.answers = []
            const ask = window.fetch
            window.fetch = async (...request) => {
              const answer = await ask(...request)
              window.answers.push(await answer.clone().text())
              return answer
            }""";

    private static final String TEXTS = """
            () => {
              const out = []
              const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
              while (texts.nextNode()) {
                const shown = !['SCRIPT', 'STYLE'].includes(texts.currentNode.parentElement.tagName)
                if (shown) out.push(texts.currentNode.nodeValue)
              }
              for (const attribute of ['aria-label', 'title', 'placeholder', 'alt'])
                for (const element of document.querySelectorAll(`[${attribute}]`)) out.push(element.getAttribute(attribute))
              return [document.title, ...out]
            }""";

    private boolean known(String text) {
        return parts(OF_THE_LANGUAGE, plain(text))
                .allMatch(part ->
                        fromElsewhere(part) || parts(BESIDE_EACH_OTHER, part).allMatch(this::fromElsewhere));
    }

    private static Stream<String> parts(Pattern between, String text) {
        return between.splitAsStream(text)
                .map(part -> part.replaceAll("^[^\\p{L}\\p{N}]+|[^\\p{L}\\p{N}]+$", ""))
                .filter(part -> WORDS.matcher(part).find());
    }

    private boolean fromElsewhere(String part) {
        if (NAMES.contains(part) || data.stream().anyMatch(d -> d.contains(part))) return true;
        return Arrays.stream(part.split("[^\\p{L}]+"))
                .filter(word -> word.length() > 2)
                .allMatch(word -> NAMES.contains(word) || DAYS_AND_MONTHS.contains(word));
    }

    private void remember(String answer) {
        if (!answer.startsWith("{") && !answer.startsWith("[")) return;
        strings(JsonParser.parseString(answer))
                .filter(text -> !CODE.matcher(text).matches())
                .forEach(text -> data.add(plain(text)));
    }

    private static Stream<String> strings(JsonElement json) {
        if (json.isJsonObject())
            return json.getAsJsonObject().asMap().values().stream().flatMap(OtherLanguageTest::strings);
        if (json.isJsonArray()) return json.getAsJsonArray().asList().stream().flatMap(OtherLanguageTest::strings);
        return json.isJsonPrimitive() && json.getAsJsonPrimitive().isString()
                ? Stream.of(json.getAsString())
                : Stream.of();
    }

    private static String plain(String text) {
        return text.replaceAll("\\s+", " ").strip().toLowerCase(Locale.ROOT);
    }

    private static Set<String> daysAndMonths() {
        Set<String> all = new HashSet<>();
        for (TextStyle style : new TextStyle[] {TextStyle.FULL, TextStyle.SHORT}) {
            for (Month month : Month.values()) all.add(plain(month.getDisplayName(style, Locale.US)));
            for (DayOfWeek day : DayOfWeek.values()) all.add(plain(day.getDisplayName(style, Locale.US)));
        }
        return all;
    }
}
