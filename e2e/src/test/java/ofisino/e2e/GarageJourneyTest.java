package ofisino.e2e;

import static ofisino.e2e.Browsing.accessible;
import static ofisino.e2e.Browsing.confirmEach;
import static ofisino.e2e.Browsing.openTheGarage;
import static ofisino.e2e.Browsing.press;
import static ofisino.e2e.Browsing.says;
import static ofisino.e2e.Browsing.startACar;
import static ofisino.e2e.Browsing.weekday;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.format.TextStyle;
import java.util.Locale;
import org.junit.jupiter.api.Test;

/** Sessions, a bay and a supplier; a job that dries in the bay; what would bring it sooner; an evening from its beginning to the log; two cars. */
class GarageJourneyTest {
    @Test
    void aJobHasItsPlaceAndTheWorkSessionIsBegunAndLogged() throws Exception {
        try (var server = PackagedServer.start();
                var browsing = new Browsing(server.url())) {
            Page desk = browsing.desk();
            openTheGarage(desk, server.firstAccountCode());
            startACar(desk, "Halvern Pipit 1200", "1969");
            String car = desk.url().replaceAll("/walk.*", "");
            theGarage(desk);
            aJobInTheBay(desk, car);
            theDates(desk, car);
            theLabels(desk, car);
            theWorkSession(browsing, desk, car);
            theOrderOfCars(desk);
            assertThat(browsing.complaints()).isEmpty();
        }
    }

    private static void theGarage(Page desk) {
        desk.navigate("/garage");
        for (int i = 0; i < 2; i++) press(desk, "Add a time");
        desk.getByLabel("Day 1").selectOption(weekday(2).name());
        desk.getByLabel("Day 2").selectOption(weekday(4).name());
        press(desk, "Save the times");
        says(desk, "6 h a week.");
        desk.getByLabel("New place or bag").fill("Bay in the shed");
        desk.getByLabel("Kind").selectOption("BAY");
        press(desk, "Make it");
        desk.getByText("Room for one job at once.").click();
        desk.getByLabel("How many jobs it has room for").fill("0");
        desk.locator("details[open] button:has-text('Save')").first().click();
        says(desk, "A place has room for 1 to 99 jobs at once");
        desk.getByLabel("How many jobs it has room for").fill("1");
        desk.locator("details[open]")
                .getByLabel(weekday(4).getDisplayName(TextStyle.FULL, Locale.ENGLISH))
                .uncheck();
        desk.locator("details[open] button:has-text('Save')").first().click();
        says(desk, "Saved. The plan keeps to it.");
        accessible(desk);
    }

    private static void aJobInTheBay(Page desk, String car) {
        desk.navigate(car + "/work");
        press(desk, "Add a job");
        desk.getByLabel("What needs doing").fill("Paint the dashboard");
        desk.getByLabel("Operation").selectOption("PAINT");
        press(desk, "Save");
        says(desk, "“Paint the dashboard” is added.");
        desk.locator("li button:has-text('Paint the dashboard')").first().click();
        desk.getByText("Where and how").click();
        desk.getByRole(AriaRole.DIALOG)
                .getByLabel("Where", new Locator.GetByLabelOptions().setExact(true))
                .selectOption("Bay in the shed");
        desk.getByLabel("Keeps the place").check();
        desk.getByLabel("Drying time, hours").fill("a day");
        desk.locator("details[open] button:has-text('Save')").first().click();
        says(desk, "Enter hours, such as 1.5.");
        desk.getByLabel("Drying time, hours").fill("24");
        desk.locator("details[open] button:has-text('Save')").first().click();
        says(desk, "kept while it dries. Dries 24 h.");
        accessible(desk);
        press(desk, "Close");
    }

    private static void theDates(Page desk, String car) {
        desk.navigate(car + "/plan");
        Locator axis = desk.locator("section[aria-label='The plan, session by session']");
        axis.getByText("Bay in the shed").waitFor();
        desk.getByText("What would bring it sooner?").click();
        says(desk, "Half an hour longer each session");
        accessible(desk);
        press(desk, "What if it used your pace?");
        says(desk, "Use it");
        press(desk, "Use it");
        says(desk, "The plan uses your own pace: 1.3 times");
        press(desk, "Undo");
        says(desk, "The plan uses the estimated hours.");
        axis.locator("button[aria-pressed]").first().focus();
        desk.keyboard().press("Enter");
        desk.getByText("What if somebody else does it?").click();
        desk.getByRole(AriaRole.DIALOG)
                .locator("details[open] button:has-text('What would that change?')")
                .click();
        desk.getByRole(AriaRole.DIALOG).getByText("Send it out").waitFor();
        accessible(desk);
        press(desk, "Close");
    }

    private static void theLabels(Page desk, String car) {
        desk.navigate(car + "/work");
        desk.getByRole(AriaRole.NAVIGATION).getByText("Labels").click();
        says(desk, "Labels");
        accessible(desk);
    }

    private static void theWorkSession(Browsing browsing, Page desk, String car) {
        desk.navigate(car + "/work");
        desk.locator("li button:has-text('Paint the dashboard')").first().click();
        Clearing.clear(desk);
        confirmEach(desk);
        Page phone = browsing.phoneOf(desk);
        phone.navigate(car);
        press(phone, "Start the session");
        says(phone, "In the garage since");
        accessible(phone);
        phone.getByText("Finish and log it").click();
        says(phone, "Paint the dashboard");
        phone.getByLabel("What was done").fill("First coat");
        accessible(phone);
        press(phone, "Save the session");
        says(phone, "First coat");
        phone.navigate(car);
        says(phone, "Start the session");
    }

    private static void theOrderOfCars(Page desk) {
        desk.navigate("/");
        startACar(desk, "Ondrel 350", "1977");
        desk.navigate("/");
        says(desk, "Which car goes first");
        accessible(desk);
        press(desk, "Ondrel 350: move up");
        says(desk, "Saved. The plans follow this order.");
        desk.locator("ol li:first-child:has-text('Ondrel 350')").waitFor();
    }
}
