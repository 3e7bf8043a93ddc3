package ofisino.e2e;

import static ofisino.e2e.Browsing.accessible;
import static ofisino.e2e.Browsing.field;
import static ofisino.e2e.Browsing.go;
import static ofisino.e2e.Browsing.openAGarage;
import static ofisino.e2e.Browsing.press;
import static ofisino.e2e.Browsing.says;
import static ofisino.e2e.Browsing.startACar;
import static ofisino.e2e.Browsing.tooWide;
import static ofisino.e2e.Words.word;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What becomes of parts: one comes wrong and goes back, one comes off a donor and lies on the shelf until a job needs it. */
class PartsLifeJourneyTest {
    private static final String VALVE = "Heater valve";
    private static final String LENS = "Rear lamp lens";
    private static final String DONOR = "The barn saloon";

    @Test
    void fromAWrongDeliveryToThePost() throws Exception {
        try (var browsing = new Browsing(PackagedServer.shared().url())) {
            Page desk = aCar(browsing);
            need(desk, VALVE);
            open(desk, VALVE);
            press(desk, word("parts.order"));
            press(desk, word("parts.newSupplier"));
            field(desk, word("parts.supplierName")).fill("Kessel Motor Parts");
            press(desk, word("parts.addSupplier"));
            says(desk, word("parts.supplierMade", "name", "Kessel Motor Parts"));
            desk.getByLabel(word("parts.amountOf", "part", VALVE, "currency", "EUR"))
                    .fill("24.50");
            field(desk, word("seller.returns")).fill("14");
            press(desk, word("parts.recordOrder"));
            says(desk, word("parts.isOrdered", "supplier", "Kessel Motor Parts", "count", 1));

            open(desk, VALVE);
            press(desk, word("parts.arrived"));
            says(desk, word("parts.hasArrived", "part", VALVE));
            field(desk, word("parts.remark")).fill("16 mm spigots, ours are 19 mm");
            press(desk, word("parts.sendBack"));
            says(desk, word("parts.isReturned"));
            accessible(desk);
            desk.getByLabel(word("delivery.slip")).fill("RR 12");
            press(desk, word("delivery.posted"));
            says(desk, word("delivery.isSentBack"));
            says(desk, Pattern.compile("Sent back .*\\(RR 12\\)"));
            press(desk, word("close"));
            says(desk, Pattern.compile("Bought once, for €24.50"));
        }
    }

    @Test
    void offADonorOntoTheShelfAndIntoAJob() throws Exception {
        try (var browsing = new Browsing(PackagedServer.shared().url())) {
            Page desk = aCar(browsing);
            need(desk, LENS);
            subNav(desk, word("parts.ways.donors"));
            says(desk, LENS);
            press(desk, word("donor.add"));
            field(desk, word("donor.name")).fill(DONOR);
            field(desk, word("donor.cost", "currency", "EUR")).fill("650");
            press(desk, word("save"));
            says(desk, word("donor.saved", "name", DONOR));
            desk.getByText(word("donor.addPiece")).first().click();
            field(desk, word("donor.piece")).fill(LENS);
            field(desk, word("donor.verdict")).selectOption(word("verdict.FILLS_GAP"));
            field(desk, word("donor.condition")).selectOption(word("condition.GOOD"));
            press(desk, word("donor.addPiece"));
            says(desk, word("donor.pieceAdded", "title", LENS));
            says(desk, Pattern.compile("bears €650.00"));
            accessible(desk);
            assertThat(tooWide(desk)).isEmpty();

            subNav(desk, word("parts.ways.shelf"));
            says(desk, DONOR);
            accessible(desk);
            subNav(desk, word("parts.ways.needed"));
            open(desk, LENS);
            press(desk, word("shelf.take"));
            says(desk, word("shelf.taken"));
            press(desk, word("close"));
            subNav(desk, word("parts.ways.donors"));
            says(desk, Pattern.compile("gone · bears €650.00"));
            says(desk, word("donor.harvestNone"));
        }
    }

    private static Page aCar(Browsing browsing) throws Exception {
        Page desk = browsing.desk();
        openAGarage(desk);
        startACar(desk, "Halvern Pipit 1200", "1969");
        go(desk, word("nav.parts"));
        return desk;
    }

    private static void subNav(Page desk, String way) {
        desk.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName(word("parts.ways.label")))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(way))
                .click();
    }

    private static void need(Page desk, String part) {
        press(desk, word("parts.add"));
        field(desk, word("parts.partTitle")).fill(part);
        press(desk, word("save"));
        says(desk, word("parts.added", "part", part));
    }

    private static void open(Page desk, String part) {
        desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + part)))
                .first()
                .click();
    }
}
