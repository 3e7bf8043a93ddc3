package ofisino.e2e;

import static ofisino.e2e.Browsing.accessible;
import static ofisino.e2e.Browsing.openTheGarage;
import static ofisino.e2e.Browsing.press;
import static ofisino.e2e.Browsing.says;
import static ofisino.e2e.Browsing.zone;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Round a motorcycle with one thumb, at 390 px: check after check, from a failed one to a finding, and on where one left off. */
class CheckWalkJourneyTest {
    @Test
    void roundAMotorcycleByTouch() throws Exception {
        try (var server = PackagedServer.start();
                var browsing = new Browsing(server.url())) {
            Page phone = browsing.phone();
            startAMotorcycle(phone, server.firstAccountCode());

            link(phone, "Go through the checks").tap();
            says(phone, "Papers and identity: 1 of ");
            says(phone, "100 % of the car");
            accessible(phone);
            tap(phone, "Good");
            says(phone, "Papers and identity: 2 of ");

            // to the fork by the list of places, since papers and road have no place on the drawing
            phone.getByText("By place").tap();
            phone.locator("button:has-text('Fork leg, left')").tap();
            says(phone, "Fork leg, left: 1 of 2");
            zone(phone, "Fork leg, left").waitFor();
            tap(phone, "Bad");
            says(phone, "Recorded as a finding: Leaks, Fork leg, left.");
            accessible(phone);
            tap(phone, "Next");
            says(phone, "Fork leg, left: 2 of 2");
            zone(phone, "Fork leg, left: one finding, class A").waitFor();

            // what cannot be seen stays unseen, and the walk goes on where it was left, also after a reload
            tap(phone, "Can’t see it");
            tap(phone, "It is covered");
            phone.navigate(phone.url().replaceAll("/walk.*", "/walk"));
            says(phone, "It must not be driven: Fork leg, left.");
            link(phone, "Go through the checks").tap();
            says(phone, "Papers and identity: 2 of ");
            accessible(phone);

            // answered wrongly, one goes back and says it again
            tap(phone, "Doubtful");
            tap(phone, "Next");
            says(phone, "Papers and identity: 3 of ");
            tap(phone, "Previous");
            says(phone, "Answered: Doubtful");
            tap(phone, "Good");
            says(phone, "Papers and identity: 3 of ");
            assertThat(browsing.complaints()).isEmpty();
        }
    }

    private static void startAMotorcycle(Page phone, String code) {
        openTheGarage(phone, code);
        press(phone, "Add a car");
        phone.getByLabel("Name").fill("Ondrel 350");
        phone.getByLabel("Year it was built").fill("1977");
        phone.getByLabel("Body").selectOption("MOTORCYCLE");
        press(phone, "Start");
        says(phone, "Walk round it and press where something is wrong.");
        accessible(phone);
    }

    private static Locator link(Page page, String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    private static void tap(Page page, String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .locator("visible=true")
                .first()
                .tap();
    }
}
