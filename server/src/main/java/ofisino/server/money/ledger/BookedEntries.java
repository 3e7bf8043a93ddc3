package ofisino.server.money.ledger;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.money.ledger.Split;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.Entries.Posted;
import ofisino.server.money.ledger.EntryMapper.BookedMark;
import ofisino.server.money.ledger.EntryMapper.EntryRow;
import ofisino.server.money.ledger.EntryMapper.SplitRow;
import ofisino.server.money.ledger.EntryMapper.State;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.springframework.stereotype.Component;

/**
 * What is booked of a car. What is booked never changes and never goes, so it is known by which entries there are: a car of ten thousand is
 * read once and not at each of the many sums of a page.
 */
@Component
class BookedEntries {
    private static final long MOST_SHARES = 60_000;

    private final EntryMapper mapper;
    private final Garages garages;
    private final Cache<Asked, List<Posted>> known = Caffeine.newBuilder()
            .maximumWeight(MOST_SHARES)
            .weigher((Asked asked, List<Posted> all) ->
                    1 + all.stream().mapToInt(e -> e.splits().size()).sum())
            .executor(Runnable::run)
            .build();

    BookedEntries(EntryMapper mapper, Garages garages) {
        this.mapper = mapper;
        this.garages = garages;
    }

    private record Asked(UUID garageId, UUID projectId, BookedMark mark) {}

    List<Posted> of(Caller caller, UUID projectId) {
        BookedMark mark = mapper.bookedMark(caller.garageId(), projectId);
        return known.get(new Asked(caller.garageId(), projectId, mark), asked -> read(caller, projectId));
    }

    private List<Posted> read(Caller caller, UUID projectId) {
        CurrencyUnit base = garages.baseCurrency(caller);
        Map<UUID, List<Split>> splits = mapper.splits(caller.garageId(), projectId).stream()
                .collect(Collectors.groupingBy(
                        SplitRow::entryId, Collectors.mapping(SplitRow::value, Collectors.toList())));
        List<EntryRow> all = mapper.of(caller.garageId(), projectId).stream()
                .filter(e -> e.state() == State.POSTED)
                .toList();
        // a reversal that is still a draft may yet be none
        Set<UUID> reversed =
                all.stream().map(EntryRow::reversesId).filter(Objects::nonNull).collect(Collectors.toSet());
        return all.stream()
                .map(e -> posted(
                        e,
                        base,
                        e.reversesId() != null || reversed.contains(e.id()),
                        splits.getOrDefault(e.id(), List.of())))
                .toList();
    }

    private static Posted posted(EntryRow e, CurrencyUnit base, boolean reversed, List<Split> splits) {
        return new Posted(
                e.id(),
                e.kind(),
                e.description(),
                e.paidOn(),
                e.returnBy(),
                reversed,
                e.supplierId(),
                e.orderId(),
                Money.ofMinor(CurrencyUnit.of(e.currency()), e.amountMinor()),
                Money.ofMinor(base, e.baseMinor()),
                splits);
    }
}
