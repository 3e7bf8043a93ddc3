package ofisino.server.parts.delivery;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.ExchangeRate;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.core.parts.order.LineOutcome;
import ofisino.core.parts.order.PartDelivery;
import ofisino.core.parts.order.TriedOn;
import ofisino.core.parts.shelf.Stock;
import ofisino.core.parts.sourcing.NeedState;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Deliveries;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
import ofisino.server.parts.Shelf;
import ofisino.server.parts.delivery.DeliveryController.AcceptanceRequest;
import ofisino.server.parts.delivery.DeliveryController.ArrivalRequest;
import ofisino.server.parts.delivery.DeliveryController.TrialRequest;
import ofisino.server.parts.delivery.DeliveryMapper.DeliveryRow;
import ofisino.server.vehicle.Anatomies;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What was ordered comes, whole or in part; it is looked at and kept, or goes back. A part and the line it was ordered on change together. */
@Service
record DeliveryService(
        DeliveryMapper mapper,
        Needs needs,
        Anatomies anatomies,
        TriedOn triedOn,
        Shelf shelf,
        Garages garages,
        Clock clock)
        implements Deliveries {
    @Override
    public List<Delivery> of(Caller caller, UUID projectId) {
        Map<UUID, Need> all =
                needs.of(caller, projectId).stream().collect(Collectors.toMap(Need::id, Function.identity()));
        Anatomy anatomy = anatomies.of(caller, projectId);
        return mapper.of(caller.garageId(), projectId).stream()
                .map(row -> new Delivery(
                        row.id(), row.needId(), row.supplier(), row.bought(isTriedOn(all.get(row.needId()), anatomy))))
                .toList();
    }

    private boolean isTriedOn(Need need, Anatomy anatomy) {
        return Optional.ofNullable(need.item())
                .flatMap(anatomy::find)
                .filter(triedOn::concerns)
                .isPresent();
    }

    Need arrive(Caller caller, UUID id, ArrivalRequest came) {
        Need n = at(caller, id, came.version());
        n.state().to(NeedState.RECEIVED, n.title());
        DeliveryRow line = ordered(caller, n);
        if (came.arrivedOn().isAfter(today(caller)))
            throw InvalidValue.at(
                    "arrivedOn", "delivery.future", "That day is still to come.", "Say on which day it came.");
        if (came.arrivedOn().isBefore(line.orderedOn()))
            throw InvalidValue.at(
                    "arrivedOn",
                    "delivery.before-order",
                    "It cannot come on %s before it was ordered on %s.",
                    "Say on which day it came.",
                    came.arrivedOn(),
                    line.orderedOn());
        if (came.pieces() != null && came.pieces() != n.quantity()) n = inPart(caller, n, line, came);
        mapper.arrived(caller.garageId(), line.id(), came.arrivedOn());
        return needs.save(
                caller,
                n.in(n.state().to(NeedState.RECEIVED, n.title()), "", n.placeId(), came.arrivedOn(), n.version()));
    }

    /** What is still to come is a part of its own, on the same order. @return what came */
    private Need inPart(Caller caller, Need n, DeliveryRow line, ArrivalRequest came) {
        PartDelivery parts = PartDelivery.of(n.quantity(), came.pieces(), line.amountMinor());
        Need rest = needs.splitOff(caller, n, UUID.randomUUID(), parts.rest());
        mapper.takeOff(caller.garageId(), line.id(), parts.rest(), parts.restMinor());
        mapper.rest(
                caller.garageId(),
                line.id(),
                rest.id(),
                parts.rest(),
                parts.restMinor(),
                came.restOn() == null ? line.expectedOn() : notPast(caller, "restOn", came.restOn()));
        return needs.open(caller, n.id());
    }

    /** The part was looked at: right, then it goes to a place; wrong, then it goes back. */
    Need accept(Caller caller, UUID id, AcceptanceRequest seen) {
        Need n = at(caller, id, seen.version());
        if (!seen.right()) return fail(caller, n, failure(seen.failed()), seen.reason());
        if (seen.placeId() == null)
            throw InvalidValue.at(
                    "placeId", "need.no-place", "Say where the part lies.", "Choose a place or make a new one.");
        n.mustBeCompared(seen.matched());
        boolean hadIt = n.state() != NeedState.RECEIVED;
        Need kept = needs.save(
                caller,
                n.in(
                        n.state().to(NeedState.ACCEPTED, n.title()),
                        Texts.note("reason", seen.reason()),
                        seen.placeId(),
                        n.arrivedOn(),
                        n.version()));
        if (hadIt) return kept;
        DeliveryRow line = ordered(caller, n);
        mapper.lookedAt(caller.garageId(), line.id(), LineOutcome.RIGHT, "", null);
        leftOver(caller, kept, line, seen.spare() == null ? line.sparePieces() : seen.spare());
        return kept;
    }

    @Override
    public Need had(Caller caller, UUID needId, long version, UUID placeId, List<String> matched, String remark) {
        Need n = at(caller, needId, version);
        if (!n.state().isOrderable())
            throw Conflict.of(
                    "need.not-to-buy",
                    "“%s” is not to be bought any more.",
                    "Look at the part: it may be on its way, or be here already.",
                    n.title());
        return accept(caller, needId, new AcceptanceRequest(true, null, null, placeId, remark, matched, version));
    }

    /** Goes onto the shelf beside it, with its share of the price. */
    private void leftOver(Caller caller, Need kept, DeliveryRow line, int spare) {
        long share = Stock.leftOverMinor(line.amountMinor(), line.pieces(), spare);
        if (spare != line.sparePieces()) mapper.spare(caller.garageId(), line.id(), spare);
        if (spare == 0) return;
        CurrencyUnit foreign = CurrencyUnit.of(line.rate().currency());
        var rate = new ExchangeRate(
                foreign,
                garages.baseCurrency(caller),
                line.rate().rate(),
                line.rate().rateOn());
        shelf.leftOver(
                caller,
                kept,
                kept.placeId(),
                spare,
                rate.toBase(Money.ofMinor(foreign, share)).getAmountMinorLong());
    }

    private static LineOutcome failure(@Nullable LineOutcome said) {
        LineOutcome failed = said == null ? LineOutcome.WRONG : said;
        if (!failed.isFailed())
            throw InvalidValue.at(
                    "failed", "delivery.failed", "What is sent back is wrong or damaged.", "Say which of the two.");
        return failed;
    }

    private Need fail(Caller caller, Need n, LineOutcome failed, @Nullable String reason) {
        String why = Texts.line("reason", reason);
        Need back = needs.save(
                caller, n.in(n.state().to(NeedState.RETURNED, n.title()), why, null, n.arrivedOn(), n.version()));
        mapper.latest(caller.garageId(), n.id())
                .ifPresent(line -> mapper.lookedAt(caller.garageId(), line.id(), failed, why, today(caller)));
        return back;
    }

    Need newDay(Caller caller, UUID id, LocalDate expectedOn, long version) {
        Need n = at(caller, id, version);
        if (n.state() != NeedState.ORDERED) throw isNotOnItsWay(n);
        mapper.expected(caller.garageId(), ordered(caller, n).id(), notPast(caller, "expectedOn", expectedOn));
        return needs.save(caller, n.in(n.state(), n.stateReason(), n.placeId(), n.arrivedOn(), version));
    }

    Need callOff(Caller caller, UUID id, String reason, long version) {
        Need n = at(caller, id, version);
        String why = Texts.line("reason", reason);
        mapper.lookedAt(caller.garageId(), ordered(caller, n).id(), LineOutcome.CANCELLED, why, today(caller));
        return needs.save(caller, n.in(n.state().to(NeedState.NEEDED, n.title()), "", null, null, version));
    }

    Need tried(Caller caller, UUID id, TrialRequest trial) {
        Need n = at(caller, id, trial.version());
        if (n.state() != NeedState.ACCEPTED)
            throw Conflict.of(
                    "delivery.trial",
                    "“%s” does not lie in the garage, looked at and kept.",
                    "Reload the page to see how it stands now.",
                    n.title());
        if (!trial.fits()) return fail(caller, n, LineOutcome.WRONG, trial.reason());
        mapper.tried(caller.garageId(), ordered(caller, n).id(), today(caller));
        return n;
    }

    void sentBack(Caller caller, UUID lineId, LocalDate sentOn, @Nullable String slip) {
        DeliveryRow line = notKept(caller, lineId);
        if (line.outcome() == LineOutcome.CANCELLED)
            throw Conflict.of(
                    "delivery.not-here",
                    "That never came, so it cannot go back.",
                    "Reload the page to see how it stands now.");
        if (line.arrivedOn() != null && sentOn.isBefore(line.arrivedOn()))
            throw InvalidValue.at(
                    "sentOn",
                    "delivery.before-arrival",
                    "It cannot go back before it came on %s.",
                    "Say on which day it was posted.",
                    line.arrivedOn());
        if (sentOn.isAfter(today(caller)))
            throw InvalidValue.at(
                    "sentOn", "delivery.future", "That day is still to come.", "Say on which day it was posted.");
        mapper.sent(caller.garageId(), line.id(), sentOn, Texts.optionalLine("slip", slip));
    }

    void refundLost(Caller caller, UUID lineId) {
        mapper.refundLost(caller.garageId(), notKept(caller, lineId).id(), today(caller));
    }

    private DeliveryRow notKept(Caller caller, UUID lineId) {
        DeliveryRow line = Stored.require(mapper.find(caller.garageId(), lineId), "order line", lineId);
        needs.open(caller, line.needId());
        if (line.outcome() == null || line.outcome() == LineOutcome.RIGHT)
            throw Conflict.of(
                    "delivery.kept",
                    "Nobody has said that it is wrong.",
                    "Look at it first and say what is wrong with it.");
        return line;
    }

    private Need at(Caller caller, UUID id, long version) {
        Need n = needs.open(caller, id);
        Stored.notStale(n.version() == version ? 1 : 0, "part", () -> n);
        return n;
    }

    private DeliveryRow ordered(Caller caller, Need n) {
        return mapper.latest(caller.garageId(), n.id()).orElseThrow(() -> isNotOnItsWay(n));
    }

    private static Conflict isNotOnItsWay(Need n) {
        return Conflict.of(
                "delivery.not-ordered",
                "“%s” is not on its way.",
                "Reload the page to see how it stands now.",
                n.title());
    }

    private LocalDate notPast(Caller caller, String field, LocalDate day) {
        LocalDate today = today(caller);
        if (day.isBefore(today) || day.isAfter(today.plusYears(2)))
            throw InvalidValue.at(
                    field,
                    "delivery.day",
                    "That day is past or too far off.",
                    "Enter a day within the next two years.");
        return day;
    }

    private LocalDate today(Caller caller) {
        return LocalDate.now(clock.withZone(garages.zone(caller)));
    }
}
