package ofisino.e2e;

import static ofisino.e2e.Browsing.accessible;
import static ofisino.e2e.Browsing.field;
import static ofisino.e2e.Browsing.go;
import static ofisino.e2e.Browsing.openAGarage;
import static ofisino.e2e.Browsing.press;
import static ofisino.e2e.Browsing.says;
import static ofisino.e2e.Browsing.startACar;
import static ofisino.e2e.Words.word;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Two sellers offer one part: both are compared with their post, and the order of the better one is filled in. */
class OffersJourneyTest {
    private static final String PUMP = "Water pump";

    @Test
    void fromTwoOffersToTheOrderOfTheBetterOne() throws Exception {
        try (var browsing = new Browsing(PackagedServer.shared().url())) {
            Page desk = browsing.desk();
            openAGarage(desk);
            startACar(desk, "Halvern Pipit 1200", "1969");
            go(desk, word("nav.parts"));
            press(desk, word("parts.add"));
            field(desk, word("parts.partTitle")).fill(PUMP);
            press(desk, word("save"));
            says(desk, word("parts.added", "part", PUMP));

            desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(PUMP))
                    .first()
                    .click();
            says(desk, word("offer.none"));
            offer(desk, "Kessel Motor Parts", "62.00", "4");
            offer(desk, "Midfield Rubber and Seals", "48.00", "21");
            says(desk, word("offer.alone", "money", "€48.00"));
            accessible(desk);

            // with its post the cheap one is the dear one
            press(desk, word("parcel.open"));
            field(desk, word("parcel.post", "currency", "EUR")).fill("19.00");
            press(desk, word("save"));
            says(desk, word("parcel.kept", "seller", "Midfield Rubber and Seals"));
            says(desk, word("offer.post", "money", "€19.00"));
            press(desk, word("close"));

            says(desk, word("basket.title"));
            says(desk, word("basket.covers", "offered", 1, "wanted", 1));
            accessible(desk);
            press(desk, word("basket.order", "seller", "Kessel Motor Parts"));
            assertThat(desk.getByLabel(word("parts.amountOf", "part", PUMP, "currency", "EUR"))
                            .inputValue())
                    .isEqualTo("62.00");
            press(desk, word("parts.recordOrder"));
            says(desk, word("parts.isOrdered", "supplier", "Kessel Motor Parts", "count", 1));
        }
    }

    private static void offer(Page desk, String seller, String price, String days) {
        press(desk, word("offer.add"));
        press(desk, word("parts.newSupplier"));
        field(desk, word("parts.supplierName")).fill(seller);
        press(desk, word("parts.addSupplier"));
        says(desk, word("parts.supplierMade", "name", seller));
        field(desk, word("offer.price", "currency", "EUR")).fill(price);
        field(desk, word("offer.leadDays")).fill(days);
        press(desk, word("save"));
        says(desk, word("offer.kept", "offer", PUMP));
        says(desk, word("supplyKind.NEW_PATTERN") + " · " + seller); // in the list above: nothing moves any more
    }
}
