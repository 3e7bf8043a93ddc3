package ofisino.e2e;

import static ofisino.e2e.Browsing.accessible;
import static ofisino.e2e.Browsing.field;
import static ofisino.e2e.Browsing.go;
import static ofisino.e2e.Browsing.link;
import static ofisino.e2e.Browsing.openAGarage;
import static ofisino.e2e.Browsing.press;
import static ofisino.e2e.Browsing.says;
import static ofisino.e2e.Browsing.startACar;
import static ofisino.e2e.Browsing.tooWide;
import static ofisino.e2e.Words.word;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A part bought at a market without a connection, and one asked for, ordered and sent to a seller who answers. */
class BuyingPartsJourneyTest {
    private static final String GRILLE = "Grille";

    @Test
    void tickedOfflineAtTheMarketAndEnteredAtHome() throws Exception {
        try (var browsing = new Browsing(PackagedServer.shared().url())) {
            Page desk = aCarThatWantsAGrille(browsing);
            Page phone = browsing.phoneOf(desk);
            phone.navigate(desk.url());
            link(phone, word("parts.ways.market")).first().click();
            says(phone, word("market.answer", "count", 1));
            phone.context().setOffline(true);
            phone.getByLabel(word("market.bought", "what", GRILLE)).check();
            phone.getByLabel(word("market.paid", "currency", "EUR")).fill("12.50");
            says(phone, word("market.ticked", "money", "€12.50"));
            accessible(phone);
            assertThat(tooWide(phone)).isEmpty();
            phone.context().setOffline(false);
            field(phone, word("parts.newPlace")).fill("Long bench");
            press(phone, word("parts.makePlace"));
            says(phone, word("parts.writeCode"));
            press(phone, word("market.enter", "count", 1));
            says(phone, word("market.nothing"));
            desk.reload();
            go(desk, word("nav.money"));
            says(desk, word("money.drafts"));
            says(desk, GRILLE);
            says(desk, "€12.50");
        }
    }

    @Test
    void askedForOrderedAndSentToTheSeller() throws Exception {
        try (var browsing = new Browsing(PackagedServer.shared().url())) {
            Page desk = aCarThatWantsAGrille(browsing);
            open(desk);
            desk.locator("summary", new Page.LocatorOptions().setHasText(word("asking.title")))
                    .click();
            press(desk, word("asking.ask"));
            says(desk, Pattern.compile("€132\\.75"));
            accessible(desk);
            button(desk, word("asking.take")).click();
            says(desk, word("asking.taken", "what", GRILLE));
            press(desk, word("parts.order"));
            field(desk, word("parts.supplier")).selectOption("Kessel Motor Parts (EUR)");
            desk.getByLabel(word("parts.amountOf", "part", GRILLE, "currency", "EUR"))
                    .fill("132.75");
            press(desk, word("parts.recordOrder"));
            says(desk, word("parts.isOrdered", "supplier", "Kessel Motor Parts", "count", 1));
            button(desk, word("parts.writeOut")).click();
            press(desk, word("asking.send"));
            says(desk, Pattern.compile("Accepted on "));
            says(desk, word("asking.settle"));
            accessible(desk);
            assertThat(desk.getByText(word("asking.send")).count())
                    .as("answered, it is not sent once more")
                    .isZero();
        }
    }

    private static Page aCarThatWantsAGrille(Browsing browsing) throws Exception {
        Page desk = browsing.desk();
        openAGarage(desk);
        startACar(desk, "Halvern Pipit 1200", "1969");
        go(desk, word("nav.parts"));
        press(desk, word("parts.add"));
        field(desk, word("parts.partTitle")).fill(GRILLE);
        press(desk, word("save"));
        says(desk, word("parts.added", "part", GRILLE));
        return desk;
    }

    private static void open(Page desk) {
        button(desk, GRILLE).click();
    }

    private static Locator button(Page desk, String begin) {
        return desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + begin)))
                .first();
    }
}
