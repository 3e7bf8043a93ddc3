package ofisino.server.parts.need;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.core.kernel.Apportion;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Side;
import ofisino.core.kernel.Texts;
import ofisino.core.parts.sourcing.Grade;
import ofisino.core.parts.sourcing.MustMatch;
import ofisino.core.parts.sourcing.NeedState;
import ofisino.core.parts.sourcing.OrderDates;
import ofisino.core.parts.sourcing.Quantity;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.identity.VariantPart;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.CalledComponents;
import ofisino.server.parts.NeedWanted;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
import ofisino.server.parts.need.NeedController.NeedFields;
import ofisino.server.parts.need.NeedController.Objection;
import ofisino.server.parts.need.NeedController.ObjectionResponse;
import ofisino.server.parts.need.NeedController.VariantWarning;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.Variants;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/** Parts and consumables from "needed" to "verified". */
@Service
record NeedService(
        NeedMapper mapper,
        Projects projects,
        Variants variants,
        CalledComponents called,
        AxlePairs pairs,
        UnopenedAssemblies unopened,
        BoughtAgain boughtAgain,
        BesidesNeeds besides,
        Garages garages,
        ApplicationEventPublisher events,
        Clock clock)
        implements Needs {
    /** Said of what was left out with its job. */
    private static final String JOB_DROPPED = "Its job was dropped";

    List<Need> list(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return mapper.of(caller.garageId(), projectId);
    }

    List<VariantWarning> variantWarnings(Caller caller, UUID projectId) {
        List<VariantPart> otherwise = variants.parts(caller, projectId);
        return list(caller, projectId).stream()
                .filter(n -> n.state().isLacking())
                .flatMap(n -> otherwise.stream()
                        .filter(v -> v.concerns(n.title()))
                        .map(v -> new VariantWarning(n.id(), v.difference())))
                .toList();
    }

    List<ObjectionResponse> objections(Caller caller, UUID projectId) {
        return Stream.of(
                        pairs.alone(caller, projectId).entrySet().stream()
                                .map(e -> ObjectionResponse.oneWheel(
                                        e.getKey(), e.getValue().pieces())),
                        unopened(caller, projectId).entrySet().stream()
                                .map(e -> ObjectionResponse.unopened(e.getKey(), e.getValue())),
                        boughtAgain.of(caller, projectId).entrySet().stream()
                                .map(e -> ObjectionResponse.boughtAgain(
                                        e.getKey().id(), e.getValue(), BoughtAgain.isAsked(e.getKey(), e.getValue()))),
                        besides.coming(caller, projectId).entrySet().stream()
                                .map(e -> ObjectionResponse.told(e.getKey(), Objection.COMING, e.getValue())),
                        besides.companions(caller, projectId).entrySet().stream()
                                .map(e ->
                                        ObjectionResponse.told(e.getKey(), Objection.WITHOUT_COMPANION, e.getValue())))
                .flatMap(s -> s)
                .toList();
    }

    @Override
    public Map<UUID, UUID> unopened(Caller caller, UUID projectId) {
        return unopened.of(caller, projectId);
    }

    Need find(Caller caller, UUID id) {
        return Stored.require(mapper.find(caller.garageId(), id), "part", id);
    }

    Need add(Caller caller, UUID projectId, UUID id, NeedFields fields) {
        projects.requireOpen(caller, projectId);
        mapper.insert(caller.garageId(), checked(caller, Need.fresh(id, projectId), fields, 0));
        return find(caller, id);
    }

    Need change(Caller caller, UUID id, NeedFields fields, long version) {
        Need n = open(caller, id);
        Need changed = save(caller, checked(caller, n, fields, version));
        mapper.keepWanted(caller.garageId(), n.splitFrom() == null ? id : n.splitFrom());
        return changed;
    }

    @Override
    public Need splitOff(Caller caller, Need from, UUID newId, int pieces) {
        long estimate = Apportion.byLargestRemainder(from.estimateMinor(), pieces, from.quantity() - pieces)[0];
        mapper.splitOff(caller.garageId(), from.id(), newId, pieces, estimate);
        Stored.notStale(
                mapper.takeOff(caller.garageId(), from.id(), pieces, estimate, from.version()),
                "part",
                () -> find(caller, from.id()));
        return find(caller, newId);
    }

    /** @param stored as it is; of a new one only its ids */
    private Need checked(Caller caller, Need stored, NeedFields f, long version) {
        if (f.estimateMinor() < 0)
            throw InvalidValue.at(
                    "estimateMinor",
                    "need.estimate",
                    "The expected price cannot be negative.",
                    "Enter 0 if you do not know it yet.");
        if (f.jobId() != null && !f.jobId().equals(stored.jobId()))
            events.publishEvent(new NeedWanted(caller, f.jobId()));
        long estimate = caller.seesMoney()
                ? Currencies.minor("estimateMinor", garages.baseCurrency(caller), f.estimateMinor())
                        .getAmountMinorLong()
                : stored.estimateMinor(); // who does not see amounts does not change them either
        Optional<Grade.Chosen> grade = Optional.ofNullable(f.grade())
                .map(g -> Grade.Chosen.of(
                        g, projects.require(caller, stored.projectId()).aim(), f.gradeReason()));
        return new Need(
                stored.id(),
                stored.projectId(),
                f.jobId(),
                stored.item() == null
                        ? called.of(caller, stored.projectId(), f.title())
                                .map(Component::id)
                                .orElse(null)
                        : stored.item(),
                Texts.line("title", f.title()),
                f.side() == null ? Side.NONE : f.side(),
                new Quantity(f.quantity()).pieces(),
                stored.unit(),
                estimate,
                OrderDates.withUsualCheck(f.leadDays()).leadDays(),
                !Boolean.FALSE.equals(f.essential()),
                stored.state(),
                stored.stateReason(),
                stored.answerBy(),
                stored.placeId(),
                null,
                null,
                stored.arrivedOn(),
                null,
                null,
                null,
                grade.map(Grade.Chosen::grade).orElse(null),
                grade.map(Grade.Chosen::reason).orElse(""),
                MustMatch.of(Texts.note("mustMatch", f.mustMatch())).lines(),
                stored.splitFrom(),
                version,
                Needs.Waivers.said(f.pairWaiver(), f.holdWaiver(), f.againWaiver()));
    }

    Need hold(Caller caller, UUID id, String reason, @Nullable LocalDate answerBy, long version) {
        Need n = open(caller, id);
        LocalDate today = LocalDate.now(clock.withZone(garages.zone(caller)));
        if (answerBy != null && (answerBy.isBefore(today) || answerBy.isAfter(today.plusYears(2))))
            throw InvalidValue.at(
                    "answerBy",
                    "need.answer-by",
                    "That day is past or too far off.",
                    "Say one within two years, or leave it empty while nobody knows.");
        return save(caller, n.held(Texts.line("reason", reason), answerBy, version));
    }

    Need leaveOut(Caller caller, UUID id, String reason, long version) {
        Need n = open(caller, id);
        mustBeDecided(caller, n);
        return save(caller, n.leftOut(Texts.line("reason", reason), version));
    }

    Need release(Caller caller, UUID id, long version) {
        Need n = open(caller, id);
        mustBeDecided(caller, n);
        return save(caller, n.in(n.state().to(NeedState.NEEDED, n.title()), "", n.placeId(), n.arrivedOn(), version));
    }

    private void mustBeDecided(Caller caller, Need n) {
        mapper.undecided(caller.garageId(), n.id()).ifPresent(conversion -> {
            throw Conflict.of(
                    "need.conversion",
                    "“%s” waits for a decision: %s.",
                    "Decide about the conversion; then it is released or stays out.",
                    n.title(),
                    conversion);
        });
    }

    @Override
    public Need open(Caller caller, UUID id) {
        Need n = find(caller, id);
        projects.requireOpen(caller, n.projectId());
        return n;
    }

    @Override
    public Need save(Caller caller, Need changed) {
        Stored.notStale(mapper.update(caller.garageId(), changed), "part", () -> find(caller, changed.id()));
        return find(caller, changed.id());
    }

    @Override
    public List<Need> of(Caller caller, UUID projectId) {
        return list(caller, projectId);
    }

    @Override
    public void add(Caller caller, UUID projectId, NewNeed need) {
        projects.requireOpen(caller, projectId);
        Need fresh = Need.fresh(need.id(), projectId).of(need.item(), need.unit());
        NeedFields fields = new NeedFields(
                need.jobId(),
                need.title(),
                need.side(),
                need.quantity(),
                0,
                need.leadDays(),
                null,
                null,
                null,
                null,
                null,
                null,
                null);
        mapper.insert(caller.garageId(), checked(caller, fresh, fields, 0));
    }

    @Override
    public void reassign(Caller caller, UUID fromJobId, UUID toJobId) {
        mapper.reassign(caller.garageId(), fromJobId, toJobId);
    }

    @Override
    public void ordered(Caller caller, Collection<UUID> needIds) {
        List<Need> ordered = needIds.stream().map(id -> open(caller, id)).toList();
        pairs.mustNotBeAlone(caller, ordered);
        unopened.mustNotBe(caller, ordered);
        boughtAgain.mustNotBeAsked(caller, ordered);
        for (Need n : ordered) ordered(caller, n);
    }

    private void ordered(Caller caller, Need n) {
        NeedState from = n.state() == NeedState.RETURNED ? n.state().to(NeedState.NEEDED, n.title()) : n.state();
        save(caller, n.in(from.to(NeedState.ORDERED, n.title()), "", null, null, n.version()));
    }

    @Override
    public void fitted(Caller caller, UUID jobId) {
        moveAll(caller, jobId, NeedState.ACCEPTED, NeedState.FITTED);
    }

    @Override
    public void verified(Caller caller, UUID jobId) {
        moveAll(caller, jobId, NeedState.FITTED, NeedState.VERIFIED);
    }

    @Override
    public void dropped(Caller caller, UUID jobId) {
        for (Need n : mapper.ofJob(caller.garageId(), jobId))
            if (n.state().isToOrder()) save(caller, n.leftOut(JOB_DROPPED, n.version()));
    }

    @Override
    public void wantedAgain(Caller caller, UUID jobId) {
        for (Need n : mapper.ofJob(caller.garageId(), jobId))
            if (n.state() == NeedState.LEFT_OUT && JOB_DROPPED.equals(n.stateReason()))
                save(
                        caller,
                        n.in(n.state().to(NeedState.NEEDED, n.title()), "", n.placeId(), n.arrivedOn(), n.version()));
    }

    private void moveAll(Caller caller, UUID jobId, NeedState from, NeedState to) {
        for (Need n : mapper.ofJob(caller.garageId(), jobId))
            if (n.state() == from)
                save(caller, n.in(from.to(to, n.title()), n.stateReason(), n.placeId(), n.arrivedOn(), n.version()));
    }
}
