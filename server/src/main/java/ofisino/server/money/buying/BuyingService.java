package ofisino.server.money.buying;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.Texts;
import ofisino.core.money.buying.Advice;
import ofisino.core.money.buying.BuyingCase;
import ofisino.core.money.buying.BuyingCosts;
import ofisino.core.money.buying.Ceiling;
import ofisino.core.money.buying.Comparables;
import ofisino.core.money.buying.Purpose;
import ofisino.core.money.buying.Title;
import ofisino.core.money.buying.TitleFactor;
import ofisino.core.money.forecast.Span;
import ofisino.core.money.ledger.EntryKind;
import ofisino.core.plan.risk.ThreePoint;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.BoughtFor;
import ofisino.server.money.Entries;
import ofisino.server.money.VehicleBought;
import ofisino.server.money.buying.BuyingMapper.BuyingRow;
import ofisino.server.money.buying.BuyingMapper.ComparableRow;
import ofisino.server.money.buying.BuyingMapper.Outcome;
import ofisino.server.money.buying.BuyingMapper.OutcomeRow;
import ofisino.server.vehicle.Projects;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.util.ConcurrentLruCache;

/** What to bid for a vehicle that is for sale, and how it ended. */
@Service
class BuyingService implements BoughtFor {
    private static final int REMEMBERED = 20;

    private final BuyingMapper mapper;
    private final BuyingCases cases;
    private final Projects projects;
    private final Garages garages;
    private final Entries entries;
    private final ApplicationEventPublisher events;
    private final Clock clock;
    /** Ten thousand draws of hundreds of chances take a second: the same question gets the answer that was worked out before. */
    private final ConcurrentLruCache<Question, Advice> worked =
            new ConcurrentLruCache<>(REMEMBERED, q -> Advice.on(q.c, q.asked, q.valueLow, q.valueHigh));

    BuyingService(
            BuyingMapper mapper,
            BuyingCases cases,
            Projects projects,
            Garages garages,
            Entries entries,
            ApplicationEventPublisher events,
            Clock clock) {
        this.mapper = mapper;
        this.cases = cases;
        this.projects = projects;
        this.garages = garages;
        this.entries = entries;
        this.events = events;
        this.clock = clock;
    }

    /** What must be said before a bid can be worked out. */
    enum Lacks {
        COMPARABLES,
        WORKSHOP_HOUR
    }

    /**
     * @param advice    empty while something lacks
     * @param restsOn   each finding and each unseen place that the repair in it is drawn from
     * @param breakEven what it must fetch when bought for what is asked
     * @param asDonor   the highest bid for its parts alone, where somebody reckoned them
     */
    record Weighed(
            BuyingRow inputs,
            List<UsualTitle> titles,
            List<Comparable> comparables,
            Optional<Market> market,
            Set<Lacks> lacks,
            Optional<Advice> advice,
            List<RestsOn> restsOn,
            OptionalLong breakEven,
            OptionalLong asDonor,
            Optional<OutcomeRow> outcome) {}

    /**
     * @param findingId   of a finding; else it is what an unseen place may hide
     * @param probability that it comes true, 0 to 1
     */
    record RestsOn(
            @Nullable UUID findingId,
            @Nullable String place,
            double probability,
            long optimisticMinor,
            long likelyMinor,
            long pessimisticMinor,
            boolean othersPay) {
        static List<RestsOn> all(BuyingCase c) {
            return Stream.concat(
                            c.repairs().stream()
                                    .map(r -> of(UUID.fromString(r.title()), null, 1, r.minor(), r.othersPay())),
                            c.unseen().stream()
                                    .map(h -> of(
                                            null,
                                            h.place(),
                                            h.damage().probability(),
                                            h.damage().cost(),
                                            false)))
                    .toList();
        }

        private static RestsOn of(
                @Nullable UUID finding, @Nullable String place, double chance, ThreePoint cost, boolean othersPay) {
            return new RestsOn(
                    finding,
                    place,
                    chance,
                    Math.round(cost.optimistic()),
                    Math.round(cost.likely()),
                    Math.round(cost.pessimistic()),
                    othersPay);
        }
    }

    record UsualTitle(Title title, TitleFactor usual) {
        static List<UsualTitle> all() {
            return Stream.of(Title.values())
                    .map(t -> new UsualTitle(t, t.usual()))
                    .toList();
        }
    }

    /** @param leftOut lies so far from all others that it does not count */
    record Comparable(ComparableRow row, boolean leftOut) {
        static Comparable of(ComparableRow row, Optional<Comparables> market) {
            return new Comparable(
                    row, market.filter(m -> m.leftOut().contains(row.toCore())).isPresent());
        }
    }

    /** What like vehicles fetch. */
    record Market(long median, long low, long high) {
        static Market of(Comparables c) {
            return new Market(c.median(), c.low(), c.high());
        }
    }

    Weighed weigh(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        BuyingRow inputs = inputs(caller, projectId);
        List<ComparableRow> rows = mapper.comparables(caller.garageId(), projectId);
        Optional<Comparables> market = market(rows, inputs);
        Set<Lacks> lacks = EnumSet.noneOf(Lacks.class);
        if (market.isEmpty()) lacks.add(Lacks.COMPARABLES);
        if (garages.workshopHourMinor(caller).isEmpty()) lacks.add(Lacks.WORKSHOP_HOUR);
        Optional<BuyingCase> made =
                lacks.isEmpty() ? market.map(m -> caseOf(caller, projectId, inputs, m)) : Optional.empty();
        Optional<Advice> advice = made.map(c -> advise(c, inputs, market.orElseThrow()));
        return new Weighed(
                inputs,
                UsualTitle.all(),
                rows.stream().map(r -> Comparable.of(r, market)).toList(),
                market.map(Market::of),
                lacks,
                advice,
                made.map(RestsOn::all).orElse(List.of()),
                advice.isPresent() && inputs.askedMinor() != null
                        ? OptionalLong.of(advice.get().ceiling().breakEven(inputs.askedMinor(), inputs.costs()))
                        : OptionalLong.empty(),
                inputs.donorMinor() == null
                        ? OptionalLong.empty()
                        : OptionalLong.of(Ceiling.asDonor(inputs.donorMinor(), inputs.costs(), inputs.marginMinor())),
                mapper.outcome(caller.garageId(), projectId));
    }

    private static Optional<Comparables> market(List<ComparableRow> rows, BuyingRow inputs) {
        return rows.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        Comparables.of(rows.stream().map(ComparableRow::toCore).toList(), inputs.askedLess()));
    }

    @Override
    public Optional<Span> finishedValue(Caller caller, UUID projectId) {
        BuyingRow inputs = inputs(caller, projectId);
        TitleFactor title = inputs.factor();
        return market(mapper.comparables(caller.garageId(), projectId), inputs)
                .map(m -> new Span(title.low(m.low()), title.middle(m.median()), title.high(m.high())));
    }

    @Override
    public Optional<Why> why(Caller caller, UUID projectId) {
        return mapper.outcome(caller.garageId(), projectId)
                .filter(o -> o.outcome() == Outcome.BOUGHT)
                .map(o -> new Why(o.purpose(), o.reason()));
    }

    private BuyingRow inputs(Caller caller, UUID projectId) {
        return mapper.find(caller.garageId(), projectId).orElse(BuyingRow.NOTHING_SAID);
    }

    private BuyingCase caseOf(Caller caller, UUID projectId, BuyingRow inputs, Comparables market) {
        return cases.of(
                caller,
                projectId,
                inputs,
                market.median(),
                garages.workshopHourMinor(caller).orElseThrow());
    }

    private Advice advise(BuyingCase c, BuyingRow inputs, Comparables market) {
        OptionalLong asked = inputs.askedMinor() == null ? OptionalLong.empty() : OptionalLong.of(inputs.askedMinor());
        return worked.get(new Question(c, asked, market.low(), market.high()));
    }

    private record Question(BuyingCase c, OptionalLong asked, long valueLow, long valueHigh) {}

    void say(Caller caller, UUID projectId, BuyingRow row) {
        projects.requireOpen(caller, projectId);
        row.factor();
        row.costs();
        Stream.of(
                        row.askedMinor() == null ? 0 : row.askedMinor(),
                        row.donorMinor() == null ? 0 : row.donorMinor(),
                        row.ownHourMinor(),
                        row.allowanceMinor(),
                        row.marginMinor(),
                        row.feeMinor(),
                        row.freightMinor(),
                        row.insuranceMinor(),
                        row.inlandMinor(),
                        row.registrationMinor())
                .forEach(minor -> Currencies.minor("amount", garages.baseCurrency(caller), minor));
        Texts.note("rarity", row.rarity());
        if (mapper.find(caller.garageId(), projectId).isEmpty() && row.version() == 0)
            mapper.insert(caller.garageId(), projectId, row);
        else Stored.notStale(mapper.update(caller.garageId(), projectId, row), "sum", () -> inputs(caller, projectId));
    }

    void compare(Caller caller, UUID projectId, ComparableRow row) {
        projects.requireOpen(caller, projectId);
        row.toCore();
        mapper.insertComparable(
                caller.garageId(),
                projectId,
                new ComparableRow(
                        row.id(),
                        Texts.line("title", row.title()),
                        Currencies.minor("price", garages.baseCurrency(caller), row.minor())
                                .getAmountMinorLong(),
                        row.sold(),
                        row.seenOn()));
    }

    void drop(Caller caller, UUID projectId, UUID id) {
        projects.requireOpen(caller, projectId);
        if (mapper.deleteComparable(caller.garageId(), projectId, id) == 0) throw new NotFound("comparable", id);
    }

    /** Bought: the project goes on as an active one with all that was found. */
    void buy(Caller caller, UUID projectId, long priceMinor, Purpose purpose, String reason, UUID entryId) {
        long ceiling = ceiling(caller, projectId);
        Purpose.mustBeStated(priceMinor, ceiling, purpose, reason);
        Currencies.minor("price", garages.baseCurrency(caller), priceMinor);
        projects.activate(caller, projectId);
        if (entryId != null) draft(caller, projectId, priceMinor, entryId);
        mapper.deleteOutcome(caller.garageId(), projectId);
        mapper.insertOutcome(
                caller.garageId(),
                projectId,
                new OutcomeRow(
                        Outcome.BOUGHT, priceMinor, ceiling, today(caller), purpose, Texts.note("reason", reason)));
        events.publishEvent(new VehicleBought(caller, projectId));
    }

    /** The price, and each cost of buying at that price as an entry of its own: they are paid to different people. */
    private void draft(Caller caller, UUID projectId, long priceMinor, UUID entryId) {
        String vehicle = projects.require(caller, projectId).vehicleName();
        LocalDate on = today(caller);
        if (priceMinor > 0)
            entries.draftForVehicle(caller, projectId, entryId, EntryKind.PURCHASE, priceMinor, on, vehicle);
        for (BuyingCosts.CostLine cost : inputs(caller, projectId).costs().at(priceMinor))
            entries.draftForVehicle(
                    caller,
                    projectId,
                    UUID.nameUUIDFromBytes((entryId + "." + cost.kind()).getBytes(StandardCharsets.UTF_8)),
                    kindOf(cost.kind()),
                    cost.minor(),
                    on,
                    nameOf(cost.kind()) + ": " + vehicle);
    }

    private static EntryKind kindOf(BuyingCosts.CostKind cost) {
        return switch (cost) {
            case FEE, INSURANCE, REGISTRATION -> EntryKind.FEE;
            case FREIGHT, TRANSPORT -> EntryKind.TRANSPORT;
            case DUTY -> EntryKind.DUTY;
            case IMPORT_TAX -> EntryKind.TAX;
        };
    }

    private static String nameOf(BuyingCosts.CostKind cost) {
        return switch (cost) {
            case FEE -> "Buyer’s fee";
            case FREIGHT -> "Freight";
            case INSURANCE -> "Insurance on the way";
            case DUTY -> "Duty";
            case IMPORT_TAX -> "Import tax";
            case TRANSPORT -> "Transport home";
            case REGISTRATION -> "Registration";
        };
    }

    /** Left alone: what was found stays on record, and why. */
    void leave(Caller caller, UUID projectId, String reason) {
        if (projects.requireOpen(caller, projectId).state() != Projects.State.LOOKING)
            throw Conflict.of("project.bought", "This one is yours already.", "Open it instead.");
        mapper.deleteOutcome(caller.garageId(), projectId);
        mapper.insertOutcome(
                caller.garageId(),
                projectId,
                new OutcomeRow(
                        Outcome.LEFT,
                        null,
                        ceiling(caller, projectId),
                        today(caller),
                        null,
                        Texts.line("reason", reason)));
    }

    private long ceiling(Caller caller, UUID projectId) {
        long price = weigh(caller, projectId)
                .advice()
                .orElseThrow(() -> Conflict.of(
                        "buying.no-ceiling",
                        "There is no ceiling yet.",
                        "Enter what like vehicles fetch and what a workshop hour costs."))
                .ceiling()
                .price();
        return Math.max(0, price);
    }

    private LocalDate today(Caller caller) {
        return LocalDate.now(clock.withZone(garages.zone(caller)));
    }
}
