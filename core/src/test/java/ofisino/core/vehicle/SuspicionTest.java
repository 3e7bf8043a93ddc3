package ofisino.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import ofisino.core.vehicle.check.Catalogue;
import ofisino.core.vehicle.check.Check;
import ofisino.core.vehicle.check.PlacedCheck;
import ofisino.core.vehicle.check.Walks;
import ofisino.core.vehicle.event.Event;
import ofisino.core.vehicle.event.Suspicion;
import ofisino.core.vehicle.event.Suspicion.Suspect;
import ofisino.core.vehicle.finding.SafetyClass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SuspicionTest {
    private static final Catalogue CATALOGUE = Catalogue.load();
    private static final Suspicion SUSPICION = Suspicion.load();

    @ParameterizedTest
    @EnumSource(Event.class)
    void everyEventNamesOnlyChecksThatExist(Event event) {
        assertThat(SUSPICION.checksOf(event)).isNotEmpty().doesNotHaveDuplicates();
        assertThat(CATALOGUE.checks().stream().map(Check::id)).containsAll(SUSPICION.checksOf(event));
    }

    /** Scenario 5: flooded to the sills, so bearings, buckles and pretensioners, control units and starter come under suspicion. */
    @Test
    void aFloodReachesWhatLiesLow() {
        List<PlacedCheck> hatchback = Walks.of(BodyStyle.HATCHBACK, 2008);
        List<Suspect> suspects = SUSPICION.of(Event.FLOODED, hatchback);
        assertThat(suspects)
                .extracting(s -> s.check().check().id())
                .contains(
                        "wheel-bearing-front",
                        "belt-buckle",
                        "pretensioner-length",
                        "control-unit-water",
                        "starter-engages")
                .doesNotContain("wheel-bearing-cycle", "axle-oil");
        assertThat(suspects).allSatisfy(s -> assertThat(s.why()).isNotBlank());
    }

    @Test
    void aLongSleepOfAMotorcycleBringsItsOwnSuspects() {
        List<PlacedCheck> motorcycle = Walks.of(BodyStyle.MOTORCYCLE, 1977);
        assertThat(SUSPICION.of(Event.LONG_SLEEP, motorcycle))
                .extracting(s -> s.check().place())
                .contains("tank-cap", "front-wheel", "engine-block")
                .doesNotContain("radiator");
    }

    /** What happened makes a failed check graver, never milder, and only where it reaches. Common practice, no source. */
    @ParameterizedTest
    @EnumSource(Event.class)
    void whatHappenedOnlyMakesGraver(Event event) {
        List<PlacedCheck> hatchback = Walks.of(BodyStyle.HATCHBACK, 2008);
        List<PlacedCheck> weighed = SUSPICION.weighed(hatchback, List.of(event));
        assertThat(weighed).hasSameSizeAs(hatchback);
        for (int i = 0; i < weighed.size(); i++) {
            PlacedCheck now = weighed.get(i);
            PlacedCheck before = hatchback.get(i);
            assertThat(now.ifBad()).as(now.check().id()).isLessThanOrEqualTo(before.ifBad());
            if (!SUSPICION.checksOf(event).contains(now.check().id()))
                assertThat(now).isEqualTo(before);
        }
        assertThat(SUSPICION.weighed(hatchback, List.of())).isEqualTo(hatchback);
    }

    @Test
    void aShellThatWasHitIsDangerous() {
        List<PlacedCheck> saloon = Walks.of(BodyStyle.SALOON, 1998);
        assertThat(SUSPICION.weighed(saloon, List.of(Event.VERMIN, Event.CRASHED)))
                .filteredOn(c -> c.check().id().equals("symmetry-diagonals"))
                .isNotEmpty()
                .allMatch(c -> c.ifBad() == SafetyClass.A);
    }
}
