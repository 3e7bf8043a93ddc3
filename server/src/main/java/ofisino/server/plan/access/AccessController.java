package ofisino.server.plan.access;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.Caution;
import ofisino.core.plan.access.CarState;
import ofisino.core.plan.access.Circuit;
import ofisino.core.plan.access.FluidChoice;
import ofisino.core.plan.access.Merging;
import ofisino.core.plan.access.Openings;
import ofisino.core.plan.access.WayIn;
import ofisino.core.plan.access.WhileOpen;
import ofisino.core.plan.interlock.Interlock;
import ofisino.core.plan.interlock.Reconnection;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.plan.access.AccessMapper.OpeningRow;
import ofisino.server.plan.access.AccessMapper.OwnWayRow;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api")
class AccessController {
    private final AccessService service;
    private final OpeningService openings;
    private final VehicleWays vehicleWays;
    private final WhileOpenService whileOpen;
    private final BeforeOpening before;

    AccessController(
            AccessService service,
            OpeningService openings,
            VehicleWays vehicleWays,
            WhileOpenService whileOpen,
            BeforeOpening before) {
        this.service = service;
        this.openings = openings;
        this.vehicleWays = vehicleWays;
        this.whileOpen = whileOpen;
        this.before = before;
    }

    /** @param version of a person's own figures; 0 where the usual ones count */
    record WayInResponse(
            String id,
            String name,
            Set<String> needs,
            int stripMinutes,
            int refitMinutes,
            int people,
            @Nullable Circuit circuit,
            @Nullable Double litres,
            Set<CarState> excludes,
            List<String> usesUp,
            boolean neverTemporary,
            Set<Caution> cautions,
            long version) {
        static WayInResponse of(WayIn w, long version) {
            return new WayInResponse(
                    w.id(),
                    w.name(),
                    w.needs(),
                    w.stripMinutes(),
                    w.refitMinutes(),
                    w.people(),
                    w.drained().map(WayIn.Drained::circuit).orElse(null),
                    w.drained().map(WayIn.Drained::litres).orElse(null),
                    w.excludes(),
                    w.usesUp(),
                    w.drained().filter(d -> d.circuit().neverTemporary()).isPresent(),
                    w.cautions(),
                    version);
        }
    }

    /**
     * @param direct   jobs that need it themselves
     * @param around   stays that it lies inside, the outermost first
     * @param minutes  to open and close it with all around it
     * @param openedOn absent while it is only planned
     * @param asks     what is confirmed before it is opened, with all around it that is not open yet
     */
    record OpeningResponse(
            UUID stay,
            String wayIn,
            Set<UUID> jobs,
            List<UUID> direct,
            List<UUID> around,
            int minutes,
            @Nullable LocalDate openedOn,
            @Nullable LocalDate closedOn,
            boolean temporary,
            Set<Interlock> asks,
            long version) {
        static OpeningResponse of(Openings.Opening<UUID> o, Standing s, Set<Interlock> asks) {
            UUID stay = UUID.fromString(o.id());
            OpeningRow row = s.opened().get(stay);
            return new OpeningResponse(
                    stay,
                    o.wayIn().id(),
                    o.jobs(),
                    o.jobs().stream()
                            .filter(j -> s.direct().get(j).contains(o.wayIn().id()))
                            .toList(),
                    s.openings().around(o).stream()
                            .map(a -> UUID.fromString(a.id()))
                            .toList(),
                    s.ways().minutesAlone(List.of(o.wayIn().id())),
                    row == null ? null : row.openedOn(),
                    row == null ? null : row.closedOn(),
                    row != null && row.temporary(),
                    asks,
                    row == null ? 0 : row.version());
        }
    }

    record SharingResponse(String wayIn, List<UUID> stays, int savedMinutes, double savedLitres) {
        static SharingResponse of(Merging.Proposal p) {
            return new SharingResponse(
                    p.wayIn(), p.stays().stream().map(UUID::fromString).toList(), p.savedMinutes(), p.savedLitres());
        }
    }

    record TotalsResponse(
            int jobMinutes, int openingMinutes, int savedMinutes, double savedLitres, Map<Circuit, Double> litres) {}

    record AccessResponse(
            List<WayInResponse> ways,
            List<OpeningResponse> openings,
            List<SharingResponse> proposals,
            TotalsResponse totals,
            Map<String, Integer> usedUp,
            Map<Circuit, Integer> drains,
            List<Reconnection.Reset> afterReconnecting) {}

    @GetMapping("/projects/{projectId}/access")
    AccessResponse of(Caller caller, @PathVariable UUID projectId) {
        Standing s = service.standing(caller, projectId);
        Equipment vehicle = before.vehicle(caller, projectId);
        Openings.Totals totals = s.openings().totals();
        Map<String, Long> own = vehicleWays.ownVersions(caller, projectId);
        return new AccessResponse(
                s.ways().all().stream()
                        .map(w -> WayInResponse.of(w, own.getOrDefault(w.id(), 0L)))
                        .toList(),
                s.openings().all().stream()
                        .map(o -> OpeningResponse.of(o, s, before.asked(vehicle, s, o)))
                        .toList(),
                service.proposals(caller, projectId, s).stream()
                        .map(SharingResponse::of)
                        .toList(),
                new TotalsResponse(
                        s.jobs().values().stream()
                                .mapToInt(j -> j.likelyMinutes())
                                .sum(),
                        totals.minutes(),
                        totals.savedMinutes(),
                        totals.savedLitres(),
                        totals.litres()),
                s.openings().usedUp(),
                s.drains(),
                vehicleWays.afterReconnecting(caller, projectId));
    }

    record NeededWaysRequest(List<String> ways) {}

    @PutMapping("/jobs/{jobId}/ways-in")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void assign(Caller caller, @PathVariable UUID jobId, @RequestBody NeededWaysRequest body) {
        service.assign(caller, jobId, body.ways());
    }

    /** Jobs of which nobody said anything get what they usually need. */
    @PostMapping("/projects/{projectId}/access/usual")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void assignUsual(Caller caller, @PathVariable UUID projectId) {
        service.assignUsualToAll(caller, projectId);
    }

    /** @param stays to become one @param jobs instead of them: whose stays are to become one */
    record MergeRequest(
            String wayIn,
            @Nullable List<UUID> stays,
            @Nullable List<UUID> jobs) {}

    @PostMapping("/projects/{projectId}/access/merge")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void merge(Caller caller, @PathVariable UUID projectId, @RequestBody MergeRequest body) {
        service.merge(
                caller,
                projectId,
                body.wayIn(),
                body.jobs() == null ? body.stays() : service.staysOf(caller, projectId, body.wayIn(), body.jobs()));
    }

    record SplitRequest(String wayIn, UUID stay, Set<UUID> jobs, UUID fresh) {}

    @PostMapping("/projects/{projectId}/access/split")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void split(Caller caller, @PathVariable UUID projectId, @RequestBody SplitRequest body) {
        service.split(caller, projectId, body.wayIn(), body.stay(), body.jobs(), body.fresh());
    }

    @PostMapping("/projects/{projectId}/access/{stay}/open")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void open(Caller caller, @PathVariable UUID projectId, @PathVariable UUID stay, @RequestBody OpeningRequest body) {
        openings.open(caller, projectId, stay, body.madeSure());
    }

    /**
     * @param supportPoints where it stands, where its usual points may not bear it
     * @param confirmed     conditions that somebody made sure of, each by itself
     */
    record OpeningRequest(
            @Nullable String supportPoints, @Nullable Set<Interlock> confirmed) {
        BeforeOpening.MadeSure madeSure() {
            return new BeforeOpening.MadeSure(
                    supportPoints == null ? "" : supportPoints, confirmed == null ? Set.of() : confirmed);
        }
    }

    record ClosingRequest(long version) {}

    @PostMapping("/projects/{projectId}/access/{stay}/close")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void close(Caller caller, @PathVariable UUID projectId, @PathVariable UUID stay, @RequestBody ClosingRequest body) {
        openings.close(caller, projectId, stay, body.version());
    }

    /** With the old filling; what is left to do is owed to the car. */
    @PostMapping("/projects/{projectId}/access/{stay}/close-for-now")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void closeForNow(
            Caller caller, @PathVariable UUID projectId, @PathVariable UUID stay, @RequestBody ClosingRequest body) {
        openings.closeForNow(caller, projectId, stay, body.version());
    }

    @PutMapping("/projects/{projectId}/access/ways")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keepOwn(Caller caller, @PathVariable UUID projectId, @RequestBody OwnWayRow body) {
        service.keepOwn(caller, projectId, body);
    }

    /** @param doNow it pays to do it while it is open */
    record OfferResponse(
            WhileOpen.Kind kind,
            String id,
            String title,
            @Nullable String zone,
            int nowMinutes,
            int laterMinutes,
            double probability,
            boolean doNow) {
        static OfferResponse of(WhileOpenService.Offer o) {
            return new OfferResponse(
                    o.weighed().candidate().kind(),
                    o.weighed().candidate().id(),
                    o.weighed().candidate().title(),
                    o.zone().orElse(null),
                    o.weighed().nowMinutes(),
                    o.weighed().laterMinutes(),
                    o.weighed().candidate().probability(),
                    o.weighed().doNow());
        }
    }

    /** What else could be done while it is open, the most worthwhile first; before it is closed this is the last chance. */
    @GetMapping("/projects/{projectId}/access/{stay}/while-open")
    List<OfferResponse> whileOpen(Caller caller, @PathVariable UUID projectId, @PathVariable UUID stay) {
        return whileOpen.offers(caller, projectId, stay).stream()
                .map(OfferResponse::of)
                .toList();
    }

    record AgeingJobRequest(UUID jobId, String part) {}

    /** Takes one of the ageing parts into the opening as a job. */
    @PostMapping("/projects/{projectId}/access/{stay}/ageing")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void take(
            Caller caller, @PathVariable UUID projectId, @PathVariable UUID stay, @RequestBody AgeingJobRequest body) {
        whileOpen.take(caller, projectId, stay, body.jobId(), body.part());
    }

    record FluidChoiceResponse(
            FluidChoice.Kind kind,
            @Nullable LocalDate day,
            int drains,
            double newLitres,
            double wastedLitres,
            boolean outstanding) {
        static FluidChoiceResponse of(FluidChoice.Choice c) {
            return new FluidChoiceResponse(
                    c.kind(), c.day().orElse(null), c.drains(), c.newLitres(), c.wastedLitres(), c.outstanding());
        }
    }

    /** What to do when a fixed day needs the car while a circuit is empty. */
    @GetMapping("/projects/{projectId}/access/fluid")
    List<FluidChoiceResponse> fluid(
            Caller caller,
            @PathVariable UUID projectId,
            @RequestParam String wayIn,
            @RequestParam LocalDate partOn,
            @RequestParam LocalDate fixedOn,
            @RequestParam LocalDate nextOn) {
        return openings.fluid(caller, projectId, wayIn, partOn, fixedOn, nextOn).stream()
                .map(FluidChoiceResponse::of)
                .toList();
    }
}
