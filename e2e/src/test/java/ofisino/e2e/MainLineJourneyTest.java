package ofisino.e2e;

import static ofisino.e2e.Browsing.accessible;
import static ofisino.e2e.Browsing.button;
import static ofisino.e2e.Browsing.confirmEach;
import static ofisino.e2e.Browsing.field;
import static ofisino.e2e.Browsing.go;
import static ofisino.e2e.Browsing.link;
import static ofisino.e2e.Browsing.png;
import static ofisino.e2e.Browsing.press;
import static ofisino.e2e.Browsing.says;
import static ofisino.e2e.Browsing.signIn;
import static ofisino.e2e.Browsing.status;
import static ofisino.e2e.Browsing.weekday;
import static ofisino.e2e.Browsing.zone;
import static ofisino.e2e.Words.like;
import static ofisino.e2e.Words.word;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.LoadState;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The thinnest line through the whole work, by hand in a browser: from an empty garage to a verified, paid job and a closed finding. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class MainLineJourneyTest {
    @RegisterExtension
    static final StopAtTheFirstBrokenStep STOP = new StopAtTheFirstBrokenStep();

    private static PackagedServer server;
    private static Browsing browsing;
    private static Page desk;
    private static Page helper;

    @BeforeAll
    static void open() throws Exception {
        server = PackagedServer.start();
        browsing = new Browsing(server.url());
        desk = browsing.desk();
    }

    @AfterAll
    static void close() throws Exception {
        for (AutoCloseable c : new AutoCloseable[] {browsing, server}) if (c != null) c.close();
    }

    @Test
    @Order(1)
    void theFirstAccountIsMadeWithTheCode() throws Exception {
        desk.navigate("/");
        accessible(desk);
        desk.getByLabel(word("first.code")).fill("D6H-D6H");
        desk.getByLabel(word("first.displayName")).fill("Ada");
        desk.getByLabel(word("first.name")).fill("ada");
        desk.getByLabel(word("first.password")).fill("three or four words");
        desk.getByLabel(word("first.garageName")).fill("The long shed");
        desk.getByLabel(word("first.baseCurrency")).fill("EUR");
        press(desk, word("first.go"));
        says(desk, "That is not the code");
        desk.getByLabel(word("first.code")).fill(server.firstAccountCode());
        press(desk, word("first.go"));
        says(desk, word("projects.none"));
        accessible(desk);
        press(desk, word("nav.signOut"));
        signIn(desk, "ada", "wrong");
        says(desk, "Name or password is not right");
        accessible(desk);
        desk.getByLabel(word("signIn.password")).fill("three or four words");
        press(desk, word("signIn.go"));
        says(desk, word("projects.none"));
    }

    @Test
    @Order(2)
    void aCarIsStartedAndTimeIsNamed() {
        link(desk, word("nav.garage")).click();
        press(desk, word("garage.addTime"));
        press(desk, word("garage.addTime"));
        desk.getByLabel(word("garage.day", "number", 1)).selectOption(weekday(2).name());
        desk.getByLabel(word("garage.day", "number", 2)).selectOption(weekday(4).name());
        press(desk, word("garage.saveTime"));
        says(desk, word("garage.week", "hours", "6 h"));
        accessible(desk);
        link(desk, "Ofisino").click();
        press(desk, word("projects.start"));
        press(desk, word("projects.startNow"));
        says(desk, word("projects.nameMissing"));
        desk.getByLabel(word("projects.name")).fill("Halvern Pipit 1200");
        desk.getByLabel(word("projects.year")).fill("1969");
        desk.getByLabel(word("projects.budget", "currency", "EUR")).fill("4 500,00");
        desk.getByLabel(word("projects.monthly", "currency", "EUR")).fill("300");
        accessible(desk);
        press(desk, word("projects.startNow"));
        says(desk, word("walk.nothingYet"));
        accessible(desk);
    }

    /** Zone, kind, save. */
    @Test
    @Order(3)
    void aFindingTakesThreePressesAndIsOnTheDrawing() throws Exception {
        zone(desk, "Sill, left").click();
        desk.getByRole(AriaRole.DIALOG).waitFor();
        press(desk, word("kind.RUST_THROUGH"));
        says(desk, word("safety.A"));
        says(desk, word("reason.RUST_NEAR_A_MOUNTING"));
        accessible(desk);
        press(desk, word("walk.save"));
        zone(desk, word("drawing.zoneWith", "zone", "Sill, left", "count", 1, "safety", "A"))
                .waitFor();
        says(desk, word("walk.dangerous", "zones", "Sill, left", "count", 1));

        press(desk, word("walk.showAll"));
        button(desk, word("kind.RUST_THROUGH")).click();
        desk.getByRole(AriaRole.DIALOG)
                .locator("input[type=file]")
                .setInputFiles(new FilePayload("sill.png", "image/png", png()));
        says(desk, word("photo.added", "count", 1));
        desk.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.IMG, new Locator.GetByRoleOptions().setName(word("photo.of", "name", "sill.png")))
                .waitFor();
        desk.getByRole(AriaRole.DIALOG)
                .locator("input[type=file]")
                .setInputFiles(new FilePayload("song.jpg", "image/jpeg", "no picture".getBytes()));
        says(desk, "This file is neither a JPEG or PNG picture nor a PDF.");
        accessible(desk);
        aPhotoWhoseSendingFailsWaitsUntilItIsStored();
    }

    private static void aPhotoWhoseSendingFailsWaitsUntilItIsStored() {
        desk.route("**/api/attachments?*", route -> {
            if (route.request().method().equals("POST")) route.abort();
            else route.resume();
        });
        desk.getByRole(AriaRole.DIALOG)
                .locator("input[type=file]")
                .setInputFiles(new FilePayload("later.png", "image/png", png()));
        says(desk, word("photo.notStored", "count", 1));
        accessible(desk);
        browsing.complaints().removeIf(c -> c.contains("ERR_FAILED")); // which the test brought about
        desk.unroute("**/api/attachments?*");
        desk.reload(); // and nobody presses anything
        desk.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.IMG, new Locator.GetByRoleOptions().setName(word("photo.of", "name", "later.png")))
                .waitFor(new Locator.WaitForOptions()
                        .setTimeout(180_000)); // a busy server is asked again each half minute
    }

    @Test
    @Order(4)
    void aDecisionWithAReasonBringsItsChainOfJobs() {
        press(desk, word("finding.decide"));
        press(desk, word("decision.ACCEPT"));
        desk.getByLabel(word("decide.reason")).fill("it has held so far");
        press(desk, word("finding.saveDecision"));
        says(desk, "closes only by a verified job");
        press(desk, word("decision.REPAIR"));
        desk.getByLabel(word("decide.reason")).fill("structure");
        press(desk, word("finding.saveDecision"));
        says(desk, "10 jobs in a row");
        says(desk, word("caution.WELDING"));
        accessible(desk);
        press(desk, word("finding.makeChain"));
        says(desk, word("finding.chainMade", "count", 13));
        press(desk, word("close"));
        go(desk, word("nav.work"));
        says(desk, "Sill, left: cut out and weld");
        accessible(desk);
        // a job by hand, and a circle that is refused and named
        press(desk, word("work.add"));
        press(desk, word("save"));
        says(desk, word("job.titleMissing"));
        desk.getByLabel(word("job.title")).fill("Hang the door again");
        desk.getByRole(AriaRole.DIALOG)
                .locator("label:has-text('Paint, then wires and pipes back: sill, left') input")
                .check();
        press(desk, word("save"));
        says(desk, word("job.added", "title", "Hang the door again"));
        button(desk, "Wires and pipes aside").click();
        press(desk, word("job.edit"));
        desk.getByRole(AriaRole.DIALOG)
                .locator("label:has-text('Hang the door again') input")
                .check();
        press(desk, word("save"));
        says(desk, "These jobs would wait for one another for ever");
        accessible(desk);
        press(desk, word("notNow"));
        press(desk, word("close"));
    }

    @Test
    @Order(5)
    void aPartIsOrderedArrivesAndGoesToAPlaceWithACode() {
        go(desk, word("nav.parts"));
        says(desk, word("parts.toOrder", "count", 9));
        accessible(desk);
        desk.getByLabel(word("parts.choose", "part", "Cutting and flap discs")).check();
        press(desk, word("parts.orderChosen", "count", 1));
        press(desk, word("parts.newSupplier"));
        desk.getByLabel(word("parts.supplierName")).fill("Alder & Finch Spares");
        desk.getByLabel(word("parts.supplierCurrency")).fill("gbp");
        press(desk, word("parts.addSupplier"));
        says(desk, "10 × Cutting and flap discs, GBP");
        press(desk, word("parts.recordOrder"));
        says(desk, word("moneyWrong"));
        desk.getByLabel("10 × Cutting and flap discs, GBP").fill("20");
        desk.getByLabel(word("parts.post", "currency", "GBP")).fill("4.00");
        desk.getByLabel(word("parts.rate", "currency", "GBP", "base", "EUR")).fill("1,20");
        desk.getByLabel(word("parts.expectedOn"))
                .fill(LocalDate.now().plusDays(3).toString());
        says(desk, word("parts.total", "money", "£24.00 = €28.80"));
        accessible(desk);
        press(desk, word("parts.recordOrder"));
        says(desk, word("parts.isOrdered", "supplier", "Alder & Finch Spares", "count", 1));
        says(
                desk,
                word(
                        "parts.toOrder",
                        "count",
                        8)); // the row has moved under what is coming; a press on the old one is lost
        button(desk, "Cutting and flap discs").click();
        press(desk, word("parts.arrived"));
        press(desk, word("parts.accept"));
        says(desk, "Say where the part lies.");
        desk.getByLabel(word("parts.newPlace")).fill("Bag: discs");
        press(desk, word("parts.makePlace"));
        says(desk, word("parts.writeCode"));
        accessible(desk);
        press(desk, word("parts.accept"));
        says(desk, word("needState.ACCEPTED"));
        press(desk, word("close"));
    }

    @Test
    @Order(6)
    void thePlanHasDatesAndSaysWhyNotSooner() {
        go(desk, word("nav.plan"));
        says(desk, like("plan.notBefore", "aim", word("reached.ROAD_READY")));
        desk.getByText(word("plan.whyNotSooner")).first().click();
        desk.locator("details[open] li").first().waitFor();
        assertThat(desk.locator("details[open] li").first().textContent()).isNotBlank();
        accessible(desk);
    }

    @Test
    @Order(7)
    void aWorkSessionIsLoggedAndTheJobGoesOnToVerified() {
        go(desk, word("nav.workSessions"));
        accessible(desk);
        press(desk, word("workSession.add"));
        field(desk, word("workSession.firstJob"))
                .selectOption(desk.locator("option:has-text('Wires and pipes aside')")
                        .first()
                        .getAttribute("value"));
        press(desk, "+1 h");
        desk.getByLabel(word("workSession.done")).fill("Bare metal.");
        desk.getByLabel(word("workSession.noteToSelf")).fill("Brace the door before cutting.");
        // a draft survives a closed window
        desk.reload();
        assertThat(desk.getByLabel(word("workSession.done")).inputValue()).isEqualTo("Bare metal.");
        accessible(desk);
        press(desk, word("workSession.save"));
        says(desk, word("workSession.saved", "hours", "2 h"));
        accessible(desk);
        go(desk, word("nav.work"));
        Clearing.helper(desk, "bo", "three or four words");
        helper = browsing.desk();
        helper.navigate("/");
        signIn(helper, "bo", "three or four words");
        helper.getByText("Halvern Pipit 1200").first().waitFor();
        String sill = "Sill, left: cut out and weld";
        verify(word("work.shared"), "Tank empty", false);
        verify(sill, "Wires and pipes aside", true);
        Clearing.done(desk, helper, "Brace the opening", "Cut out the rust", "Make or trim", "clamp and tack");
        Clearing.done(
                desk, helper, "Hang what hangs on it", "Weld out", "Read the datum again, prime", "Seal the seams");
        verify(sill, "Paint", false);
        Clearing.done(desk, helper, "Fill with fuel", "Fill the cavities");
        go(desk, word("nav.walk"));
        button(desk, word("kind.RUST_THROUGH")).click();
        desk.getByLabel(word("finding.recheckNote")).fill("sound");
        press(desk, word("finding.good"));
        says(desk, word("finding.isClosed"));
        press(desk, word("close"));
        says(desk, word("walk.nothingDangerous"));
    }

    private void verify(String piece, String title, boolean begun) {
        desk.locator("details[aria-label='" + piece + "'] li button:has-text('" + title + "')")
                .click();
        Clearing.clear(desk);
        confirmEach(desk);
        if (!begun) press(desk, word("moveTo.BEGUN"));
        press(desk, word("moveTo.FINISHED"));
        says(desk, "another person verifies it");
        helper.navigate(desk.url());
        press(helper, word("moveTo.VERIFIED"));
        helper.getByRole(AriaRole.DIALOG).getByText(status("VERIFIED")).waitFor();
        desk.reload();
        desk.getByRole(AriaRole.DIALOG).getByText(status("VERIFIED")).waitFor();
        press(desk, word("close"));
    }

    @Test
    @Order(8)
    void theInvoiceIsSplitOverItsJobToTheCentAndPosted() {
        go(desk, word("nav.parts"));
        link(desk, word("parts.enterInvoice")).click();
        says(desk, word("money.sharesProposed"));
        field(desk, word("money.amount")).fill("24.00");
        desk.getByLabel(word("parts.rate", "currency", "GBP", "base", "EUR")).fill("1.25");
        says(desk, "= €30.00");
        desk.getByRole(AriaRole.DIALOG)
                .locator("input[type=file]")
                .setInputFiles(new FilePayload("invoice.png", "image/png", png()));
        desk.getByLabel(word("money.shareAmount", "number", "1")).fill("28.00");
        says(desk, word("money.restMissing", "money", "€0.80"));
        press(desk, word("money.spreadRest"));
        desk.getByLabel(word("money.shareAmount", "number", "1")).fill("28.80");
        press(desk, word("money.spreadRest"));
        accessible(desk);
        press(desk, word("money.saveDraft"));
        says(desk, like("money.isDraft"));
        accessible(desk);
        press(desk, word("money.invoiceFrom", "supplier", "Alder & Finch Spares"));
        desk.getByRole(AriaRole.DIALOG).getByRole(AriaRole.IMG).waitFor();
        accessible(desk);
        press(desk, word("money.post"));
        says(desk, like("money.isPosted"));
        says(desk, word("money.answerLeft", "will", "€30.00", "budget", "€4,500.00", "rest", "€4,470.00"));
        desk.waitForFunction("() => !document.querySelector('dialog[open]')"); // nobody types behind an open sheet
        desk.getByLabel(word("money.typedTotal", "currency", "EUR")).fill("31.00");
        says(desk, word("money.typedMore", "difference", "€1.00"));
    }

    @Test
    @Order(9)
    void theFrontPageSaysItInSentences() {
        go(desk, word("nav.today"));
        says(desk, like("today.notBefore"));
        says(desk, "Brace the door before cutting.");
        says(desk, "€270.00");
        accessible(desk);
    }

    @Test
    @Order(10)
    void allOfItFitsAPhoneInTheGarage() {
        Page phone = browsing.phoneOf(desk);
        phone.navigate("/");
        phone.locator("a:has-text('Halvern Pipit')").first().click();
        for (String tab : List.of("walk", "work", "parts", "workSessions", "today")) {
            go(phone, word("nav." + tab));
            phone.locator("main").waitFor();
            accessible(phone);
        }
        phone.navigate(phone.url().replaceAll("/p/([^/]+).*", "/p/$1/logbook/how-far"));
        phone.locator("main").waitFor();
        accessible(phone);
        for (String page : List.of(word("nav.plan"), word("nav.money"), word("nav.settings"), word("nav.garage"))) {
            var named = new Page.GetByRoleOptions().setName(page).setExact(true);
            phone.getByRole(AriaRole.LINK, named)
                    .locator("visible=true")
                    .first()
                    .click();
            phone.waitForLoadState(LoadState.NETWORKIDLE);
            accessible(phone);
            if (page.equals(word("nav.settings"))) press(phone, word("close"));
        }
        phone.goBack();
        go(phone, word("nav.walk"));
        press(phone, "Rear");
        zone(phone, "Tailgate").tap();
        press(phone, word("kind.SURFACE_RUST"));
        press(phone, word("walk.save"));
        says(phone, word("walk.recorded", "kind", word("kind.SURFACE_RUST"), "zone", "Tailgate"));
        accessible(phone);
    }

    @Test
    @Order(11)
    void theBrowserHadNothingToComplainAbout() {
        assertThat(browsing.complaints()).isEmpty();
    }
}
