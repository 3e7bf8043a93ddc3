package ofisino.core.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.Size;
import ofisino.core.Seeds;
import ofisino.core.kernel.Apportion;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.ExchangeRate;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.money.budget.Deposit;
import ofisino.core.money.budget.Month;
import ofisino.core.money.budget.OrderBalance;
import ofisino.core.money.budget.Position;
import ofisino.core.money.budget.Reconcile;
import ofisino.core.money.ledger.Destination;
import ofisino.core.money.ledger.Split;
import ofisino.core.money.ledger.Splits;
import ofisino.core.money.ledger.Splits.OrderedLine;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.Test;

class MoneyTest {
    private static final UUID JOB = new UUID(0, 1);
    private static final UUID OTHER = new UUID(0, 2);

    /** The pick-up of the acceptance scenarios: target 4,200; purchase and five receipts; over by 234.35, 5.6 %. */
    @Test
    void anOverrunIsShownAndNotHidden() {
        long spent = 315_000 + 41_260 + 31_875 + 26_490 + 18_710 + 10_100;
        var position = new Position(420_000, spent, 0, 0, 0);
        assertThat(spent).isEqualTo(443_435);
        assertThat(position.left()).isEqualTo(-23_435);
        assertThat(position.overBasisPoints()).isEqualTo(558);
        assertThat(new Position(420_000, 420_000, 0, 0, 0).overBasisPoints()).isZero();
        assertThat(new Position(0, 1, 0, 0, 0).overBasisPoints()).isZero();
    }

    @Test
    void whatItWillHaveCostCountsWhatIsNotPaidAndNotOrdered() {
        var position = new Position(1_000_00, 400_00, 120_50, 80_25, 0);
        assertThat(position.willHaveCost()).isEqualTo(600_75);
        assertThat(position.left()).isEqualTo(399_25);
        assertThat(new Month(250_00, 37_20, 0).left()).isEqualTo(212_80);
    }

    /** The 2+2 of the acceptance scenarios: 12,480.15 + 1,206.75 + 388.40 + 64.20 = 14,139.50. */
    @Test
    void aTypedTotalIsOnlyACheck() {
        var lines = List.of(
                line("before", 1_248_015), line("mechanical", 120_675), line("glass", 38_840), line("post", 6_420));
        assertThat(Reconcile.check(lines, 1_413_950)).isEqualTo(new Reconcile.Outcome(1_413_950, 0, List.of()));
        assertThat(Reconcile.check(lines, 1_407_530)).satisfies(r -> {
            assertThat(r.difference()).isEqualTo(-6_420);
            assertThat(r.suspects()).extracting(Reconcile.Item::name).containsExactly("post");
        });
        assertThat(Reconcile.check(lines, 1_413_949).suspects()).isEmpty();
    }

    @Test
    void sharesSumToTheEntry() {
        var job = new Split(Destination.JOB, Optional.of(JOB), 600);
        var stock = new Split(Destination.STOCK, Optional.empty(), 399);
        assertThatThrownBy(() -> new Splits(1000, List.of(job, stock)))
                .hasMessageContaining("come to less than the entry");
        assertThatThrownBy(() -> new Splits(0, List.of())).hasMessageContaining("at least one share");
        assertThatThrownBy(() -> new Split(Destination.JOB, Optional.empty(), 1))
                .isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new Split(Destination.TOOLS, Optional.of(JOB), 1))
                .isInstanceOf(InvalidValue.class);
        assertThat(new Splits(999, List.of(job, stock)).reversed().totalBaseMinor())
                .isEqualTo(-999);
    }

    /** By hand: lines 80.00 and 40.00, post 15.00, paid 137.50: post by value 10.00 and 5.00, and 2.50 that the rate did. */
    @Test
    void anInvoiceGoesToItsJobsWithPostAndRateDifferenceApart() {
        Splits splits = Splits.forOrder(
                List.of(new OrderedLine(Optional.of(JOB), 80_00), new OrderedLine(Optional.of(OTHER), 40_00)),
                135_00,
                137_50);
        assertThat(splits.parts())
                .containsExactly(
                        new Split(Destination.JOB, Optional.of(JOB), 90_00),
                        new Split(Destination.JOB, Optional.of(OTHER), 45_00),
                        new Split(Destination.RATE_DIFFERENCE, Optional.empty(), 2_50));
    }

    @Property(seed = Seeds.OF_THE_DAY)
    void scalingAndReversingLoseNoCent(
            @ForAll @LongRange(min = -9_999_999, max = 9_999_999) long total,
            @ForAll @Size(min = 1, max = 12) List<@LongRange(min = 1, max = 500_000) Long> shares) {
        var parts = shares.stream()
                .map(s -> new Split(Destination.GENERAL, Optional.empty(), s))
                .toList();
        var splits = new Splits(shares.stream().mapToLong(Long::longValue).sum(), parts);
        assertThat(splits.scaledTo(total).parts().stream()
                        .mapToLong(Split::baseMinor)
                        .sum())
                .isEqualTo(total);
        assertThat(splits.scaledTo(total).reversed().parts().stream()
                        .mapToLong(Split::baseMinor)
                        .sum())
                .isEqualTo(-total);
    }

    @Test
    void whatIsOrderedAndNotPaidIsCountedAtTheRateOfTheOrder() {
        var rate =
                new ExchangeRate(CurrencyUnit.GBP, CurrencyUnit.EUR, new BigDecimal("1.17"), LocalDate.of(2026, 3, 2));
        var half = new OrderBalance(
                Money.parse("GBP 100.00"), Money.parse("GBP 0.00"), Money.parse("GBP 0.00"), Money.parse("GBP 60.00"));
        assertThat(half.openInBase(rate)).isEqualTo(Money.parse("EUR 46.80"));
        assertThat(new OrderBalance(
                                Money.parse("GBP 100.00"),
                                Money.parse("GBP 0.00"),
                                Money.parse("GBP 0.00"),
                                Money.parse("GBP 100.01"))
                        .open())
                .isEqualTo(Money.parse("GBP 0.00"));
    }

    private static Reconcile.Item line(String name, long minor) {
        return new Reconcile.Item(name, minor);
    }

    /** By hand: of 100 a part for 30 went back. Unpaid, 70 are owed; paid in full, 30 come back; refunded, nothing does. */
    @Test
    void whatWasSentBackIsNotOwedAndComesBackOnce() {
        Money total = Money.parse("EUR 100.00");
        Money sentBack = Money.parse("EUR 30.00");
        Money none = Money.parse("EUR 0.00");
        var unpaid = new OrderBalance(total, sentBack, none, Money.parse("EUR 0.00"));
        assertThat(unpaid.open()).isEqualTo(Money.parse("EUR 70.00"));
        assertThat(unpaid.refundExpected()).isEqualTo(Money.parse("EUR 0.00"));
        assertThat(unpaid.isPaid()).isFalse();
        var paid = new OrderBalance(total, sentBack, none, total);
        assertThat(paid.isPaid()).isTrue();
        assertThat(paid.open()).isEqualTo(Money.parse("EUR 0.00"));
        assertThat(paid.refundExpected()).isEqualTo(sentBack);
        var refunded = new OrderBalance(total, sentBack, none, Money.parse("EUR 70.00"));
        assertThat(refunded.open().plus(refunded.refundExpected())).isEqualTo(Money.parse("EUR 0.00"));
        var givenUp = new OrderBalance(total, sentBack, sentBack, total);
        assertThat(givenUp.refundExpected()).isEqualTo(none);
        var neverPaid = new OrderBalance(total, sentBack, sentBack, none);
        assertThat(neverPaid.open())
                .as("what was never paid is no debt because nobody expects it back")
                .isEqualTo(Money.parse("EUR 70.00"));
        assertThat(new OrderBalance(total, sentBack, none, Money.parse("EUR 120.00")).refundExpected())
                .as("overpaid besides: that is no refund")
                .isEqualTo(sentBack);
    }

    /** By hand: 80 until the 10th and 50 until the 20th; 60 came back and count against the first. */
    @Test
    void aDepositIsDueBackUntilItsDay() {
        LocalDate tenth = LocalDate.of(2026, 11, 10);
        var caliper = new Deposit("Caliper", 8000, tenth);
        var starter = new Deposit("Starter", 5000, tenth.plusDays(10));
        List<Deposit> both = List.of(starter, caliper);
        assertThat(Deposit.dueBack(both, 0, tenth)).containsExactly(caliper, starter);
        assertThat(Deposit.dueBack(both, 6000, tenth)).containsExactly(new Deposit("Caliper", 2000, tenth), starter);
        assertThat(Deposit.dueBack(both, 6000, tenth.plusDays(1)))
                .as("the day after, a cost")
                .containsExactly(starter);
        assertThat(Deposit.dueBack(both, 13000, tenth)).isEmpty();
    }

    /** By hand: the largest amounts there are, over weights as large. */
    @Test
    void largeAmountsDoNotOverflow() {
        long most = Currencies.LARGEST_MINOR;
        assertThat(Apportion.byLargestRemainder(most, most, most, most))
                .containsExactly(333_333_333_334L, 333_333_333_333L, 333_333_333_333L);
        assertThatThrownBy(() -> new Split(Destination.STOCK, Optional.empty(), Long.MAX_VALUE))
                .isInstanceOf(InvalidValue.class);
        var dear = new ExchangeRate(CurrencyUnit.EUR, CurrencyUnit.USD, new BigDecimal("999999"), LocalDate.EPOCH);
        assertThatThrownBy(() -> dear.toBase(Money.ofMinor(CurrencyUnit.EUR, most)))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("too large");
    }
}
