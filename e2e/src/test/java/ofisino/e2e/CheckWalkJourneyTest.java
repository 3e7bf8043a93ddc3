package ofisino.e2e;

import static ofisino.e2e.Browsing.accessible;
import static ofisino.e2e.Browsing.button;
import static ofisino.e2e.Browsing.link;
import static ofisino.e2e.Browsing.openAGarage;
import static ofisino.e2e.Browsing.press;
import static ofisino.e2e.Browsing.says;
import static ofisino.e2e.Browsing.zone;
import static ofisino.e2e.Words.like;
import static ofisino.e2e.Words.word;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Round a motorcycle with one thumb, at 390 px: check after check, from a failed one to a finding, and on where one left off. */
class CheckWalkJourneyTest {
    @Test
    void roundAMotorcycleByTouch() throws Exception {
        try (var browsing = new Browsing(PackagedServer.shared().url())) {
            Page phone = browsing.phone();
            startAMotorcycle(phone);

            link(phone, word("check.open")).tap();
            says(phone, like("check.here", "place", "Papers and identity", "number", 1));
            says(phone, like("check.left", "share", 100));
            accessible(phone);
            tap(phone, word("check.seen.GOOD"));
            says(phone, like("check.here", "place", "Papers and identity", "number", 2));

            // to the fork by the list of places, since papers and road have no place on the drawing
            phone.getByText(word("check.places")).tap();
            button(phone, "Fork leg, left").tap();
            says(phone, word("check.here", "place", "Fork leg, left", "number", 1, "all", 2));
            zone(phone, "Fork leg, left").waitFor();
            tap(phone, word("check.seen.BAD"));
            says(phone, word("check.findingMade", "kind", word("kind.LEAK"), "place", "Fork leg, left"));
            accessible(phone);
            tap(phone, word("check.goOn"));
            says(phone, word("check.here", "place", "Fork leg, left", "number", 2, "all", 2));
            zone(phone, word("drawing.zoneWith", "zone", "Fork leg, left", "count", 1, "safety", "A"))
                    .waitFor();

            // what cannot be seen stays unseen, and the walk goes on where it was left, also after a reload
            tap(phone, word("check.cantSee"));
            tap(phone, word("check.seen.COVERED"));
            phone.navigate(phone.url().replaceAll("/walk.*", "/walk"));
            says(phone, word("walk.dangerous", "zones", "Fork leg, left", "count", 1));
            link(phone, word("check.open")).tap();
            says(phone, like("check.here", "place", "Papers and identity", "number", 2));
            accessible(phone);

            // answered wrongly, one goes back and says it again
            tap(phone, word("check.seen.DOUBTFUL"));
            tap(phone, word("check.goOn"));
            says(phone, like("check.here", "place", "Papers and identity", "number", 3));
            tap(phone, word("check.back"));
            says(phone, word("check.answered", "seen", word("check.seen.DOUBTFUL")));
            tap(phone, word("check.seen.GOOD"));
            says(phone, like("check.here", "place", "Papers and identity", "number", 3));
            assertThat(browsing.complaints()).isEmpty();
        }
    }

    private static void startAMotorcycle(Page phone) throws Exception {
        openAGarage(phone);
        press(phone, word("projects.start"));
        phone.getByLabel(word("projects.name")).fill("Ondrel 350");
        phone.getByLabel(word("projects.year")).fill("1977");
        phone.getByLabel(word("projects.body")).selectOption("MOTORCYCLE");
        press(phone, word("projects.startNow"));
        says(phone, word("walk.nothingYet"));
        accessible(phone);
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
