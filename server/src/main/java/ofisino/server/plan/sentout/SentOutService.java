package ofisino.server.plan.sentout;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.core.plan.sentout.DaysAway;
import ofisino.core.plan.sentout.Offer;
import ofisino.core.plan.sentout.SentOut;
import ofisino.core.plan.sentout.SentOut.State;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.LeaveAsked;
import ofisino.server.plan.SentOutWork;
import ofisino.server.plan.SentOutWork.ToSend;
import ofisino.server.plan.sentout.SentOutMapper.OfferRow;
import ofisino.server.plan.sentout.SentOutMapper.RatesRow;
import ofisino.server.plan.sentout.SentOutMapper.SentOutRow;
import ofisino.server.vehicle.Projects;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Pieces that go out to somebody: what stands in the way, who does it for how much, what came back. */
@Service
record SentOutService(SentOutMapper mapper, Jobs jobs, Projects projects, Garages garages, Clock clock)
        implements SentOutWork {
    /** @param blockedBy the job that has to be done first, while it is not */
    record Standing(SentOutRow row, boolean late, int missing, Optional<String> blockedBy, List<Compared> offers) {}

    record Compared(OfferRow offer, long totalMinor, long atMostMinor) {}

    List<Standing> of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        List<OfferRow> offers = mapper.offers(caller.garageId(), projectId);
        Offer.Rates rates = rates(caller);
        return mapper.of(caller.garageId(), projectId).stream()
                .map(s -> standing(
                        caller,
                        s,
                        offers.stream()
                                .filter(o -> o.sentOutId().equals(s.id()))
                                .toList(),
                        rates))
                .toList();
    }

    private Standing standing(Caller caller, SentOutRow s, List<OfferRow> offers, Offer.Rates rates) {
        SentOut core = core(s);
        List<Offer> asCore = offers.stream().map(OfferRow::terms).toList();
        return new Standing(
                s,
                core.isLate(today(caller)),
                core.missing(),
                blockedBy(caller, s),
                Offer.compare(asCore, rates).stream()
                        .map(c -> new Compared(offers.get(asCore.indexOf(c.offer())), c.totalMinor(), c.atMostMinor()))
                        .toList());
    }

    private Optional<String> blockedBy(Caller caller, SentOutRow s) {
        return Optional.ofNullable(s.what().beforeJob())
                .map(id -> jobs.require(caller, id))
                .filter(j -> s.state() == State.TO_SEND && !j.state().isOver())
                .map(Jobs.Job::title);
    }

    private static SentOut core(SentOutRow s) {
        return new SentOut(
                s.what().pieces(), s.state(), Optional.ofNullable(s.expectedOn()), Optional.ofNullable(s.piecesBack()));
    }

    void add(Caller caller, UUID projectId, UUID id, ToSend said) {
        projects.requireOpen(caller, projectId);
        var what = new ToSend(
                Texts.line("title", said.title()),
                said.pieces(),
                said.awayDays(),
                said.carGoes(),
                said.aim(),
                said.beforeJob(),
                said.afterJob(),
                said.mask().stream().map(m -> Texts.line("mask", m)).toList(),
                said.openOn());
        var row = new SentOutRow(id, projectId, "", State.TO_SEND, null, null, null, null, "", 0, what);
        core(row);
        new DaysAway(what.awayDays());
        for (UUID job : new UUID[] {what.beforeJob(), what.afterJob()}) if (job != null) jobs.require(caller, job);
        if (what.beforeJob() != null && what.afterJob() != null) jobs.link(caller, what.beforeJob(), what.afterJob());
        mapper.insert(caller.garageId(), row);
    }

    void offer(Caller caller, UUID projectId, OfferRow o) {
        SentOutRow s = find(caller, o.sentOutId());
        projects.requireOpen(caller, projectId);
        if (!s.projectId().equals(projectId))
            throw Conflict.of(
                    "sent-out.other", "That belongs to another project.", "Choose something of this project.");
        Currencies.minor("priceMinor", garages.baseCurrency(caller), o.terms().priceMinor());
        mapper.insertOffer(caller.garageId(), o);
    }

    /** It goes out today, to somebody, back on a day that he names. */
    void send(Caller caller, UUID id, String carrier, LocalDate expectedOn, long version) {
        SentOutRow s = openOf(caller, id);
        blockedBy(caller, s).ifPresent(job -> {
            throw Conflict.of(
                    "sent-out.blocked", "“%s” has to be finished before it can go.", "Finish it, then send.", job);
        });
        if (s.state() == State.AWAY || s.state() == State.BACK)
            throw Conflict.of("sent-out.gone", "It has gone out already.", "Load the page again.");
        LocalDate today = today(caller);
        if (expectedOn == null || expectedOn.isBefore(today))
            throw InvalidValue.at(
                    "expectedOn",
                    "sent-out.expected",
                    "The day is missing or past.",
                    "Say on which day it is expected back, today or later.");
        save(caller, s, Texts.line("carrier", carrier), State.AWAY, today, expectedOn, null, null, s.note(), version);
    }

    /** Counted when it comes back, and again when what was missing follows. What is missing is said. */
    void back(Caller caller, UUID id, int piecesBack, String note, long version) {
        SentOutRow s = openOf(caller, id);
        boolean follows = s.state() == State.BACK && missing(s) > 0;
        if (s.state() != State.AWAY && !follows)
            throw Conflict.of("sent-out.not-away", "It is not away.", "Load the page again.");
        var counted = new SentOut(s.what().pieces(), State.BACK, Optional.empty(), Optional.of(piecesBack));
        String said = Texts.note("note", note);
        if (counted.missing() > 0 && said.isEmpty())
            throw InvalidValue.at(
                    "note",
                    "sent-out.missing",
                    "%d of %d are missing.",
                    "Say where they are or what was agreed.",
                    counted.missing(),
                    s.what().pieces());
        save(caller, s, s.carrier(), State.BACK, s.sentOn(), s.expectedOn(), today(caller), piecesBack, said, version);
    }

    /** He gave up: it is to be sent again, to the next. */
    void refused(Caller caller, UUID id, String reason, long version) {
        SentOutRow s = openOf(caller, id);
        if (s.state() != State.AWAY) throw Conflict.of("sent-out.not-away", "It is not away.", "Load the page again.");
        String why = Texts.line("reason", reason);
        save(
                caller,
                s,
                "",
                State.REFUSED,
                null,
                null,
                null,
                null,
                (s.note() + "\n" + s.carrier() + ": " + why).strip(),
                version);
    }

    private void save(
            Caller caller,
            SentOutRow s,
            String carrier,
            State state,
            LocalDate sent,
            LocalDate expected,
            LocalDate back,
            Integer piecesBack,
            String note,
            long version) {
        var changed = new SentOutRow(
                s.id(), s.projectId(), carrier, state, sent, expected, back, piecesBack, note, version, s.what());
        Stored.notStale(mapper.update(caller.garageId(), changed), "send-out", () -> find(caller, s.id()));
    }

    /** What waits for it does not begin while it is away or still to go. */
    @EventListener
    void leaveAsked(LeaveAsked asked) {
        for (SentOutRow s : mapper.of(asked.caller().garageId(), asked.job().projectId())) {
            if (!asked.job().id().equals(s.what().afterJob())) continue;
            if (s.state() != State.BACK)
                asked.facts().pieceAway(s.id().toString(), s.what().title());
            else if (missing(s) > 0)
                asked.facts()
                        .pieceAway(
                                s.id().toString(),
                                "%d of %d, %s"
                                        .formatted(
                                                missing(s),
                                                s.what().pieces(),
                                                s.what().title()));
        }
    }

    private static int missing(SentOutRow s) {
        return s.piecesBack() == null ? 0 : s.what().pieces() - s.piecesBack();
    }

    Offer.Rates rates(Caller caller) {
        return mapper.rates(caller.garageId())
                .map(r -> new Offer.Rates(r.thousandKmMinor(), r.hourMinor()))
                .orElse(new Offer.Rates(0, 0));
    }

    @Override
    public long hourMinor(Caller caller) {
        return rates(caller).hourMinor();
    }

    void putRates(Caller caller, int thousandKmMinor, int hourMinor) {
        new Offer.Rates(thousandKmMinor, hourMinor);
        mapper.putRates(caller.garageId(), new RatesRow(thousandKmMinor, hourMinor));
    }

    @Override
    public List<Open> open(Caller caller, UUID projectId) {
        LocalDate today = today(caller);
        return mapper.of(caller.garageId(), projectId).stream()
                .filter(s -> s.state() != State.BACK)
                .map(s -> new Open(s.id(), core(s).reckonedBackOn(today).orElse(null), s.what()))
                .toList();
    }

    private SentOutRow openOf(Caller caller, UUID id) {
        SentOutRow s = find(caller, id);
        projects.requireOpen(caller, s.projectId());
        return s;
    }

    private SentOutRow find(Caller caller, UUID id) {
        return Stored.require(mapper.find(caller.garageId(), id), "send-out", id);
    }

    private LocalDate today(Caller caller) {
        return LocalDate.now(clock.withZone(garages.zone(caller)));
    }
}
