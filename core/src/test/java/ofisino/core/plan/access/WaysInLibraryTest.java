package ofisino.core.plan.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.access.WhileOpen.Candidate;
import ofisino.core.plan.access.WhileOpen.Kind;
import ofisino.core.plan.job.Operation;
import ofisino.core.vehicle.body.Bodies;
import ofisino.core.vehicle.body.BodyStyle;
import ofisino.core.vehicle.body.Zone;
import org.junit.jupiter.api.Test;

class WaysInLibraryTest {
    private static final WaysInLibrary LIBRARY = WaysInLibrary.load();
    private static final AgeingParts AGEING = AgeingParts.load();

    @Test
    void everyLayoutHasItsWaysInAndTogetherTheyAreMany() {
        Set<String> all = new HashSet<>();
        for (Layout layout : Layout.values()) {
            assertThat(LIBRARY.of(layout).all()).as(layout.name()).hasSizeGreaterThan(15);
            LIBRARY.of(layout).all().forEach(w -> all.add(w.id()));
        }
        assertThat(all).hasSizeGreaterThanOrEqualTo(60);
    }

    /** The issue's own example: engine out needs the gearbox unbolted, coolant drained, bonnet off, battery isolated. */
    @Test
    void theEngineComesOutThroughWhatStandsInItsWay() {
        WaysIn ways = LIBRARY.of(Layout.FRONT_ENGINE_REAR_DRIVE);
        assertThat(ways.closure("engine-out"))
                .contains("gearbox-unbolted", "coolant-drained", "bonnet-off", "battery-isolated", "propshaft-off");
        assertThat(ways.closure("engine-out")).last().isEqualTo("engine-out");
        assertThat(LIBRARY.of(Layout.REAR_ENGINE).has("engine-out")).isFalse();
    }

    /** Nothing is filler: each reaches or serves a zone that some body has, drains a circuit, or another needs it. */
    @Test
    void everyWayInLeadsSomewhere() {
        Set<String> zones = new HashSet<>();
        for (BodyStyle style : BodyStyle.values())
            for (Zone zone : Bodies.load().of(style).zones()) zones.add(WaysInLibrary.sideless(zone.id()));
        for (Layout layout : Layout.values())
            for (WayIn way : LIBRARY.of(layout).all()) {
                assertThat(zones).as(way.id()).containsAll(way.reaches());
                boolean needed = LIBRARY.of(layout).all().stream()
                        .anyMatch(other -> other.needs().contains(way.id()));
                boolean ages = !AGEING.behind(way.id()).isEmpty();
                assertThat(needed
                                || ages
                                || way.drained().isPresent()
                                || !way.reaches().isEmpty())
                        .as(way.id())
                        .isTrue();
            }
    }

    @Test
    void aJobUsuallyNeedsWhatStandsBeforeItsPlace() {
        assertThat(LIBRARY.usual(Layout.FRONT_ENGINE_REAR_DRIVE, false, "engine-block", Operation.ASSEMBLE))
                .containsExactly("engine-out");
        assertThat(LIBRARY.usual(Layout.FRONT_ENGINE_REAR_DRIVE, false, "front-brakes", Operation.REPLACE))
                .containsExactlyInAnyOrder("front-brake-stripped", "brake-circuit-open");
        assertThat(LIBRARY.usual(Layout.MOTORCYCLE, false, "fork-left", Operation.REPLACE))
                .containsExactly("bike-fork-out");
        assertThat(LIBRARY.usual(Layout.FRONT_ENGINE_REAR_DRIVE, false, "roof-front", Operation.PAINT))
                .isEmpty();
    }

    @Test
    void everyAgeingPartLiesBehindAWayInThatExists() {
        Set<String> all = EnumSet.allOf(Layout.class).stream()
                .flatMap(l -> LIBRARY.of(l).all().stream())
                .map(WayIn::id)
                .collect(Collectors.toSet());
        assertThat(AGEING.all())
                .hasSizeGreaterThan(40)
                .allSatisfy(p -> assertThat(all).as(p.id()).containsAll(p.behind()));
    }

    @Test
    void nonsenseIsRefusedInAClearSentence() {
        WayIn engine = LIBRARY.of(Layout.MOTORCYCLE).require("bike-engine-out");
        assertThatThrownBy(() -> engine.taking(-1, 60))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("-1");
        assertThatThrownBy(() -> own("a", Set.of("a"))).hasMessageContaining("cannot need itself");
        WaysIn ways = LIBRARY.of(Layout.MOTORCYCLE);
        assertThatThrownBy(() -> ways.with(List.of(own("a", Set.of("nowhere")))))
                .hasMessageContaining("nowhere");
        assertThatThrownBy(() -> ways.with(List.of(own("a", Set.of("b")), own("b", Set.of("a")))))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("for ever");
        assertThatThrownBy(() -> ways.require("engine-out")).hasMessageContaining("Choose one");
        assertThatThrownBy(() -> new WayIn.Drained(Circuit.COOLANT, Double.NaN)).isInstanceOf(InvalidValue.class);
        // a person's own figure takes the place of the usual one
        assertThat(ways.with(List.of(engine.taking(30, 60)))
                        .require("bike-engine-out")
                        .minutes())
                .isEqualTo(90);
    }

    /**
     * Oracle: by hand. Gearbox out (with what it needs) 14.5 h. A release bearing: 0.25 h and 0.6 h worth of part. Horizon 5 years, life 15,
     * age unknown: remaining 7.5; p = 1 − exp(−5/7.5) = 0.487. Later = 0.487 × (51 + 870 + 180) = 536 min against 51 now.
     */
    @Test
    void aCheapPartBehindAnOpenGearboxIsDoneNow() {
        double p = WhileOpen.chanceOfFailure(5, 15, Optional.empty());
        assertThat(p).isCloseTo(0.4866, within(0.0001));
        var weighed = WhileOpen.weigh(new Candidate(Kind.AGEING, "b", "Release bearing", 15, 36, p, 180), 870);
        assertThat(weighed.nowMinutes()).isEqualTo(51);
        assertThat(weighed.laterMinutes()).isEqualTo(536);
        assertThat(weighed.doNow()).isTrue();
    }

    /** Two in which waiting wins: little work to come back, and a dear part that is new. */
    @Test
    void oftenTheAnswerIsToWait() {
        // belts behind the front seats: 0.7 h to come back, the part 1.6 h; three years old of fifteen: p = 1 −
        // exp(−5/12) = 0.341
        double belts = WhileOpen.chanceOfFailure(5, 15, Optional.of(3.0));
        assertThat(WhileOpen.weigh(new Candidate(Kind.AGEING, "s", "Seat belts", 45, 96, belts, 0), 42)
                        .doNow())
                .isFalse();
        // a clutch plate put in last year: p = 1 − exp(−1/19) = 0.051 over the next year, behind 14.5 h
        double clutch = WhileOpen.chanceOfFailure(1, 20, Optional.of(1.0));
        assertThat(WhileOpen.weigh(new Candidate(Kind.AGEING, "c", "Clutch plate", 30, 108, clutch, 180), 870)
                        .doNow())
                .isFalse();
    }

    @Test
    void whatOutlivedItsTimeDoesNotLiveForEver() {
        assertThat(WhileOpen.chanceOfFailure(5, 10, Optional.of(40.0))).isCloseTo(1 - Math.exp(-5), within(1e-9));
        assertThat(WhileOpen.chanceOfFailure(0, 10, Optional.empty())).isZero();
    }

    private static WayIn own(String id, Set<String> needs) {
        return new WayIn(id, id, needs, 10, 10, 1, Optional.empty(), Set.of(), List.of(), Set.of(), Set.of(), Set.of());
    }

    /** Where airbags may be fitted they are made safe before what lies near them; an old car is not asked. Common practice, no source. */
    @Test
    void whatMayFireIsMadeSafeFirst() {
        for (Layout layout : new Layout[] {Layout.FRONT_ENGINE_REAR_DRIVE, Layout.FRONT_ENGINE_FRONT_DRIVE})
            for (String way : List.of("steering-wheel-off", "dashboard-out", "front-seats-out", "door-trim-off"))
                if (LIBRARY.of(layout, true).has(way)) {
                    assertThat(LIBRARY.of(layout, true).closure(Set.of(way)))
                            .contains("airbag-safe", "battery-isolated");
                    assertThat(LIBRARY.of(layout, false).closure(Set.of(way))).doesNotContain("airbag-safe");
                }
    }

    /** No way in that lifts, drains, hoists or frees what is under load goes without its caution. */
    @Test
    void dangerousWaysInWarn() {
        for (Layout layout : Layout.values())
            assertThat(LIBRARY.of(layout).all())
                    .filteredOn(w ->
                            w.drained().filter(d -> d.circuit() == Circuit.FUEL).isPresent()
                                    || w.id().startsWith("engine-out"))
                    .allSatisfy(w -> assertThat(w.cautions()).as(w.id()).isNotEmpty());
    }

    /** On every vehicle one way in raises it, and whatever else stands on stands lies inside that one. */
    @Test
    void oneWayInRaisesIt() {
        for (Layout layout : Layout.values()) {
            WaysIn ways = LIBRARY.of(layout);
            assertThat(ways.all().stream()
                            .filter(w -> Raising.isRaising(
                                    w,
                                    ways.closure(Set.of(w.id())).stream()
                                            .filter(id -> !id.equals(w.id()))
                                            .map(ways::require)
                                            .toList()))
                            .map(WayIn::id))
                    .as(layout.name())
                    .containsExactly(layout == Layout.MOTORCYCLE ? "bike-on-stand" : "on-stands");
        }
    }

    @Test
    void nothingIsRaisedOnWhatIsRotten() {
        assertThatThrownBy(() -> Raising.check(List.of("jacking point, front"), " "))
                .hasMessageContaining("Do not jack it or stand it on: jacking point, front");
        for (String one : List.of("the scissor jack", "axle, ", "x, y"))
            assertThatThrownBy(() -> Raising.check(List.of("sill"), one)).isInstanceOf(InvalidValue.class);
        Raising.check(List.of("jacking point, front"), "rear axle tube, both sides");
        Raising.check(List.of("jacking point, front"), "subframe left and right");
        Raising.check(List.of(), "");
    }
}
