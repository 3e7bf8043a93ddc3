package ofisino.e2e;

import static ofisino.e2e.Browsing.accessible;
import static ofisino.e2e.Browsing.button;
import static ofisino.e2e.Browsing.field;
import static ofisino.e2e.Browsing.go;
import static ofisino.e2e.Browsing.link;
import static ofisino.e2e.Browsing.openAGarage;
import static ofisino.e2e.Browsing.press;
import static ofisino.e2e.Browsing.says;
import static ofisino.e2e.Browsing.startACar;
import static ofisino.e2e.Browsing.zone;
import static ofisino.e2e.Words.like;
import static ofisino.e2e.Words.word;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What one did is taken back unless something was built on it; two windows that edit the same thing lose nothing. */
class TwoWindowsJourneyTest {
    @Test
    void nothingIsLost() throws Exception {
        try (var browsing = new Browsing(PackagedServer.shared().url())) {
            Page desk = browsing.desk();
            openAGarage(desk);
            startACar(desk, "Halvern Pipit 1200", "1969");
            takenBack(desk);
            builtOn(desk);
            editedTwice(desk);
            assertThat(browsing.complaints()).isEmpty();
        }
    }

    private static void takenBack(Page desk) {
        zone(desk, "Bonnet").focus();
        desk.keyboard().press("Enter");
        press(desk, word("kind.DENT"));
        press(desk, word("walk.save"));
        zone(desk, word("drawing.zoneWith", "zone", "Bonnet", "count", 1, "safety", "D"))
                .waitFor();
        desk.getByText(word("walk.recorded", "kind", word("kind.DENT"), "zone", "Bonnet"))
                .waitFor();
        press(desk, word("takeBack"));
        says(desk, word("takenBack"));
        zone(desk, "Bonnet").waitFor();
    }

    /** A finding that is decided is not taken back before its decision. */
    private static void builtOn(Page desk) {
        zone(desk, "Sill, left").click();
        press(desk, word("kind.RUST_THROUGH"));
        press(desk, word("walk.save"));
        zone(desk, word("drawing.zoneWith", "zone", "Sill, left", "count", 1, "safety", "A"))
                .waitFor();
        press(desk, word("walk.showAll"));
        button(desk, word("kind.RUST_THROUGH")).click();
        press(desk, word("finding.decide"));
        press(desk, word("decision.REPAIR"));
        desk.getByLabel(word("decide.reason")).fill("it is holed");
        press(desk, word("finding.saveDecision"));
        says(desk, like("finding.decided"));
        press(desk, word("close"));
        link(desk, word("nav.garage")).click();
        desk.locator("li", new Page.LocatorOptions().setHasText(word("change.ADDED", "what", word("entity.finding"))))
                .locator("button")
                .first()
                .click();
        says(desk, "something was built on it since");
        accessible(desk);
        desk.goBack();
    }

    private static void editedTwice(Page desk) {
        go(desk, word("nav.walk"));
        desk.waitForURL("**/walk**");
        Page other = desk.context().newPage();
        for (Page window : List.of(desk, other)) {
            window.navigate(desk.url().replaceAll("\\?.*", ""));
            button(window, word("kind.RUST_THROUGH")).click();
            press(window, word("finding.edit"));
        }
        note(desk).fill("words of the first");
        press(desk, word("save"));
        says(desk, word("finding.saved"));
        note(other).fill("words of the second");
        press(other, word("save"));
        says(other, word("merge.title"));
        says(other, "words of the first");
        assertThat(note(other).inputValue()).isEqualTo("words of the second");
        accessible(other);
        press(other, word("merge.join"));
        press(other, word("save"));
        says(other, word("finding.saved"));
        says(other, "words of the second");
        other.close();
    }

    private static Locator note(Page page) {
        return field(page, word("walk.note"));
    }
}
