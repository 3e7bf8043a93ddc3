package ofisino.server.plan.access;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import ofisino.core.plan.access.Access;
import ofisino.core.plan.access.Circuit;
import ofisino.core.plan.access.FluidChoice;
import ofisino.core.plan.access.Merging;
import ofisino.core.plan.access.StripDowns;
import ofisino.core.plan.access.WhileOpen;
import ofisino.core.plan.interlock.Interlock;
import ofisino.core.plan.interlock.Reconnection;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.plan.access.AccessMapper.OwnAccessRow;
import ofisino.server.plan.access.AccessMapper.StripDownRow;
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
record AccessController(
        AccessService service,
        SharedAccess shared,
        StripDownService stripDowns,
        VehicleAccess vehicleAccess,
        WhileOpenService whileOpen,
        BeforeStripDown before) {
    /** @param version of a person's own figures; 0 where the usual ones count */
    record AccessResponse(@JsonUnwrapped Access access, boolean neverTemporary, long version) {
        static AccessResponse of(Access w, long version) {
            return new AccessResponse(
                    w, w.drained().filter(d -> d.circuit().neverTemporary()).isPresent(), version);
        }
    }

    /**
     * @param direct   jobs that need it themselves
     * @param around   strip-downs that it lies inside, the outermost first
     * @param minutes  to open and close it with all around it
     * @param openedOn absent while it is only planned
     * @param asks     what is confirmed before it is opened, with all around it that is not open yet
     */
    record StripDownResponse(
            UUID stripDown,
            String access,
            Set<UUID> jobs,
            List<UUID> direct,
            List<UUID> around,
            int minutes,
            @Nullable LocalDate openedOn,
            @Nullable LocalDate closedOn,
            boolean temporary,
            Set<Interlock> asks,
            long version) {
        static StripDownResponse of(StripDowns.StripDown<UUID> o, Standing s, Set<Interlock> asks) {
            UUID stripDown = UUID.fromString(o.id());
            StripDownRow row = s.opened().get(stripDown);
            return new StripDownResponse(
                    stripDown,
                    o.access().id(),
                    o.jobs(),
                    o.jobs().stream()
                            .filter(j -> s.direct().get(j).contains(o.access().id()))
                            .toList(),
                    s.stripDowns().around(o).stream()
                            .map(a -> UUID.fromString(a.id()))
                            .toList(),
                    s.accesses().minutesAlone(List.of(o.access().id())),
                    row == null ? null : row.openedOn(),
                    row == null ? null : row.closedOn(),
                    row != null && row.temporary(),
                    asks,
                    row == null ? 0 : row.version());
        }
    }

    record SharingResponse(String access, List<UUID> stripDowns, int savedMinutes, double savedLitres) {
        static SharingResponse of(Merging.Proposal p) {
            return new SharingResponse(
                    p.access(),
                    p.stripDowns().stream().map(UUID::fromString).toList(),
                    p.savedMinutes(),
                    p.savedLitres());
        }
    }

    record TotalsResponse(
            int jobMinutes, int stripDownMinutes, int savedMinutes, double savedLitres, Map<Circuit, Double> litres) {}

    record VehicleAccessResponse(
            List<AccessResponse> accesses,
            List<StripDownResponse> stripDowns,
            List<SharingResponse> proposals,
            TotalsResponse totals,
            Map<String, Integer> usedUp,
            Map<Circuit, Integer> drains,
            List<Reconnection.Reset> afterReconnecting) {}

    @GetMapping("/projects/{projectId}/access")
    VehicleAccessResponse of(Caller caller, @PathVariable UUID projectId) {
        Standing s = shared.standing(caller, projectId);
        Equipment vehicle = before.vehicle(caller, projectId);
        StripDowns.Totals totals = s.stripDowns().totals();
        Map<String, Long> own = vehicleAccess.ownVersions(caller, projectId);
        return new VehicleAccessResponse(
                s.accesses().all().stream()
                        .map(w -> AccessResponse.of(w, own.getOrDefault(w.id(), 0L)))
                        .toList(),
                s.stripDowns().all().stream()
                        .map(o -> StripDownResponse.of(o, s, before.asked(vehicle, s, o)))
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
                s.stripDowns().usedUp(),
                s.drains(),
                vehicleAccess.afterReconnecting(caller, projectId));
    }

    record NeededAccessRequest(List<String> accesses) {}

    @PutMapping("/jobs/{jobId}/access")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void assign(Caller caller, @PathVariable UUID jobId, @RequestBody NeededAccessRequest body) {
        service.assign(caller, jobId, body.accesses());
    }

    /** Jobs of which nobody said anything get what they usually need. */
    @PostMapping("/projects/{projectId}/access/usual")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void assignUsual(Caller caller, @PathVariable UUID projectId) {
        service.assignUsualToAll(caller, projectId);
    }

    /** @param stripDowns to become one @param jobs instead of them: whose strip-downs are to become one */
    record MergeRequest(
            String access,
            @Nullable List<UUID> stripDowns,
            @Nullable List<UUID> jobs) {}

    @PostMapping("/projects/{projectId}/access/merge")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void merge(Caller caller, @PathVariable UUID projectId, @RequestBody MergeRequest body) {
        shared.merge(caller, projectId, body.access(), body.stripDowns(), body.jobs());
    }

    record SplitRequest(String access, UUID stripDown, Set<UUID> jobs, UUID fresh) {}

    @PostMapping("/projects/{projectId}/access/split")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void split(Caller caller, @PathVariable UUID projectId, @RequestBody SplitRequest body) {
        shared.split(caller, projectId, body.access(), body.stripDown(), body.jobs(), body.fresh());
    }

    @PostMapping("/projects/{projectId}/access/{stripDown}/open")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void open(
            Caller caller,
            @PathVariable UUID projectId,
            @PathVariable UUID stripDown,
            @RequestBody StripDownRequest body) {
        shared.open(caller, projectId, stripDown, body.madeSure());
    }

    /**
     * @param supportPoints where it stands, where its usual points may not bear it
     * @param confirmed     conditions that somebody made sure of, each by itself
     */
    record StripDownRequest(
            @Nullable String supportPoints, @Nullable Set<Interlock> confirmed) {
        BeforeStripDown.MadeSure madeSure() {
            return new BeforeStripDown.MadeSure(
                    supportPoints == null ? "" : supportPoints, confirmed == null ? Set.of() : confirmed);
        }
    }

    record ClosingRequest(long version) {}

    /** @param again what is not begun opens it once more later */
    record ClosingForGoodRequest(long version, @Nullable Boolean again) {}

    @PostMapping("/projects/{projectId}/access/{stripDown}/close")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void close(
            Caller caller,
            @PathVariable UUID projectId,
            @PathVariable UUID stripDown,
            @RequestBody ClosingForGoodRequest body) {
        shared.close(caller, projectId, stripDown, body.version(), Boolean.TRUE.equals(body.again()));
    }

    /** With the old filling; what is left to do is owed to the car. */
    @PostMapping("/projects/{projectId}/access/{stripDown}/close-for-now")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void closeForNow(
            Caller caller,
            @PathVariable UUID projectId,
            @PathVariable UUID stripDown,
            @RequestBody ClosingRequest body) {
        shared.closeForNow(caller, projectId, stripDown, body.version());
    }

    @PutMapping("/projects/{projectId}/access/own")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keepOwn(Caller caller, @PathVariable UUID projectId, @RequestBody OwnAccessRow body) {
        service.keepOwn(caller, projectId, body);
    }

    /** @param doNow it pays to do it while it is open */
    record OfferResponse(
            WhileOpen.OfferKind kind,
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
    @GetMapping("/projects/{projectId}/access/{stripDown}/while-open")
    List<OfferResponse> whileOpen(Caller caller, @PathVariable UUID projectId, @PathVariable UUID stripDown) {
        return whileOpen.offers(caller, projectId, stripDown).stream()
                .map(OfferResponse::of)
                .toList();
    }

    record AgeingJobRequest(UUID jobId, String part) {}

    /** Takes one of the ageing parts into the strip-down as a job. */
    @PostMapping("/projects/{projectId}/access/{stripDown}/ageing")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void take(
            Caller caller,
            @PathVariable UUID projectId,
            @PathVariable UUID stripDown,
            @RequestBody AgeingJobRequest body) {
        whileOpen.take(caller, projectId, stripDown, body.jobId(), body.part());
    }

    /** What to do when a fixed day needs the car while a circuit is empty. */
    @GetMapping("/projects/{projectId}/access/fluid")
    List<FluidChoice.Choice> fluid(
            Caller caller,
            @PathVariable UUID projectId,
            @RequestParam String access,
            @RequestParam LocalDate partOn,
            @RequestParam LocalDate fixedOn,
            @RequestParam LocalDate nextOn) {
        return stripDowns.fluid(caller, projectId, access, partOn, fixedOn, nextOn);
    }
}
