package ofisino.core.vehicle.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.body.Bodies;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.body.Zone;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class InspectionTest {
    private static final Body ESTATE = Bodies.load().of(BodyStyle.ESTATE);

    /** Common practice, no source: rust through within reach of a mounting must not be driven; a leaking brake neither. */
    @ParameterizedTest
    @CsvSource({
        "sill-left,        RUST_THROUGH,    3, A, ROAD_READY",
        "sill-left,        SURFACE_RUST,    2, C, DRIVER",
        "bonnet,           SURFACE_RUST,    2, D, DRIVER",
        "bonnet,           DENT,            2, D, DRIVER",
        "brake-pipes,      LEAK,            3, A, ROAD_READY",
        "brake-pipes,      SURFACE_RUST,    2, C, DRIVER",
        "front-wheel-left, PERISHED,        3, B, ROAD_READY",
        "front-wheel-left, CONTAMINATED,    2, C, RUNNER",
        "belts,            WORN,            3, A, ROAD_READY",
        "fuel-tank,        SURFACE_RUST,    2, C, DRIVER",
        "carburettor,      LEAK,            3, A, ROAD_READY",
        "exhaust,          RUST_THROUGH,    3, B, ROAD_READY",
        "windscreen,       CRACK,           3, B, ROAD_READY",
        "engine-block,     SEIZED,          4, B, RUNNER",
        "rear-seat,        MISSING,         2, C, DRIVER",
    })
    void proposesFromZoneAndKind(String zone, FindingKind kind, int severity, SafetyClass safety, Aim aim) {
        Proposal proposal = ProposalRules.propose(ESTATE.require(zone), kind, Map.of(), Optional.empty());
        assertThat(proposal.severity()).isEqualTo(new Severity(severity));
        assertThat(proposal.safetyClass()).isEqualTo(safety);
        assertThat(proposal.aim()).isEqualTo(aim);
        assertThat(proposal.reasons()).contains(Proposal.Reason.USUAL_FOR_THE_KIND);
    }

    @ParameterizedTest
    @EnumSource(FindingKind.class)
    void aProposalNeverLooksBetterForBeingNearAMounting(FindingKind kind) {
        for (Zone zone : ESTATE.zones()) {
            Zone far = new Zone(
                    zone.id(),
                    zone.name(),
                    zone.side(),
                    zone.system(),
                    zone.view(),
                    zone.outline(),
                    zone.markX(),
                    zone.markY(),
                    without(zone.flags(), Zone.Flag.MOUNTING),
                    zone.usuallySeen());
            SafetyClass near = ProposalRules.propose(zone, kind, Map.of(), Optional.empty())
                    .safetyClass();
            assertThat(near)
                    .isLessThanOrEqualTo(ProposalRules.propose(far, kind, Map.of(), Optional.empty())
                            .safetyClass());
            if (kind.isCorrosion() && zone.nearMounting())
                assertThat(near).isLessThanOrEqualTo(kind == FindingKind.RUST_THROUGH ? SafetyClass.A : SafetyClass.C);
        }
    }

    private static Set<Zone.Flag> without(Set<Zone.Flag> flags, Zone.Flag one) {
        return flags.stream().filter(f -> f != one).collect(Collectors.toSet());
    }

    /** Directive 2014/45/EU, Annex I, items 1.1.13, 2.1.3, 5.2.2: linings with oil on them, bent links and distorted wheels fail (from memory, unverified). */
    @ParameterizedTest
    @CsvSource({
        "front-brakes, CONTAMINATED",
        "front-suspension-left, DENT",
        "front-wheel-left, DENT",
        "steering-gear, DENT"
    })
    void whatIsBentOrSoakedWhereItStopsOrSteersKeepsItOffTheRoad(String zone, FindingKind kind) {
        assertThat(SafetyRules.classOf(ESTATE.require(zone), kind)).isEqualTo(SafetyClass.B);
    }

    /** Directive 2014/45/EU, Annex I, item 4: lamps work, or the vehicle fails (from memory, unverified). */
    @ParameterizedTest
    @EnumSource(BodyStyle.class)
    void aDeadLampIsMendedBeforeTheRoadOnEveryBody(BodyStyle style) {
        List<Zone> lamps = Bodies.load().of(style).zones().stream()
                .filter(z -> z.id().contains("lamp"))
                .toList();
        assertThat(lamps).hasSizeGreaterThanOrEqualTo(2);
        for (Zone lamp : lamps) {
            assertThat(SafetyRules.classOf(lamp, FindingKind.DEAD_ELECTRICAL)).isEqualTo(SafetyClass.B);
            assertThat(SafetyRules.classOf(lamp, FindingKind.BROKEN)).isEqualTo(SafetyClass.B);
            assertThat(SafetyRules.classOf(lamp, FindingKind.SURFACE_RUST)).isGreaterThan(SafetyClass.B);
        }
    }

    @Test
    void howItWasSeenLastIsProposedAgain() {
        Zone tank = ESTATE.require("fuel-tank");
        assertThat(ProposalRules.propose(tank, FindingKind.DENT, Map.of(), Optional.empty())
                        .howSeen())
                .isEqualTo(HowSeen.ON_STANDS);
        assertThat(ProposalRules.propose(tank, FindingKind.DENT, Map.of(), Optional.of(HowSeen.PHOTO))
                        .howSeen())
                .isEqualTo(HowSeen.PHOTO);
    }

    @ParameterizedTest
    @CsvSource({
        "TEMPORARY, C, BRAKES",
        "TEMPORARY, C, STEERING_AND_SUSPENSION",
        "TEMPORARY, D, RESTRAINT",
        "TEMPORARY, C, FUEL",
        "ACCEPT, D, BRAKES",
        "ACCEPT, D, FUEL",
        "ACCEPT, A, STRUCTURE",
        "ACCEPT, B, EXHAUST",
        "REUSE, A, BODY",
    })
    void safetyIsNotTalkedAway(Decision decision, SafetyClass safety, VehicleSystem system) {
        assertThatThrownBy(() -> DecisionRules.check(decision, safety, FindingKind.WORN, system, "it will do"))
                .isInstanceOfSatisfying(
                        InvalidValue.class, e -> assertThat(e.field()).contains("decision"));
    }

    @ParameterizedTest
    @CsvSource({
        "ACCEPT, C, BODY",
        "ACCEPT, D, STRUCTURE",
        "TEMPORARY, A, COOLING",
        "DEFER, A, BRAKES",
        "REUSE, C, ENGINE",
        "REPAIR, A, FUEL"
    })
    void otherDecisionsAreFreeButNeedAReason(Decision decision, SafetyClass safety, VehicleSystem system) {
        assertThatCode(() -> DecisionRules.check(decision, safety, FindingKind.WORN, system, "measured"))
                .doesNotThrowAnyException();
        assertThatThrownBy(() -> DecisionRules.check(decision, safety, FindingKind.WORN, system, " "))
                .hasMessageContaining("reason is missing");
    }

    @Test
    void aFindingClosesOnlyAfterItWasLookedAtAgain() {
        assertThat(FindingState.AWAITING_RECHECK.to(FindingState.CLOSED)).isEqualTo(FindingState.CLOSED);
        assertThatThrownBy(() -> FindingState.OPEN.to(FindingState.CLOSED)).hasMessageContaining("looked at again");
        assertThatThrownBy(() -> FindingState.IN_WORK.to(FindingState.CLOSED)).hasMessageContaining("looked at again");
        assertThatThrownBy(() -> FindingState.CLOSED.to(FindingState.IN_WORK)).hasMessageContaining("Open it again");
        assertThatThrownBy(() -> new Severity(5)).hasMessageContaining("1, 2, 3 or 4");
        assertThatThrownBy(() -> new Severity(0)).isInstanceOf(InvalidValue.class);
    }

    @Test
    void aDeadBatteryIsNoMatterOfTheTrayThatItStandsOn() {
        assertThat(FindingKind.DEAD_ELECTRICAL.systemAt(VehicleSystem.STRUCTURE))
                .isEqualTo(VehicleSystem.ELECTRICAL);
        assertThat(FindingKind.RUST_THROUGH.systemAt(VehicleSystem.STRUCTURE)).isEqualTo(VehicleSystem.STRUCTURE);
        assertThat(FindingKind.DEAD_ELECTRICAL.systemAt(VehicleSystem.FUEL))
                .as("what carries fuel is never milder for being electric")
                .isEqualTo(VehicleSystem.FUEL);
    }

    @Test
    void rustThroughAtAGlassIsInTheMetalThatHoldsIt() {
        assertThat(FindingKind.RUST_THROUGH.systemAt(VehicleSystem.GLASS_AND_SEALS))
                .isEqualTo(VehicleSystem.BODY);
        assertThat(FindingKind.CRACK.systemAt(VehicleSystem.GLASS_AND_SEALS)).isEqualTo(VehicleSystem.GLASS_AND_SEALS);
    }
}
