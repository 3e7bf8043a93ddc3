package ofisino.e2e;

import static ofisino.e2e.Browsing.accessible;
import static ofisino.e2e.Browsing.confirmEach;
import static ofisino.e2e.Browsing.go;
import static ofisino.e2e.Browsing.openTheGarage;
import static ofisino.e2e.Browsing.press;
import static ofisino.e2e.Browsing.says;
import static ofisino.e2e.Browsing.startACar;
import static ofisino.e2e.Browsing.weekday;
import static ofisino.e2e.Browsing.zone;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import org.junit.jupiter.api.Test;

/** From a finding to its chain and to the opening that it hangs on; an order of the trade; an aim changed and taken back. */
class ScopeJourneyTest {
    @Test
    void fromAFindingToAnStripDownAndBackFromAnotherAim() throws Exception {
        try (var server = PackagedServer.start();
                var browsing = new Browsing(server.url())) {
            Page desk = browsing.desk();
            openTheGarage(desk, server.firstAccountCode());
            startACar(desk, "Halvern Pipit 1200", "1969");
            repair(desk, "Gearbox and clutch", "Worn");
            repair(desk, "Propeller shaft", "Worn");

            // each piece of work brings its own access; those that it could share are offered
            go(desk, "Work");
            says(desk, "Gearbox and clutch: renew");
            accessible(desk);
            link(desk, "Access").click();
            says(desk, "of strip and refit.");
            desk.locator("h3:has-text('Gearbox out')").first().waitFor();
            says(desk, "could be one.");
            accessible(desk);
            press(desk, "Combine them: Propeller shaft off");
            says(desk, "Sharing saves");

            // while it is open: a cheap part is taken along with one press
            press(desk, "While it is apart: Gearbox out");
            says(desk, "Clutch release bearing:");
            accessible(desk);
            press(desk, "Add it: Clutch release bearing");
            says(desk, "Renew: clutch release bearing");

            // its dangers stand first, each condition is ticked by itself; opened, it does not close while a job needs
            // it
            press(desk, "Strip it down: Gearbox out");
            says(desk, "nobody below");
            press(desk, "It is stripped down now");
            says(desk, "each condition for working safely is confirmed by itself");
            accessible(desk);
            desk.locator("form[aria-label='Strip it down: Gearbox out'] input[type=checkbox]")
                    .all()
                    .forEach(Locator::check);
            press(desk, "It is stripped down now");
            says(desk, "Last chance before it goes back together");
            press(desk, "Refit it: Gearbox in");
            says(desk, "still needs it open");
            accessible(desk);

            // what has to be so before the first step
            go(desk, "Work");
            desk.locator("section[aria-label='Gearbox and clutch: renew'] li button")
                    .first()
                    .click();
            says(desk, "Before it begins"); // what stands in the way has come; until then the button moves
            press(desk, "Begin");
            says(desk, "may not go on yet.");
            accessible(desk);
            Clearing.clear(desk);
            confirmEach(desk);
            press(desk, "Begin");
            desk.getByRole(AriaRole.DIALOG).getByText("Status: begun").waitFor();
            press(desk, "Close");

            // the scope as it is now, and another aim seen before it is set, set, and taken back
            press(desk, "Set the baseline now");
            says(desk, "No change since");
            desk.getByText("What if the standard changed?").click();
            desk.getByLabel("Standard", new Page.GetByLabelOptions().setExact(true))
                    .selectOption("RUNNER");
            says(desk, "items less");
            accessible(desk);
            press(desk, "Set this standard");
            says(desk, "Standard set.");
            says(desk, "Above the standard");
            press(desk, "Undo");
            says(desk, "Undone.");
            desk.getByText("Above the standard")
                    .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));

            owedAndThrough(desk);
            dates(browsing, desk);
            assertThat(browsing.complaints()).isEmpty();
        }
    }

    private static void owedAndThrough(Page desk) {
        link(desk, "Outstanding").click();
        says(desk, "Nothing outstanding.");
        press(desk, "Add an outstanding item");
        desk.getByLabel("Temporary repair").fill("Hose tied with wire");
        desk.getByLabel("Permanent repair", new Page.GetByLabelOptions().setExact(true))
                .fill("New hose");
        desk.getByLabel("Where").selectOption("brake-pipes");
        desk.getByLabel("What has to happen").fill("after the trip");
        press(desk, "Save");
        says(desk, "never get a temporary repair");
        accessible(desk);
        desk.getByLabel("Where").selectOption("side-glass-left");
        press(desk, "Save");
        says(desk, "One item outstanding: New hose.");
        link(desk, "Does it fit?").click();
        says(desk, "Not measured yet");
        press(desk, "Measure the vehicle");
        desk.getByLabel("Height, mm").fill("1480");
        desk.getByLabel("Width, mm").fill("1520");
        desk.getByLabel("Length, mm").fill("3890");
        press(desk, "Save");
        says(desk, "No doorway, trailer or bay entered.");
        accessible(desk);
        link(desk, "Order of work").click();
        says(desk, "rules of the trade");
        accessible(desk);
    }

    /** Sessions, then dates; a bar is moved by keyboard after what would come of it was seen, and taken back; the evening on a phone. */
    private static void dates(Browsing browsing, Page desk) {
        String car = desk.url().replaceAll("/work.*", "");
        desk.navigate("/garage");
        press(desk, "Add a time");
        desk.getByLabel("Day 1").selectOption(weekday(2).name());
        press(desk, "Save the times");
        says(desk, "3 h");
        desk.navigate(car + "/plan");
        says(desk, "Your sessions side by side");
        accessible(desk);
        Locator bar = desk.locator(
                        "section[aria-label='The plan, session by session'] button[aria-pressed]:has-text('shaft')")
                .first();
        bar.focus();
        desk.keyboard().press("ArrowRight");
        says(desk, "What would change");
        accessible(desk);
        press(desk, "Move it there");
        says(desk, "is not before");
        press(desk, "Undo");
        says(desk, "Undone.");
        press(desk, "This is the plan");
        says(desk, "Anything that slips will show here.");
        link(desk, "Sent out and fixed times").click();
        says(desk, "Nothing is sent out");
        accessible(desk);

        Page phone = browsing.phoneOf(desk);
        phone.navigate(car);
        phone.getByText("A different session?").click();
        says(phone, "fit");
        accessible(phone);
        phone.navigate(car + "/plan");
        says(phone, "Why not sooner?");
        accessible(phone);
    }

    private static void repair(Page desk, String place, String kind) {
        go(desk, "Walk round");
        zone(desk, place).click();
        desk.getByRole(AriaRole.DIALOG).waitFor();
        press(desk, kind);
        press(desk, "Save");
        desk.locator("path[aria-label^='" + place + ": one finding']")
                .locator("visible=true")
                .first()
                .waitFor();
        press(desk, "Show all");
        desk.locator("button:has-text('" + kind + "'):has-text('" + place + "')")
                .locator("visible=true")
                .first()
                .click();
        press(desk, "Decide");
        press(desk, "Repair");
        desk.getByLabel("Reason").fill("worn out");
        press(desk, "Save the decision");
        press(desk, "Make these jobs");
        says(desk, "2 jobs made.");
        press(desk, "Close");
    }

    private static Locator link(Page page, String name) {
        return page.getByRole(AriaRole.NAVIGATION)
                .getByRole(
                        AriaRole.LINK,
                        new Locator.GetByRoleOptions().setName(name).setExact(true));
    }
}
