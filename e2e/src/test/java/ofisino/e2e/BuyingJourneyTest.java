package ofisino.e2e;

import static ofisino.e2e.Browsing.accessible;
import static ofisino.e2e.Browsing.button;
import static ofisino.e2e.Browsing.field;
import static ofisino.e2e.Browsing.go;
import static ofisino.e2e.Browsing.link;
import static ofisino.e2e.Browsing.measure;
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
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.ExtendWith;

/** A car that is for sale, at the desk: found, measured, shown to a friend, weighed, bought above its ceiling with a reason. */
@Tag("prove")
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
@ExtendWith(StopAtTheFirstBrokenStep.class)
class BuyingJourneyTest {
    private Browsing browsing;
    private Page desk;
    private String car;

    @BeforeAll
    void start() throws Exception {
        browsing = new Browsing(PackagedServer.shared().url());
        desk = browsing.desk();
    }

    @AfterAll
    void stop() {
        browsing.close();
    }

    @Test
    @Order(1)
    void aCarThatIsOnlyLookedAtAsksWhatToBid() throws Exception {
        openAGarage(desk);
        press(desk, word("projects.start"));
        desk.getByLabel(word("projects.name")).fill("Halvern Pipit saloon");
        desk.getByLabel(word("projects.year")).fill("1968");
        desk.getByLabel(word("projects.body")).selectOption("SALOON");
        desk.getByLabel(word("projects.state")).selectOption("LOOKING");
        press(desk, word("projects.startNow"));
        says(desk, word("walk.nothingYet"));
        car = desk.url().replaceAll("(/p/[^/]+).*", "$1");
        go(desk, word("nav.bid"));
        says(desk, word("bid.lacks"));
        says(desk, word("bid.needs.COMPARABLES"));
        accessible(desk);
    }

    @Test
    @Order(2)
    void rustIsGradedOnADrawnSheet() {
        go(desk, word("nav.walk"));
        zone(desk, "Sill, left").click();
        press(desk, word("kind.RUST_THROUGH"));
        press(desk, word("walk.save"));
        says(desk, word("walk.recorded", "kind", word("kind.RUST_THROUGH"), "zone", "Sill, left"));
        button(desk, word("kind.RUST_THROUGH")).click();
        press(desk, word("estimate.grade"));
        accessible(desk);
        button(desk, word("estimate.ri.RI_5")).click();
        press(desk, word("estimate.save"));
        says(desk, word("units.wholeMillimetres"));
        measure(desk, word("estimate.length"), "mm", "620");
        measure(desk, word("estimate.width"), "mm", "140");
        press(desk, word("estimate.save"));
        says(desk, word("estimate.repair.WELD_A_PANEL"));
        says(desk, word("estimate.withinReach"));
        press(desk, word("close"));
    }

    @Test
    @Order(3)
    void nonsenseIsAskedAboutAndAVerdictNamesItsLimit() {
        access(word("ways.measure"), word("ways.readings"));
        says(desk, word("reading.none"));
        press(desk, word("reading.add"));
        desk.getByLabel(word("reading.what")).selectOption("Battery at rest");
        desk.getByLabel(word("reading.where")).selectOption("battery-tray");
        measure(desk, word("reading.value"), "V", "400");
        press(desk, word("reading.keep"));
        says(desk, "400.0 volt is not to be expected here.");
        accessible(desk);
        measure(desk, word("reading.value"), "V", "11.4");
        press(desk, word("reading.keep"));
        says(desk, word("reading.outside", "what", "Battery at rest (Battery and tray)", "count", 1));
        says(desk, "below the limit, by 0.84 V.");
        accessible(desk);
    }

    @Test
    @Order(4)
    void aFriendSeesFindingsByALinkAndSaysWhatHeSees() {
        access(word("ways.share"), word("ways.eyes"));
        press(desk, word("review.make"));
        String address = desk.locator(".font-mono").textContent();
        Page friend = browsing.phone();
        friend.navigate(address);
        says(friend, word("outside.answer", "car", "Halvern Pipit saloon", "year", 1968, "count", 1));
        accessible(friend);
        button(friend, word("findingAt", "kind", word("kind.RUST_THROUGH"), "place", "Sill, left"))
                .click();
        friend.getByLabel(word("outside.name")).fill("Bela");
        friend.getByLabel(word("outside.words")).fill("That patch is newer than the paint.");
        press(friend, word("outside.send"));
        says(friend, word("outside.sent"));
        assertThat(friend.locator("body").innerText()).doesNotContain("€", "Ada");

        desk.reload();
        says(desk, word("review.waiting", "count", 1));
        press(desk, word("review.accept"));
        says(desk, "The reason is missing.");
        desk.getByLabel(word("review.reason")).fill("He is right, looked again");
        press(desk, word("review.accept"));
        says(desk, word("review.allRead"));
        accessible(desk);
        press(desk, word("review.revoke"));
        says(desk, word("review.revoked"));
        friend.reload();
        says(friend, "This link has run out or was withdrawn.");
    }

    @Test
    @Order(5)
    void theCeilingIsLaidOpen() {
        go(desk, word("nav.bid"));
        for (String price : List.of("8600", "7800", "8100")) {
            desk.getByLabel(word("bid.comparable")).fill("Like it, " + price);
            desk.getByLabel(word("bid.price", "currency", "EUR")).fill(price);
            field(desk, word("bid.sold")).check();
            press(desk, word("bid.addComparable"));
            says(desk, "Like it, " + price);
        }
        link(desk, word("bid.toGarage")).click();
        desk.getByLabel(word("garage.hour", "currency", "EUR")).fill("60");
        press(desk, word("save"));
        says(desk, word("garage.hourSaved"));
        desk.navigate(car + "/buying");
        says(desk, like("bid.BID_UP_TO"));
        press(desk, word("bid.change"));
        desk.getByLabel(word("bid.asked", "currency", "EUR")).fill("5200");
        desk.getByLabel(word("bid.titleIs")).selectOption("REBUILT");
        desk.getByLabel(word("bid.tax")).fill("120");
        press(desk, word("bid.saveFigures"));
        says(desk, word("bid.shareWrong"));
        desk.getByLabel(word("bid.tax")).fill("0");
        accessible(desk);
        press(desk, word("bid.saveFigures"));
        says(desk, "below the asking price (€5,200.00).");
        says(desk, like("bid.titleEnds"));
        says(desk, word("bid.timesTitle", "low", "75", "high", "85"));
        says(desk, word("bid.movers"));
        accessible(desk);
    }

    /** In the seller's yard: a card, a press, and what the bid is now; what needs current is skipped at once. */
    @Test
    @Order(6)
    void aShortLookInTheYard() {
        Page phone = browsing.phoneOf(desk);
        phone.navigate(car + "/walk/short-look");
        says(phone, word("short.never"));
        accessible(phone);
        press(phone, word("short.start"));
        says(phone, like("short.left"));
        says(phone, like("short.bid"));
        accessible(phone);
        press(phone, word("short.good"));
        says(phone, "Five metres in front, then behind");
        press(phone, word("short.bad"));
        says(phone, word("short.which"));
        accessible(phone);
        press(phone, word("notNow"));
        phone.getByText(word("short.all")).click();
        button(phone, "The owner turns the key").click();
        press(phone, word("check.cantSee"));
        accessible(phone);
        phone.getByText(like("short.noCurrent")).click();
        says(phone, like("short.left"));
        phone.reload();
        says(phone, like("short.bid"));
        phone.navigate(car + "/walk/checks?place=papers&check=papers-numbers-agree");
        says(phone, "By Ada, seen in passing");
    }

    @Test
    @Order(7)
    void aboveTheCeilingItNeedsAReasonAndNothingIsLost() {
        press(desk, word("bid.buy"));
        desk.getByLabel(word("bid.paid", "currency", "EUR")).fill("5000");
        says(desk, like("bid.aboveCeiling"));
        press(desk, word("bid.makeMine"));
        says(desk, "Say what for: it is what the result will be judged by.");
        desk.getByLabel(word("bid.purpose")).selectOption("KEEP_FOR_LIFE");
        desk.getByLabel(word("bid.reason")).fill("It was my aunt’s");
        press(desk, word("bid.makeMine"));
        says(desk, word("bid.isMine"));
        desk.navigate(car + "/walk");
        says(desk, word("walk.dangerous", "zones", "Sill, left", "count", 1));
        desk.navigate(car + "/buying");
        says(desk, word("bid.boughtFor", "purpose", word("bid.purposes.KEEP_FOR_LIFE"), "reason", "It was my aunt’s"));
    }

    @Test
    @Order(8)
    void decidedFromTheKeyboardAndLookedAtAgain() {
        desk.navigate(car + "/walk/decide");
        says(desk, word("decide.left", "count", 1));
        accessible(desk);
        desk.locator("body").press("Enter");
        says(desk, word("decide.none"));
        access(word("ways.decideAll"), word("ways.again"));
        says(desk, word("again.left", "count", 1));
        press(desk, word("again.compared.WORSE"));
        says(
                desk,
                word(
                        "again.worse",
                        "what",
                        word("findingAt", "kind", word("kind.RUST_THROUGH"), "place", "Sill, left"),
                        "count",
                        1));
        accessible(desk);
        access(word("ways.look"), word("ways.boxes"));
        press(desk, word("boxes.add"));
        desk.getByLabel(word("boxes.name")).fill("Trim clips");
        desk.getByLabel(word("boxes.expected")).fill("24");
        desk.getByLabel(word("boxes.onVehicle")).fill("6");
        desk.getByLabel(word("boxes.loose")).fill("11");
        press(desk, word("boxes.save"));
        says(desk, word("boxes.short", "what", "7 × Trim clips", "count", 1));
        accessible(desk);
        access(word("ways.share"), word("ways.paper"));
        says(desk, word("paper.letters"));
        accessible(desk);
    }

    /** What is used in the garage fits its screen. */
    @Test
    @Order(9)
    void allOfItFitsAPhone() {
        Page phone = browsing.phoneOf(desk);
        for (String page : List.of(
                "/buying", "/walk/readings", "/walk/decide", "/walk/second-look", "/walk/inventory", "/walk/review")) {
            phone.navigate(car + page);
            phone.locator("h1").waitFor();
            accessible(phone);
        }
        assertThat(browsing.complaints()).isEmpty();
    }

    /** Of another group only its name stands there. */
    private void access(String group, String name) {
        Locator ways = desk.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName(word("ways.label")));
        Locator way = ways.getByRole(
                AriaRole.LINK, new Locator.GetByRoleOptions().setName(name).setExact(true));
        if (way.count() == 0)
            ways.getByRole(
                            AriaRole.LINK,
                            new Locator.GetByRoleOptions().setName(group + " …").setExact(true))
                    .click();
        way.click();
    }
}
