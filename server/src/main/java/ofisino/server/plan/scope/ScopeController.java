package ofisino.server.plan.scope;

import java.util.List;
import java.util.UUID;
import ofisino.core.bench.panel.PanelCover;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.scope.AimChange;
import ofisino.server.identity.AtLeast;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.plan.scope.ScopeMapper.RepeatCauseRow;
import ofisino.server.plan.scope.ScopeMapper.ZoneAimRow;
import ofisino.server.plan.scope.ScopeService.Preview;
import ofisino.server.plan.scope.ScopeService.Scope;
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
record ScopeController(ScopeService service) {
    @GetMapping("/projects/{projectId}/scope")
    Scope of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId);
    }

    @AtLeast(Role.OWNER)
    @PostMapping("/projects/{projectId}/scope/baseline")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setBaseline(Caller caller, @PathVariable UUID projectId) {
        service.setBaseline(caller, projectId);
    }

    /** @param weeks absent when nobody has time in the garage */
    record AimSideResponse(
            List<UUID> items,
            long minutes,
            long minor,
            @Nullable Double weeks) {
        static AimSideResponse of(AimChange.Side<UUID> s, long weekMinutes) {
            return new AimSideResponse(
                    s.items(), s.minutes(), s.minor(), s.weeks(weekMinutes).orElse(null));
        }
    }

    record AimPreviewResponse(AimSideResponse in, AimSideResponse out) {}

    @GetMapping("/projects/{projectId}/scope/aim")
    AimPreviewResponse preview(
            Caller caller, @PathVariable UUID projectId, @RequestParam Aim aim, @RequestParam @Nullable String zone) {
        Preview p = service.preview(caller, projectId, aim, zone);
        return new AimPreviewResponse(
                AimSideResponse.of(p.change().in(), p.weekMinutes()),
                AimSideResponse.of(p.change().out(), p.weekMinutes()));
    }

    @AtLeast(Role.OWNER)
    @PutMapping("/projects/{projectId}/scope/zone-aims")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setZoneAim(Caller caller, @PathVariable UUID projectId, @RequestBody ZoneAimRow body) {
        service.setZoneAim(caller, projectId, body);
    }

    @PutMapping("/projects/{projectId}/scope/repeats")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void nameCause(Caller caller, @PathVariable UUID projectId, @RequestBody RepeatCauseRow body) {
        service.nameCause(caller, projectId, body);
    }

    record PanelCoverResponse(int coveredPercent, long toMakeMm2, int spotWelds, int drillBits, int discs) {}

    /** How much of a damage a repair panel covers. */
    @GetMapping("/bench/panel-cover")
    PanelCoverResponse cover(
            Caller caller,
            @RequestParam int damageLengthMm,
            @RequestParam int damageWidthMm,
            @RequestParam int panelLengthMm,
            @RequestParam int panelWidthMm) {
        PanelCover c = PanelCover.of(damageLengthMm, damageWidthMm, panelLengthMm, panelWidthMm);
        return new PanelCoverResponse(c.coveredPercent(), c.toMakeMm2(), c.spotWelds(), c.drillBits(), c.discs());
    }
}
