package ofisino.e2e;

import static ofisino.e2e.Browsing.accessible;
import static ofisino.e2e.Browsing.go;
import static ofisino.e2e.Browsing.openAGarage;
import static ofisino.e2e.Browsing.press;
import static ofisino.e2e.Browsing.says;
import static ofisino.e2e.Browsing.zone;
import static ofisino.e2e.Words.like;
import static ofisino.e2e.Words.word;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** From the walk round to the work in one go, by the names of parts: an old saloon, a motorcycle, a car of 2008. */
@Tag("prove")
class NamedThingsJourneyTest {
    @Test
    void fromAThingToItsWork() throws Exception {
        try (var browsing = new Browsing(PackagedServer.shared().url())) {
            Page desk = browsing.desk();
            openAGarage(desk);
            start(desk, "SALOON", "Wrenfield Dart 1300", "1974");
            found(desk, "Front suspension, left", "Front damper", word("kind.LEAK"));
            found(desk, "Front suspension, right", "Front damper", word("kind.LEAK"));
            assertThat(kindsAt(desk, "Sill, left"))
                    .contains(word("kind.RUST_THROUGH"))
                    .doesNotContain(word("kind.DEAD_ELECTRICAL"));
            does(desk, "Radiator and hoses", "Overheats");
            makeItsWork(desk, 3);
            says(desk, "Front damper: new, both sides");
            says(desk, "Overheats: the cheapest test first");
            accessible(desk);

            start(desk, "MOTORCYCLE", "Tallow 250", "1979");
            found(desk, "Fork leg, left", "Fork seal and dust cap", word("kind.LEAK"));
            makeItsWork(desk, 1);
            says(desk, "Fork seal and dust cap: new seals and oil");
            go(desk, word("nav.parts"));
            says(desk, "Fork oil");
            accessible(desk);

            start(desk, "HATCHBACK", "Merle 1.6", "2008");
            found(desk, "Timing drive", "Timing belt", word("kind.WORN"));
            makeItsWork(desk, 1);
            says(desk, "Timing belt: new belt, tensioner and pump");
            assertThat(desk.locator("main").innerText()).doesNotContain("Rebuild", "rebuild");
            assertThat(browsing.complaints()).isEmpty();
        }
    }

    private static void start(Page desk, String body, String name, String year) {
        if (desk.url().contains("/p/")) desk.navigate("/");
        press(desk, word("projects.start"));
        desk.getByLabel(word("projects.body")).selectOption(body);
        desk.getByLabel(word("projects.name")).fill(name);
        desk.getByLabel(word("projects.year")).fill(year);
        press(desk, word("projects.startNow"));
        desk.waitForURL("**/walk**");
    }

    private static void pressAt(Page desk, String place, String thing) {
        zone(desk, place).click();
        desk.getByRole(AriaRole.DIALOG).waitFor();
        desk.getByLabel(word("finding.thing")).selectOption(new SelectOption().setLabel(thing));
    }

    private static void found(Page desk, String place, String thing, String kind) {
        pressAt(desk, place, thing);
        press(desk, kind);
        save(desk);
    }

    /** What the vehicle does needs no word for what is wrong. */
    private static void does(Page desk, String place, String symptom) {
        pressAt(desk, place, symptom);
        save(desk);
    }

    private static void save(Page desk) {
        press(desk, word("walk.save"));
        desk.getByRole(AriaRole.DIALOG)
                .waitFor(new Locator.WaitForOptions()
                        .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN));
        press(desk, word("walk.showAll"));
    }

    private static String kindsAt(Page desk, String place) {
        zone(desk, place).click();
        Locator sheet = desk.getByRole(AriaRole.DIALOG);
        desk.getByLabel(word("finding.thing"))
                .locator("option")
                .nth(3)
                .waitFor(new Locator.WaitForOptions()
                        .setState(com.microsoft.playwright.options.WaitForSelectorState.ATTACHED));
        sheet.getByText(word("kind.RUST_THROUGH")).first().waitFor();
        String kinds = sheet.innerText();
        press(desk, word("close"));
        press(desk, word("walk.showAll"));
        return kinds;
    }

    private static void makeItsWork(Page desk, int findings) {
        desk.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName(word("ways.label")))
                .getByText(word("ways.decideAll") + " …")
                .click();
        says(desk, word("decide.left", "count", findings));
        if (findings > 1) press(desk, word("decide.takeAll", "count", findings));
        else press(desk, word("decide.take"));
        desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(like("decide.makeJobs")))
                .click();
        says(desk, like("decide.jobsMade"));
        go(desk, word("nav.work"));
    }
}
