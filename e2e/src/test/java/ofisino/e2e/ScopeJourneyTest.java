package ofisino.e2e;

import static ofisino.e2e.Browsing.accessible;
import static ofisino.e2e.Browsing.confirmEach;
import static ofisino.e2e.Browsing.field;
import static ofisino.e2e.Browsing.go;
import static ofisino.e2e.Browsing.measure;
import static ofisino.e2e.Browsing.openAGarage;
import static ofisino.e2e.Browsing.press;
import static ofisino.e2e.Browsing.says;
import static ofisino.e2e.Browsing.startACar;
import static ofisino.e2e.Browsing.status;
import static ofisino.e2e.Browsing.weekday;
import static ofisino.e2e.Browsing.zone;
import static ofisino.e2e.Words.like;
import static ofisino.e2e.Words.word;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** From a finding to its chain and to the opening that it hangs on; an order of the trade; an aim changed and taken back. */
@Tag("prove")
class ScopeJourneyTest {
    @Test
    void fromAFindingToAStripDownAndBackFromAnotherAim() throws Exception {
        try (var browsing = new Browsing(PackagedServer.shared().url())) {
            Page desk = browsing.desk();
            openAGarage(desk);
            startACar(desk, "Halvern Pipit 1200", "1969");
            repair(desk, "Gearbox and clutch", word("kind.WORN"));
            repair(desk, "Propeller shaft", word("kind.WORN"));

            // each piece of work brings its access, and the plan shares it; what a person sets apart can be made one
            // again
            go(desk, word("nav.work"));
            says(desk, "Gearbox and clutch: renew");
            accessible(desk);
            link(desk, word("work.ways.access")).click();
            says(desk, like("access.total"));
            desk.locator("h3:has-text('Gearbox out')").first().waitFor();
            says(desk, like("access.saved"));
            press(desk, word("actOn", "act", word("access.split"), "what", "Renew: propeller shaft"));
            press(desk, word("access.doSplit"));
            says(desk, like("access.proposal"));
            accessible(desk);
            press(desk, word("actOn", "act", word("access.merge"), "what", "Propeller shaft off"));
            says(desk, word("access.merged"));
            press(desk, word("takeBack"));
            says(desk, word("takenBack"));
            press(desk, word("actOn", "act", word("access.merge"), "what", "Propeller shaft off"));
            says(desk, word("access.merged"));

            // while it is open: a cheap part is taken along with one press
            press(desk, word("actOn", "act", word("access.whileOpen"), "what", "Gearbox out"));
            says(desk, "Clutch release bearing:");
            accessible(desk);
            press(desk, word("actOn", "act", word("access.take"), "what", "Clutch release bearing"));
            says(desk, "Renew: clutch release bearing");

            // its dangers stand first, each condition is ticked by itself; opened, it does not close while a job needs
            // it
            press(desk, word("actOn", "act", word("access.openIt"), "what", "Gearbox out"));
            says(desk, word("caution.HOIST"));
            press(desk, word("access.open"));
            says(desk, "each condition for working safely is confirmed by itself");
            accessible(desk);
            desk.getByLabel(word("actOn", "act", word("access.openIt"), "what", "Gearbox out"))
                    .locator("input[type=checkbox]")
                    .all()
                    .forEach(Locator::check);
            press(desk, word("access.open"));
            says(desk, word("access.lastChance"));
            press(desk, word("actOn", "act", word("access.close"), "what", "Gearbox out"));
            says(desk, "still needs it open");
            accessible(desk);

            // what has to be so before the first step
            go(desk, word("nav.work"));
            desk.locator("details[aria-label='Gearbox and clutch: renew'] li button")
                    .first()
                    .click();
            says(desk, word("permit.begin")); // what stands in the way has come; until then the button moves
            press(desk, word("moveTo.BEGUN"));
            says(desk, "may not go on yet.");
            accessible(desk);
            Clearing.clear(desk);
            confirmEach(desk);
            press(desk, word("moveTo.BEGUN"));
            desk.getByRole(AriaRole.DIALOG).getByText(status("BEGUN")).waitFor();
            press(desk, word("close"));

            // the scope as it is now, and another aim seen before it is set, set, and taken back
            press(desk, word("scope.setBaseline"));
            says(desk, like("scope.same"));
            desk.getByText(word("scope.aim")).click();
            field(desk, word("scope.aimFor")).selectOption("RUNNER");
            says(desk, like("scope.fallsOut"));
            accessible(desk);
            press(desk, word("scope.setAim"));
            says(desk, word("scope.aimSet"));
            says(desk, word("scope.aboveAim"));
            press(desk, word("takeBack"));
            says(desk, word("takenBack"));
            desk.getByText(word("scope.aboveAim"))
                    .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));

            owedAndThrough(desk);
            dates(browsing, desk);
            assertThat(browsing.complaints()).isEmpty();
        }
    }

    private static void owedAndThrough(Page desk) {
        link(desk, word("work.ways.outstanding")).click();
        says(desk, word("outstanding.nothing"));
        press(desk, word("outstanding.add"));
        desk.getByLabel(word("outstanding.whatIs.FOR_NOW")).fill("Hose tied with wire");
        field(desk, word("outstanding.laterIs.FOR_NOW")).fill("New hose");
        desk.getByLabel(word("outstanding.where")).selectOption("brake-pipes");
        desk.getByLabel(word("outstanding.event")).fill("after the trip");
        press(desk, word("outstanding.keep"));
        says(desk, "never get a temporary repair");
        accessible(desk);
        desk.getByLabel(word("outstanding.where")).selectOption("side-glass-left");
        press(desk, word("outstanding.keep"));
        says(desk, word("outstanding.open", "what", "New hose", "count", 1));
        link(desk, word("work.ways.fits")).click();
        says(desk, word("fits.unmeasured"));
        press(desk, word("fits.measure"));
        measure(desk, word("fits.height"), "mm", "1480");
        measure(desk, word("fits.width"), "mm", "1520");
        measure(desk, word("fits.length"), "mm", "3890");
        press(desk, word("fits.keep"));
        says(desk, word("fits.noPassage"));
        accessible(desk);
        link(desk, word("work.ways.order")).click();
        says(desk, word("order.allIn"));
        accessible(desk);
    }

    /** Sessions, then dates; a bar is moved by keyboard after what would come of it was seen, and taken back; the evening on a phone. */
    private static void dates(Browsing browsing, Page desk) {
        String car = desk.url().replaceAll("/work.*", "");
        desk.navigate("/garage");
        press(desk, word("garage.addTime"));
        desk.getByLabel(word("garage.day", "number", 1)).selectOption(weekday(2).name());
        press(desk, word("garage.saveTime"));
        says(desk, "3 h");
        desk.navigate(car + "/plan");
        says(desk, word("dates.axisHow"));
        accessible(desk);
        Locator pieces = desk.getByLabel(word("dates.axis")).locator("button[aria-expanded=false]");
        for (int left = pieces.count(); left > 0; left--) pieces.first().click();
        Locator bar = desk.getByLabel(word("dates.axis"))
                .locator("button[aria-pressed]:has-text('shaft')")
                .first();
        bar.focus();
        desk.keyboard().press("ArrowRight");
        says(desk, word("dates.comesOfIt"));
        accessible(desk);
        press(desk, word("dates.keep"));
        says(desk, like("dates.moved"));
        press(desk, word("takeBack"));
        says(desk, word("takenBack"));
        press(desk, word("dates.follow"));
        says(desk, word("dates.follows"));
        link(desk, word("away.title")).click();
        says(desk, word("away.nothing"));
        accessible(desk);

        Page phone = browsing.phoneOf(desk);
        phone.navigate(car);
        phone.getByText(word("today.otherWorkSession")).click();
        says(phone, "fit");
        accessible(phone);
        phone.navigate(car + "/plan");
        says(phone, word("plan.whyNotSooner"));
        accessible(phone);
    }

    private static void repair(Page desk, String place, String kind) {
        go(desk, word("nav.walk"));
        zone(desk, place).click();
        desk.getByRole(AriaRole.DIALOG).waitFor();
        press(desk, kind);
        press(desk, word("walk.save"));
        desk.locator("path[aria-label^='" + place + ":']")
                .locator("visible=true")
                .first()
                .waitFor();
        press(desk, word("walk.showAll"));
        desk.locator("button:has-text('" + kind + "'):has-text('" + place + "')")
                .locator("visible=true")
                .first()
                .click();
        press(desk, word("finding.decide"));
        press(desk, word("decision.REPAIR"));
        desk.getByLabel(word("decide.reason")).fill("worn out");
        press(desk, word("finding.saveDecision"));
        press(desk, word("finding.makeChain"));
        says(desk, word("finding.chainMade", "count", 2));
        press(desk, word("close"));
    }

    private static Locator link(Page page, String name) {
        return page.getByRole(AriaRole.NAVIGATION)
                .getByRole(
                        AriaRole.LINK,
                        new Locator.GetByRoleOptions().setName(name).setExact(true));
    }
}
