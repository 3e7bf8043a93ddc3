package ofisino.server.vehicle.reading;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.Texts;
import ofisino.core.roadready.gate.Evidence;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.check.Catalogue;
import ofisino.core.vehicle.check.PlacedCheck;
import ofisino.core.vehicle.finding.Finding;
import ofisino.core.vehicle.reading.ChainStretch;
import ofisino.core.vehicle.reading.DateCode;
import ofisino.core.vehicle.reading.Limit;
import ofisino.core.vehicle.reading.Limits;
import ofisino.core.vehicle.reading.OutsideLimit;
import ofisino.core.vehicle.reading.Reading;
import ofisino.core.vehicle.reading.SecondMeasurer;
import ofisino.core.vehicle.reading.Series;
import ofisino.core.vehicle.reading.Unit;
import ofisino.core.vehicle.reading.Verdict;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.vehicle.BodyChange;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.FoundByReading;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.Readings;
import ofisino.server.vehicle.VehicleChecks;
import ofisino.server.vehicle.reading.ReadingMapper.InstrumentRow;
import ofisino.server.vehicle.reading.ReadingMapper.ReadingRow;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** What was measured, and what it means by the best figure that is known. */
@Service
record ReadingService(
        ReadingMapper mapper,
        Projects projects,
        FigureService figures,
        Garages garages,
        Limits limits,
        Findings findings,
        Catalogue catalogue,
        VehicleChecks checks,
        Clock clock)
        implements Readings {
    /** A panel of ten by ten points. */
    private static final int MOST_AT_ONCE = 100;

    private static final double DAYS_IN_A_YEAR = 365.2425;

    /**
     * All readings of one thing at one place.
     *
     * @param points all that were taken, the latest last
     * @param judged by the last reading at each spot; empty while there are too few
     * @param second whether two people read what must not be misread
     * @param finding that stands for it where it lies outside
     */
    record Measured(
            Limit limit,
            String place,
            List<Point> points,
            Optional<Series.Judged> judged,
            SecondMeasurer second,
            OutsideLimit ifOutside,
            @Nullable UUID finding) {
        boolean isOutside() {
            return judged.filter(j -> j.verdict().raises()).isPresent();
        }

        LocalDate lastReadOn() {
            return points.stream()
                    .filter(p -> p.row().wrongBecause() == null)
                    .map(p -> p.row().readOn())
                    .max(LocalDate::compareTo)
                    .orElse(LocalDate.MIN);
        }
    }

    /** @param value in the unit as it was read; the age today for a date */
    record Point(ReadingRow row, double value, boolean last) {}

    List<InstrumentRow> instruments(Caller caller) {
        return mapper.instruments(caller.garageId());
    }

    List<Measured> all(Caller caller, UUID projectId) {
        Body body = projects.bodyOf(projects.require(caller, projectId));
        List<Finding> found = findings.of(caller, projectId);
        LocalDate today = LocalDate.now(clock.withZone(garages.zone(caller)));
        Map<String, Limit> byId = figures.limits(caller, projectId);
        Map<UUID, Reading.Instrument> instruments =
                instruments(caller).stream().collect(Collectors.toMap(InstrumentRow::id, InstrumentRow::toCore));
        record At(String limitId, String place) {}
        return mapper.of(caller.garageId(), projectId).stream()
                .collect(Collectors.groupingBy(
                        r -> new At(r.limitId(), r.place()), LinkedHashMap::new, Collectors.toList()))
                .entrySet()
                .stream()
                .map(e -> measured(
                        byId.get(e.getKey().limitId()),
                        e.getKey().place(),
                        e.getValue(),
                        instruments,
                        today,
                        body,
                        found))
                .toList();
    }

    @EventListener
    void found(FoundByReading made) {
        findingsStandAsGraveAsRead(made.caller(), made.projectId());
    }

    /** A finding that stands for a reading is as grave as what was read last; a class is never lowered. */
    private void findingsStandAsGraveAsRead(Caller caller, UUID projectId) {
        for (Measured m : all(caller, projectId))
            if (m.isOutside() && m.finding() != null)
                findings.raise(caller, m.finding(), m.ifOutside().proposal().safetyClass());
    }

    @EventListener
    void placesStay(BodyChange change) {
        for (ReadingRow r : mapper.of(change.caller().garageId(), change.projectId()))
            change.keep("a reading of " + r.limitId(), r.place());
    }

    @Override
    public List<Evidence.Read> of(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        Body body = projects.bodyOf(project);
        LocalDate today = LocalDate.now(clock.withZone(garages.zone(caller)));
        List<Measured> measured = all(caller, projectId);
        record At(String limitId, String place) {}
        Set<At> read =
                measured.stream().map(m -> new At(m.limit().id(), m.place())).collect(Collectors.toSet());
        List<Evidence.Read> found = new ArrayList<>();
        for (Measured m : measured)
            found.add(read(
                    m.limit(),
                    m.place(),
                    m.ifOutside(),
                    m.judged().map(j -> j.verdict().outcome()),
                    m.finding() != null,
                    !m.second().isEnough(),
                    m.limit().isTooOld(m.lastReadOn(), today)));
        for (PlacedCheck check : checks.of(caller, project))
            for (String place : check.places())
                check.check()
                        .limit()
                        .filter(limit -> read.add(new At(limit, place)))
                        .map(limits::require)
                        .filter(Limit::needed)
                        .ifPresent(limit -> found.add(read(
                                limit,
                                place,
                                OutsideLimit.at(place, limit, body),
                                Optional.empty(),
                                false,
                                false,
                                false)));
        return found;
    }

    private static Evidence.Read read(
            Limit limit,
            String place,
            OutsideLimit at,
            Optional<Verdict.Outcome> judged,
            boolean answered,
            boolean secondWanted,
            boolean tooOld) {
        return new Evidence.Read(
                limit.id(),
                place,
                limit.name(),
                at.zone().system(),
                at.proposal().safetyClass(),
                judged,
                answered,
                secondWanted,
                tooOld,
                place.equals(Catalogue.ROAD));
    }

    private Measured measured(
            Limit limit,
            String place,
            List<ReadingRow> rows,
            Map<UUID, Reading.Instrument> instruments,
            LocalDate today,
            Body body,
            List<Finding> found) {
        List<ReadingRow> counting =
                rows.stream().filter(r -> r.wrongBecause() == null).toList();
        LocalDate readOn = counting.stream()
                .map(ReadingRow::readOn)
                .max(LocalDate::compareTo)
                .orElse(LocalDate.MIN);
        Set<String> checks = catalogue.measuring(limit.id());
        Map<String, ReadingRow> lastAt = new LinkedHashMap<>();
        for (ReadingRow row : counting) lastAt.put(row.spot(), row);
        List<Point> points = new ArrayList<>();
        for (ReadingRow row : rows) points.add(new Point(row, value(row, today), lastAt.get(row.spot()) == row));
        Map<String, Reading> last = new LinkedHashMap<>();
        for (Point p : points)
            if (p.last())
                last.put(
                        p.row().spot(),
                        new Reading(
                                p.value(),
                                p.row().unit(),
                                Optional.ofNullable(instruments.get(p.row().instrumentId()))));
        Optional<Series.Judged> judged = Series.judge(last, limit);
        OutsideLimit ifOutside = OutsideLimit.at(
                place, judged.map(j -> limit.asGraveAs(j.value())).orElse(limit), body);
        return new Measured(
                limit,
                place,
                points,
                judged,
                SecondMeasurer.of(
                        limit,
                        points.stream()
                                .filter(p -> p.row().wrongBecause() == null)
                                .map(p -> new SecondMeasurer.Taken(
                                        p.row().spot(),
                                        p.row().measurer(),
                                        p.row().unit().convert(p.value(), limit.readIn())))
                                .toList()),
                ifOutside,
                found.stream()
                        .filter(f -> ifOutside.standsFor(known(f), checks, readOn))
                        .map(Finding::id)
                        .findFirst()
                        .orElse(null));
    }

    private static OutsideLimit.Known known(Finding f) {
        return new OutsideLimit.Known(
                f.zone(),
                f.seen().checkId(),
                f.seen().limitId(),
                f.seen().foundOn(),
                f.state().isOver());
    }

    private static double value(ReadingRow row, LocalDate today) {
        return row.madeOn() == null
                ? row.value()
                : Math.round(ChronoUnit.DAYS.between(row.madeOn(), today) / DAYS_IN_A_YEAR * 100) / 100.0;
    }

    /** Keeps readings of one thing at one place; what cannot exist is asked about before it is kept. */
    void take(Caller caller, UUID projectId, String limitId, String place, List<TakenReading> taken) {
        Body body = projects.bodyOf(projects.requireOpen(caller, projectId));
        Limit limit = figures.limit(caller, projectId, limitId);
        if (!figures.placesOf(limit, body).contains(place))
            throw InvalidValue.at(
                    "place", "reading.place", "“%s” is not measured there.", "Choose one of its places.", limit.name());
        if (taken.isEmpty() || taken.size() > MOST_AT_ONCE)
            throw InvalidValue.at(
                    "readings",
                    "readings.number",
                    "%2$d readings cannot be kept at once.",
                    "Send 1 to %1$d.",
                    MOST_AT_ONCE,
                    taken.size());
        for (TakenReading t : taken) {
            if (t.chain().isPresent() && !limit.id().equals(ChainStretch.LIMIT))
                throw InvalidValue.at(
                        "chain",
                        "chain.only",
                        "Only a chain is measured by its length.",
                        "Enter what the instrument shows.");
            mapper.insert(caller.garageId(), projectId, caller.accountId(), checked(caller, limit, place, t.ofChain()));
        }
        findingsStandAsGraveAsRead(caller, projectId);
    }

    private ReadingRow checked(Caller caller, Limit limit, String place, TakenReading t) {
        String spot = t.spot() == null || t.spot().isBlank() ? "here" : t.spot().strip();
        if (spot.length() > 40)
            throw InvalidValue.at(
                    "spot", "spot.too-long", "The name of the spot is too long.", "Use at most 40 characters.");
        LocalDate made = null;
        Double value = t.value();
        if (limit.isAge()) {
            made = DateCode.madeOn(
                    t.made() == null ? "" : t.made(), LocalDate.now(clock.withZone(garages.zone(caller))));
            value = null;
        } else {
            mustMakeSense(caller, limit, t);
        }
        return new ReadingRow(
                t.id(),
                limit.id(),
                place,
                spot,
                value,
                limit.isAge() ? Unit.YEAR : t.unit(),
                made,
                t.instrumentId(),
                t.readOn(),
                Texts.note("note", t.note()),
                t.measurer() == null || t.measurer().isBlank() ? "" : Texts.line("measurer", t.measurer()),
                null);
    }

    private void mustMakeSense(Caller caller, Limit limit, TakenReading t) {
        if (t.value() == null)
            throw InvalidValue.at("value", "reading.missing", "What the instrument shows is missing.", "Enter it.");
        double value = new Reading(t.value(), t.unit(), Optional.empty()).unit().convert(t.value(), limit.readIn());
        if (t.instrumentId() != null) {
            Reading.Instrument instrument = instruments(caller).stream()
                    .filter(i -> i.id().equals(t.instrumentId()))
                    .findFirst()
                    .orElseThrow(() -> new NotFound("instrument", t.instrumentId()))
                    .toCore();
            double shown = t.unit().convert(t.value(), instrument.unit());
            if (!t.sure() && (shown < instrument.from() || shown > instrument.to()))
                throw askAgain(
                        "The “%s” cannot show %s %s.",
                        "Read it again, or choose what it was measured with.",
                        instrument.name(),
                        t.value(),
                        t.unit().words());
        }
        if (!t.sure() && !limit.canBeRead(value))
            throw askAgain(
                    "%s %s is not to be expected here.",
                    "Read it again; check the unit and how it was connected. If it is really so, keep it: it will not be judged.",
                    t.value(),
                    t.unit().words());
    }

    private static InvalidValue askAgain(String wrong, String wayOut, Object... values) {
        return InvalidValue.at("value", "reading.ask-again", wrong, wayOut, values);
    }

    InstrumentRow addInstrument(Caller caller, InstrumentRow row) {
        InstrumentRow checked = new InstrumentRow(
                row.id(), Texts.line("name", row.name()), row.unit(), row.readsFrom(), row.readsTo(), row.resolution());
        checked.toCore();
        mapper.insertInstrument(caller.garageId(), checked);
        return checked;
    }

    /** A reading that was taken wrongly counts no more; it stays to be read, with the reason. */
    void correct(Caller caller, UUID projectId, UUID id, String because) {
        projects.requireOpen(caller, projectId);
        boolean there = mapper.of(caller.garageId(), projectId).stream().anyMatch(r -> r.id().equals(id));
        if (!there) throw new NotFound("reading", id);
        if (mapper.markWrong(caller.garageId(), id, Texts.line("because", because)) == 0)
            throw Conflict.of("reading.corrected", "This reading counts no more already.", "Reload the page.");
        findingsStandAsGraveAsRead(caller, projectId);
    }
}
