package ofisino.e2e;

import static ofisino.e2e.Browsing.accessible;
import static ofisino.e2e.Browsing.go;
import static ofisino.e2e.Browsing.openTheGarage;
import static ofisino.e2e.Browsing.press;
import static ofisino.e2e.Browsing.says;
import static ofisino.e2e.Browsing.startACar;
import static ofisino.e2e.Browsing.zone;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What one did is taken back unless something was built on it; two windows that edit the same thing lose nothing. */
class TwoWindowsJourneyTest {
    @Test
    void nothingIsLost() throws Exception {
        try (var server = PackagedServer.start();
                var browsing = new Browsing(server.url())) {
            Page desk = browsing.desk();
            openTheGarage(desk, server.firstAccountCode());
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
        press(desk, "Dented");
        press(desk, "Save");
        zone(desk, "Bonnet: one finding, class D").waitFor();
        desk.getByText("Dented: Bonnet. Recorded.").waitFor();
        press(desk, "Undo");
        says(desk, "Undone.");
        zone(desk, "Bonnet").waitFor();
    }

    /** A finding that is decided is not taken back before its decision. */
    private static void builtOn(Page desk) {
        zone(desk, "Sill, left").click();
        press(desk, "Rusted through");
        press(desk, "Save");
        zone(desk, "Sill, left: one finding, class A").waitFor();
        press(desk, "Show all");
        desk.locator("button:has-text('Rusted through')").first().click();
        press(desk, "Decide");
        press(desk, "Repair");
        desk.getByLabel("Reason").fill("it is holed");
        press(desk, "Save the decision");
        says(desk, "Decided: ");
        press(desk, "Close");
        desk.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Garage"))
                .click();
        desk.locator("li:has-text('Added: finding') button").first().click();
        says(desk, "something was built on it since");
        accessible(desk);
        desk.goBack();
    }

    private static void editedTwice(Page desk) {
        go(desk, "Walk round");
        desk.waitForURL("**/walk**");
        Page other = desk.context().newPage();
        for (Page window : List.of(desk, other)) {
            window.navigate(desk.url().replaceAll("\\?.*", ""));
            window.locator("button:has-text('Rusted through')").first().click();
            press(window, "Change");
        }
        note(desk).fill("words of the first");
        press(desk, "Save");
        says(desk, "Finding saved.");
        note(other).fill("words of the second");
        press(other, "Save");
        says(other, "Changed in another window");
        says(other, "words of the first");
        assertThat(note(other).inputValue()).isEqualTo("words of the second");
        accessible(other);
        press(other, "Join both");
        press(other, "Save");
        says(other, "Finding saved.");
        says(other, "words of the second");
        other.close();
    }

    private static Locator note(Page page) {
        return page.getByLabel("Note", new Page.GetByLabelOptions().setExact(true));
    }
}
