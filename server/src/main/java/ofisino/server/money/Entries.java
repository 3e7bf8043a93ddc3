package ofisino.server.money;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.money.budget.OrderBalance;
import ofisino.core.money.ledger.EntryKind;
import ofisino.core.money.ledger.Split;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Orders;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/** The door to what is posted. */
public interface Entries {
    /** Drafts what was paid for a vehicle, in the base currency. Its owner looks at it and posts it. */
    void draftForVehicle(
            Caller caller, UUID projectId, UUID entryId, EntryKind kind, long minor, LocalDate on, String description);

    /** Drafts what was paid over the counter, in the base currency, to the jobs that take of it. @param shares which sum to what was paid */
    void draftPurchase(
            Caller caller, UUID projectId, UUID entryId, String description, LocalDate on, List<Split> shares);

    /** Books what a vehicle was sold for, in the base currency. */
    void bookSale(Caller caller, UUID projectId, UUID entryId, long minor, LocalDate on, String description);

    /** Books a draft as it is. @param version of it, as it was read */
    void book(Caller caller, UUID entryId, long version);

    Drafts drafts(Caller caller, UUID projectId);

    /** What is not booked yet. @param baseMinor less than nothing where more came in */
    record Drafts(int count, long baseMinor) {}

    List<Posted> posted(Caller caller, UUID projectId);

    /** What of an order is open, by what is posted for it; a deposit on it is no payment. */
    static OrderBalance balanceOf(Orders.Order order, List<Posted> posted) {
        CurrencyUnit currency = CurrencyUnit.of(order.terms().currency());
        long paid = posted.stream()
                .filter(e -> order.id().equals(e.orderId()) && !e.kind().isDeposit())
                .mapToLong(e -> e.amount().getAmountMinorLong())
                .reduce(0, Math::addExact);
        return new OrderBalance(
                Money.ofMinor(currency, order.totalMinor()),
                Money.ofMinor(currency, order.returnedMinor()),
                Money.ofMinor(currency, order.lostMinor()),
                Money.ofMinor(currency, paid));
    }

    /** @param returnBy of a deposit @param reversed it was taken back, or takes another back @param amount in its currency; negative for money that came in and for reversals @param base the same in the base currency */
    record Posted(
            UUID id,
            EntryKind kind,
            String description,
            LocalDate paidOn,
            @Nullable LocalDate returnBy,
            boolean reversed,
            @Nullable UUID supplierId,
            @Nullable UUID orderId,
            Money amount,
            Money base,
            List<Split> splits) {
        public Posted {
            splits = List.copyOf(splits);
        }
    }
}
