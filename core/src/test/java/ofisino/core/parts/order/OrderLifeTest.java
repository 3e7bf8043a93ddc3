package ofisino.core.parts.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.parts.order.PartTask.TaskKind;
import ofisino.core.vehicle.anatomy.Anatomy;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is to be done about what was ordered. Days by hand. */
class OrderLifeTest {
    private static final LocalDate EXPECTED = LocalDate.of(2026, 3, 10);
    private static final LocalDate CAME = LocalDate.of(2026, 3, 12);

    @Test
    void whatIsOnItsWayIsChasedTheDayAfterItWasToCome() {
        assertThat(line(null, null).task(EXPECTED)).isEmpty();
        assertThat(line(null, null).task(EXPECTED.plusDays(1))).contains(task(TaskKind.CHASE, EXPECTED));
    }

    /** 14 days from 12 March are 26 March; two of them are for packing and the way to the post. */
    @Test
    void whatCameIsLookedAtWhileItMayGoBack() {
        assertThat(line(CAME, null).task(CAME)).contains(task(TaskKind.CHECK_IN, LocalDate.of(2026, 3, 24)));
        assertThat(line(CAME, null).window().orElseThrow().lastDay()).isEqualTo(LocalDate.of(2026, 3, 26));
        assertThat(new ReturnWindow(CAME, 1).checkBy()).as("not before it came").isEqualTo(CAME);
    }

    @Test
    void whatIsWrongGoesBackInTimeAndThenIsDone() {
        assertThat(line(CAME, LineOutcome.DAMAGED).task(CAME))
                .contains(task(TaskKind.SEND_BACK, LocalDate.of(2026, 3, 26)));
        var sent = new Bought(
                EXPECTED,
                Optional.of(CAME),
                OptionalInt.of(14),
                Optional.of(LineOutcome.WRONG),
                Optional.of(CAME),
                true,
                false);
        assertThat(sent.task(CAME.plusYears(1))).isEmpty();
        assertThat(line(null, LineOutcome.CANCELLED).task(EXPECTED.plusDays(9))).isEmpty();
    }

    @Test
    void whatOnlyTheVehicleShowsIsTriedOnItWhileItMayGoBack() {
        assertThat(right(true, false, OptionalInt.of(14)).task(CAME))
                .contains(task(TaskKind.TRY_ON, LocalDate.of(2026, 3, 24)));
        assertThat(right(true, true, OptionalInt.of(14)).task(CAME)).isEmpty();
        assertThat(right(false, false, OptionalInt.of(14)).task(CAME)).isEmpty();
        assertThat(right(true, false, OptionalInt.empty()).task(CAME))
                .as("nobody knows until when it may go back: all the more")
                .contains(new PartTask(TaskKind.TRY_ON, Optional.empty()));
    }

    @ParameterizedTest
    @CsvSource({
        "windscreen-glass, true",
        "windscreen-seal, true",
        "rear-silencer, true",
        "carpet, true",
        "front-wing-panel, true",
        "exhaust-gasket, false",
        "water-pump, false"
    })
    void panelsGlassSealsExhaustsAndCarpetsAreTriedOn(String component, boolean tried) {
        Anatomy anatomy = Anatomy.load();
        assertThat(TriedOn.load(anatomy.natures())
                        .concerns(anatomy.find(component).orElseThrow()))
                .isEqualTo(tried);
    }

    @Test
    void aReturnWindowIsNeitherNegativeNorForYears() {
        assertThatThrownBy(() -> new ReturnWindow(CAME, -1)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new ReturnWindow(CAME, 366)).isInstanceOf(InvalidValue.class);
    }

    /** Nothing of the price is lost or made, whatever comes first. */
    @Property
    void aPartDeliveryLosesNothing(
            @ForAll @IntRange(min = 2, max = 9999) int ordered,
            @ForAll @IntRange(min = 1, max = 9998) int some,
            @ForAll @LongRange(min = 0, max = 1_000_000_000) long price) {
        int came = 1 + some % (ordered - 1);
        PartDelivery parts = PartDelivery.of(ordered, came, price);
        assertThat(parts.came() + parts.rest()).isEqualTo(ordered);
        assertThat(parts.cameMinor() + parts.restMinor()).isEqualTo(price);
        assertThat(Math.abs(parts.cameMinor() * ordered - price * came))
                .as("not off by a whole unit")
                .isLessThan(ordered);
    }

    @Test
    void noneOrAllIsNoPart() {
        for (int came : List.of(-1, 0, 8, 9))
            assertThatThrownBy(() -> PartDelivery.of(8, came, 100)).isInstanceOf(InvalidValue.class);
        assertThat(PartDelivery.of(8, 5, 1000)).isEqualTo(new PartDelivery(5, 3, 625, 375));
    }

    /** Scenario 12: three failed deliveries, the cost of three orders, and the seller is to be avoided. */
    @Test
    void aSellerIsKnownByWhatCame() {
        SellerRecord record = SellerRecord.of(List.of(
                dealt(CAME, LineOutcome.WRONG, 4120),
                dealt(EXPECTED, LineOutcome.DAMAGED, 4120),
                dealt(CAME, LineOutcome.WRONG, 3980),
                dealt(EXPECTED, LineOutcome.RIGHT, 900),
                dealt(null, null, 700)));
        assertThat(record).isEqualTo(new SellerRecord(4, 2, 1, 3, 12_220));
        assertThat(record.isToAvoid()).isTrue();
        assertThat(new SellerRecord(9, 9, 7, 2, 100).isToAvoid()).isFalse();
    }

    /** Scenario 8: a grommet bought three times in fives at 4.20 comes to 63.00; the second time is said. */
    @Test
    void whatIsBoughtAgainIsSummed() {
        var first = new Again.Purchase(EXPECTED, Optional.of(CAME), Optional.of(LineOutcome.WRONG), 2100);
        var second = new Again.Purchase(CAME, Optional.of(CAME.plusDays(9)), Optional.of(LineOutcome.WRONG), 2100);
        var third = new Again.Purchase(CAME.plusDays(10), Optional.empty(), Optional.empty(), 2100);
        assertThat(Again.of(List.of(first), false)).isEmpty();
        assertThat(Again.of(List.of(first), true))
                .as("said before the second is ordered")
                .contains(new Again(1, 1, 2100));
        assertThat(Again.of(List.of(second, first), false)).contains(new Again(2, 2, 4200));
        Again all = Again.of(List.of(third, first, second), false).orElseThrow();
        assertThat(all).isEqualTo(new Again(3, 2, 6300));
        assertThat(all.isAsked()).isTrue();
    }

    @Test
    void twoOrdersOnTheirWayAreOnePurchaseInTwoParcels() {
        var here = new Again.Purchase(EXPECTED, Optional.of(CAME), Optional.of(LineOutcome.RIGHT), 2100);
        var meanwhile = new Again.Purchase(EXPECTED.plusDays(1), Optional.of(CAME), Optional.empty(), 2100);
        assertThat(Again.of(List.of(here, meanwhile), false)).isEmpty();
        var never = new Again.Purchase(CAME, Optional.empty(), Optional.of(LineOutcome.CANCELLED), 2100);
        assertThat(Again.of(List.of(here, never), false)).as("called off").isEmpty();
        assertThat(Again.of(List.of(meanwhile(here)), true))
                .as("still on its way")
                .isEmpty();
    }

    private static Again.Purchase meanwhile(Again.Purchase p) {
        return new Again.Purchase(p.orderedOn(), Optional.empty(), Optional.empty(), p.baseMinor());
    }

    private static Bought line(LocalDate arrived, LineOutcome outcome) {
        return new Bought(
                EXPECTED,
                Optional.ofNullable(arrived),
                OptionalInt.of(14),
                Optional.ofNullable(outcome),
                Optional.empty(),
                false,
                false);
    }

    private static Bought right(boolean isTriedOn, boolean tried, OptionalInt days) {
        return new Bought(
                EXPECTED, Optional.of(CAME), days, Optional.of(LineOutcome.RIGHT), Optional.empty(), isTriedOn, tried);
    }

    private static PartTask task(TaskKind kind, LocalDate by) {
        return new PartTask(kind, Optional.of(by));
    }

    private static SellerRecord.Dealt dealt(LocalDate arrived, LineOutcome outcome, long minor) {
        return new SellerRecord.Dealt(EXPECTED, Optional.ofNullable(arrived), Optional.ofNullable(outcome), minor);
    }
}
