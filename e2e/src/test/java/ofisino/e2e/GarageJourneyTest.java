package ofisino.e2e;

import static ofisino.e2e.Browsing.accessible;
import static ofisino.e2e.Browsing.button;
import static ofisino.e2e.Browsing.confirmEach;
import static ofisino.e2e.Browsing.openTheGarage;
import static ofisino.e2e.Browsing.press;
import static ofisino.e2e.Browsing.says;
import static ofisino.e2e.Browsing.startACar;
import static ofisino.e2e.Browsing.weekday;
import static ofisino.e2e.Words.like;
import static ofisino.e2e.Words.word;
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
        for (int i = 0; i < 2; i++) press(desk, word("garage.addTime"));
        desk.getByLabel(word("garage.day", "number", 1)).selectOption(weekday(2).name());
        desk.getByLabel(word("garage.day", "number", 2)).selectOption(weekday(4).name());
        press(desk, word("garage.saveTime"));
        says(desk, word("garage.week", "hours", "6 h"));
        desk.getByLabel(word("garage.newPlace")).fill("Bay in the shed");
        desk.getByLabel(word("garage.placeKind")).selectOption("BAY");
        press(desk, word("parts.makePlace"));
        desk.getByText(word("garage.room", "count", 1)).click();
        desk.getByLabel(word("garage.roomFor")).fill("0");
        saveInTheOpenOne(desk).click();
        says(desk, word("garage.roomWrong"));
        desk.getByLabel(word("garage.roomFor")).fill("1");
        desk.locator("details[open]")
                .getByLabel(weekday(4).getDisplayName(TextStyle.FULL, Locale.ENGLISH))
                .uncheck();
        saveInTheOpenOne(desk).click();
        says(desk, word("garage.roomKept"));
        accessible(desk);
    }

    private static void aJobInTheBay(Page desk, String car) {
        desk.navigate(car + "/work");
        press(desk, word("work.add"));
        desk.getByLabel(word("job.title")).fill("Paint the dashboard");
        desk.getByLabel(word("job.operation")).selectOption("PAINT");
        press(desk, word("save"));
        says(desk, word("job.added", "title", "Paint the dashboard"));
        button(desk, "Paint the dashboard").click();
        desk.getByText(word("conditions.title")).click();
        desk.getByRole(AriaRole.DIALOG)
                .getByLabel(word("conditions.place"), new Locator.GetByLabelOptions().setExact(true))
                .selectOption("Bay in the shed");
        desk.getByLabel(word("conditions.keepsPlace")).check();
        desk.getByLabel(word("conditions.dry")).fill("a day");
        saveInTheOpenOne(desk).click();
        says(desk, word("form.hours"));
        desk.getByLabel(word("conditions.dry")).fill("24");
        saveInTheOpenOne(desk).click();
        says(desk, "kept while it dries. Dries 24 h.");
        accessible(desk);
        press(desk, word("close"));
    }

    private static Locator saveInTheOpenOne(Page desk) {
        return desk.locator("details[open] button", new Page.LocatorOptions().setHasText(word("save")))
                .first();
    }

    private static void theDates(Page desk, String car) {
        desk.navigate(car + "/plan");
        Locator axis = desk.getByLabel(word("dates.axis"));
        axis.getByText("Bay in the shed").waitFor();
        desk.getByText(word("dates.sooner")).click();
        says(desk, word("dates.soonerBy.HALF_AN_HOUR"));
        accessible(desk);
        press(desk, word("dates.paceAskOwn"));
        says(desk, word("dates.paceKeep"));
        press(desk, word("dates.paceKeep"));
        says(desk, word("dates.paceIsOwn", "factor", "1.3"));
        press(desk, word("takeBack"));
        says(desk, like("dates.paceIsThought"));
        axis.locator("button[aria-pressed]").first().focus();
        desk.keyboard().press("Enter");
        desk.getByText(word("dates.somebodyElse")).click();
        desk.getByRole(AriaRole.DIALOG)
                .locator("details[open] button", new Locator.LocatorOptions().setHasText(word("dates.ask")))
                .click();
        desk.getByRole(AriaRole.DIALOG).getByText(word("givenAway.give")).waitFor();
        accessible(desk);
        press(desk, word("givenAway.give"));
        says(desk, word("givenAway.given"));
        press(desk, word("takeBack"));
    }

    private static void theLabels(Page desk, String car) {
        desk.navigate(car + "/work");
        desk.getByRole(AriaRole.NAVIGATION).getByText(word("work.ways.labels")).click();
        says(desk, word("labels.title"));
        accessible(desk);
    }

    private static void theWorkSession(Browsing browsing, Page desk, String car) {
        desk.navigate(car + "/work");
        button(desk, "Paint the dashboard").click();
        Clearing.clear(desk);
        confirmEach(desk);
        Page phone = browsing.phoneOf(desk);
        phone.navigate(car);
        press(phone, word("today.begin"));
        says(phone, like("today.inTheGarage"));
        phone.getByRole(AriaRole.CHECKBOX).first().check();
        says(phone, like("today.tookUntil"));
        phone.reload();
        assertThat(phone.getByRole(AriaRole.CHECKBOX).first().isChecked()).isTrue();
        accessible(phone);
        phone.getByText(word("today.end")).click();
        says(phone, "Paint the dashboard");
        assertThat(phone.getByLabel(word("workSession.finished")).first().isChecked())
                .isTrue();
        phone.getByLabel(word("workSession.done")).fill("First coat");
        accessible(phone);
        press(phone, word("workSession.save"));
        says(phone, "First coat");
        phone.navigate(car);
        says(phone, word("today.begin"));
    }

    private static void theOrderOfCars(Page desk) {
        desk.navigate("/");
        startACar(desk, "Ondrel 350", "1977");
        desk.navigate("/");
        says(desk, word("projects.order"));
        accessible(desk);
        press(desk, word("projects.soonerOne", "car", "Ondrel 350"));
        says(desk, word("projects.orderKept"));
        desk.locator("ol li:first-child:has-text('Ondrel 350')").waitFor();
    }
}
