package ofisino.e2e;

import static ofisino.e2e.Browsing.accessible;
import static ofisino.e2e.Browsing.button;
import static ofisino.e2e.Browsing.openAGarage;
import static ofisino.e2e.Browsing.press;
import static ofisino.e2e.Browsing.says;
import static ofisino.e2e.Browsing.startACar;
import static ofisino.e2e.Browsing.weekday;
import static ofisino.e2e.Browsing.zone;
import static ofisino.e2e.Words.like;
import static ofisino.e2e.Words.word;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import org.junit.jupiter.api.Test;

/** From an empty garage to the first session, every press and every filled field counted; then the session on a phone, by ticks. */
class FirstSessionJourneyTest {
    private static final int MOST_PRESSES = 60;
    /** Each press is a click or a field that was filled, as long as this window is open. */
    private static final String COUNT = """
            for (const kind of ['click', 'change'])
              window.addEventListener(kind, (e) => {
                const typed = e.target.matches?.('select, textarea, input:not([type=checkbox]):not([type=radio])')
                if ((kind === 'click') === !!typed) return
                if (kind === 'click' && !e.isTrusted) return
                sessionStorage.presses = Number(sessionStorage.presses ?? 0) + 1
              }, true)
            """;

    private static final String[][] FOUND = {
        {"Sill, left", "RUST_THROUGH"},
        {"Front suspension, left", "WORN"},
        {"Radiator and hoses", "LEAK"},
        {"Gearbox and clutch", "WORN"},
        {"Propeller shaft", "WORN"},
        {"Front suspension, right", "WORN"},
    };

    @Test
    void sixtyPressesToTheFirstSession() throws Exception {
        try (var browsing = new Browsing(PackagedServer.shared().url())) {
            Page desk = browsing.desk();
            openAGarage(desk);
            says(desk, word("projects.none"));
            desk.context().addInitScript(COUNT);
            desk.reload();
            startACar(desk, "Halvern Pipit 1200", "1969");
            for (String[] found : FOUND) find(desk, found[0], word("kind." + found[1]));
            desk.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName(word("ways.label")))
                    .getByText(word("ways.decideAll") + " …")
                    .click();
            press(desk, word("decide.takeAll", "count", FOUND.length));
            desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(like("decide.makeJobs")))
                    .click();
            says(desk, like("decide.jobsMade"));
            String car = desk.url().replaceAll("/walk.*", "");
            Browsing.go(desk, word("nav.today"));
            desk.getByText(word("firstLine.next.times")).click();
            press(desk, word("garage.addTime"));
            desk.getByLabel(word("garage.day", "number", 1))
                    .selectOption(weekday(2).name());
            press(desk, word("garage.saveTime"));
            says(desk, word("garage.timeSaved"));
            desk.navigate(car);
            says(desk, like("today.begin"));
            accessible(desk);
            press(desk, word("today.begin"));
            says(desk, like("today.inTheGarage"));
            int presses = ((Number) desk.evaluate("() => Number(sessionStorage.presses)")).intValue();
            System.out.println("Presses from an empty garage to the first session: " + presses);
            assertThat(presses).isBetween(FOUND.length * 3, MOST_PRESSES);
            onAPhone(browsing, desk, car);
            assertThat(browsing.complaints()).isEmpty();
        }
    }

    /** Place, kind, save. */
    private static void find(Page desk, String place, String kind) {
        zone(desk, place).click();
        desk.getByRole(AriaRole.DIALOG).waitFor();
        press(desk, kind);
        press(desk, word("walk.save"));
        desk.getByRole(AriaRole.DIALOG).waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
        press(desk, word("walk.showAll"));
    }

    /** Above the step at hand, where it asks for something. */
    private static void confirmWhatIsAsked(Page phone) {
        phone.waitForFunction("() => !document.querySelector('.loading')");
        String confirm = "button[aria-label^='"
                + word("actOn", "act", word("interlock.confirm"), "what", "").strip() + "']";
        for (int left = phone.locator(confirm).count(); left > 0; left--) {
            phone.locator(confirm).first().click();
            phone.waitForFunction("n => document.querySelectorAll(\"" + confirm + "\").length < n", left);
        }
    }

    /** Ticked with a thumb, at 390 px: what is ticked stays so after a reload, and what is left stands below in its order. */
    private static void onAPhone(Browsing browsing, Page desk, String car) {
        Page phone = browsing.phoneOf(desk);
        phone.navigate(car);
        says(phone, like("today.inTheGarage"));
        Locator steps = phone.getByRole(AriaRole.CHECKBOX);
        int all = steps.count();
        String second = phone.locator("label:has(input[type=checkbox])").nth(1).innerText();
        confirmWhatIsAsked(phone);
        steps.first().check();
        says(phone, like("today.tookUntil"));
        phone.reload();
        says(phone, like("today.tookUntil"));
        assertThat(steps.first().isChecked()).isTrue();
        assertThat(steps.count()).isEqualTo(all);
        assertThat(phone.locator("label:has(input[type=checkbox])").nth(1).innerText())
                .isEqualTo(second);
        accessible(phone);
        button(phone, word("today.leave")).click();
        says(phone, word("today.left"));
    }
}
