package ofisino.e2e;

import static ofisino.e2e.Browsing.accessible;
import static ofisino.e2e.Browsing.button;
import static ofisino.e2e.Browsing.field;
import static ofisino.e2e.Browsing.go;
import static ofisino.e2e.Browsing.link;
import static ofisino.e2e.Browsing.openAGarage;
import static ofisino.e2e.Browsing.press;
import static ofisino.e2e.Browsing.says;
import static ofisino.e2e.Browsing.startACar;
import static ofisino.e2e.Browsing.tooWide;
import static ofisino.e2e.Words.word;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From a receipt that is booked in one step to the final account of a sold car: scenario 7, 1,850 + 210 + 1,396 + 118 and sold for 5,200. */
class KeepOrSellJourneyTest {
    @Test
    void bookedAddedUpWeighedAndSold() throws Exception {
        try (var browsing = new Browsing(PackagedServer.shared().url())) {
            Page desk = browsing.desk();
            openAGarage(desk);
            startACar(desk, "Quillon Tarn", "1974");
            go(desk, word("nav.money"));
            receipt(desk, "The car", "1850");
            receipt(desk, "Trailer", "210");
            receipt(desk, "Parts", "1396");
            says(desk, "€3,456.00");
            markAsWaste(desk);
            paidByTheBank(desk);
            go(desk, word("moneyWays.books"));
            says(desk, "€3,574.00");
            addedUp(desk);
            Page phone = browsing.phoneOf(desk);
            followed(desk);
            anotherWay(desk);
            weighed(desk);
            phone.navigate(desk.url());
            says(phone, word("keep.beside"));
            assertThat(tooWide(phone)).isEmpty();
            accessible(phone);
            press(desk, word("keep.sold"));
            field(desk, word("keep.soldFor", "currency", "EUR")).fill("5200");
            accessible(desk);
            press(desk, word("keep.book"));
            says(desk, word("keep.isSold"));
            says(desk, "€1,626.00");
            says(desk, word("keep.account"));
            accessible(desk);
        }
    }

    private static void receipt(Page desk, String what, String paid) {
        press(desk, word("money.add"));
        field(desk, word("money.amountPaid")).fill(paid);
        field(desk, word("money.description")).fill(what);
        press(desk, word("money.post"));
        says(desk, word("money.isPosted", "what", what));
    }

    private static void markAsWaste(Page desk) {
        press(desk, "Parts");
        desk.locator("summary", new Page.LocatorOptions().setHasText(word("waste.mark")))
                .click();
        field(desk, word("waste.amount", "currency", "EUR")).fill("61.20");
        accessible(desk);
        press(desk, word("waste.keep"));
        says(desk, word("waste.isMarked", "money", "€61.20"));
        desk.keyboard().press("Escape");
    }

    /** A list of the bank with two of the receipts, one that was forgotten and one that is nobody's business. */
    private static void paidByTheBank(Page desk) {
        go(desk, word("bank.title"));
        String day = LocalDate.now(ZoneId.of("Europe/Vienna")).toString();
        String list = "Date;Payee;Amount\n" + day + ";Seller of the car;-1850,00\n" + day + ";Trailer hire;-210,00\n"
                + day + ";Examiner;-118,00\n" + day + ";Bakery;-4,20\n";
        press(desk, word("bank.read"));
        field(desk, word("list.paste")).fill(list);
        press(desk, word("list.look"));
        says(desk, word("list.lines_other", "count", "4"));
        accessible(desk);
        press(desk, word("list.take"));
        says(desk, word("bank.taken_other", "count", "4"));
        press(desk, word("bank.takeSure_other", "count", "2"));
        says(desk, word("bank.settled_other", "count", "2"));
        press(desk, word("actOn", "act", word("bank.notForACar"), "what", "Bakery"));
        says(desk, word("bank.countElsewhere_one"));
        accessible(desk);
        press(desk, word("actOn", "act", word("bank.enter"), "what", "Examiner"));
        press(desk, word("money.post"));
        says(desk, word("bank.allSettled"));
        says(desk, word("bank.settled_other", "count", "3"));
    }

    private static void addedUp(Page desk) {
        go(desk, word("moneyWays.where"));
        says(desk, word("totals.wasted", "money", "€61.20"));
        desk.getByLabel(word("totals.by")).selectOption("YEAR");
        says(desk, Pattern.compile("^20\\d\\d$"));
        accessible(desk);
        assertThat(tooWide(desk)).isEmpty();
    }

    private static void followed(Page desk) {
        go(desk, word("growth.title"));
        says(desk, word("growth.why"));
        says(desk, word("months.title"));
        accessible(desk);
        assertThat(tooWide(desk)).isEmpty();
    }

    /** Thought of, set beside the plan, and made the plan. */
    private static void anotherWay(Page desk) {
        link(desk, word("year.see")).click();
        says(desk, word("year.money"));
        accessible(desk);
        go(desk, word("way.title"));
        press(desk, word("way.add"));
        field(desk, word("way.name")).fill("Come more often");
        field(desk, word("way.sessions")).selectOption("1");
        accessible(desk);
        press(desk, word("way.save"));
        says(desk, word("way.isAdded", "name", "Come more often"));
        press(desk, word("actOn", "act", word("way.makePlan"), "what", "Come more often"));
        says(desk, word("way.isPlan", "name", "Come more often"));
    }

    private static void weighed(Page desk) {
        go(desk, word("moneyWays.keep"));
        says(desk, word("keep.lacksNow"));
        button(desk, word("keep.enter")).click();
        String[] worth = {"1800", "2000", "2300", "4800", "5200", "5600"};
        var amounts = desk.getByRole(AriaRole.DIALOG).getByLabel(Pattern.compile("^(At least|Likely|At best), in EUR"));
        for (int i = 0; i < worth.length; i++) amounts.nth(i).fill(worth[i]);
        accessible(desk);
        press(desk, word("keep.save"));
        says(desk, word("keep.beside"));
        accessible(desk);
    }
}
