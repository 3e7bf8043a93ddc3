package ofisino.core.plan.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import ofisino.core.kernel.Caution;
import ofisino.core.plan.job.Operation;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.Vehicles;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A person's own job that takes a thing off, or puts it back, itself. */
class AccessByItsTitleTest {
    private static final AccessLibrary LIBRARY = AccessLibrary.load();
    private static final Equipment SALOON = Vehicles.of(BodyStyle.SALOON, 1969);

    /** Fitting the windscreen is no work behind a windscreen that is out; what is behind or on it still is. */
    @ParameterizedTest
    @CsvSource({
        "Fit the windscreen with a new seal, windscreen, REPLACE, windscreen-out, true",
        "Gearbox back in and propeller shaft on, gearbox, ASSEMBLE, gearbox-out, true",
        "Refit front bumper, front-bumper, ASSEMBLE, front-bumper-off, true",
        "Fit new engine mountings, engine-block, REPLACE, engine-out, false",
        "Clean the windscreen opening, windscreen, CLEAN, windscreen-out, false",
        "Assemble the gearbox in the sleeved casing, gearbox, ASSEMBLE, gearbox-out, false"
    })
    void whatPutsAThingBackDoesNotNeedItOut(
            String title, String zone, Operation operation, String access, boolean itself) {
        Departure departure = LIBRARY.byItsTitle(title, zone, operation, SALOON);
        Set<String> needed = LIBRARY.needed(SALOON, zone, operation, departure);
        assertThat(departure.does().contains(access)).isEqualTo(itself);
        assertThat(needed.contains(access)).isNotEqualTo(itself);
        if (itself)
            assertThat(LIBRARY.of(SALOON).require(access).needs())
                    .as("what it lies behind is open all the same")
                    .allMatch(n -> needed.contains(n)
                            || needed.stream().anyMatch(m -> LIBRARY.of(SALOON).isNeededBy(n, m)));
    }

    /** An engine that hangs is as heavy whoever wrote the job down. */
    @Test
    void itsDangersComeWithIt() {
        assertThat(LIBRARY.cautionsByItsTitle("Engine back in", "engine-block", Operation.ASSEMBLE, SALOON))
                .contains(Caution.HOIST);
        assertThat(LIBRARY.cautionsByItsTitle("Fit new engine mountings", "engine-block", Operation.REPLACE, SALOON))
                .isEmpty();
    }

    /** What was cleared for the weld stays out until the metal is primed; where nothing is welded, priming clears nothing. */
    @Test
    void whatWasClearedForAWeldIsOutUntilItIsPrimed() {
        Set<String> primed = LIBRARY.needed(
                SALOON, "bulkhead", Operation.PRIME, Departure.NONE, () -> Set.of(Operation.WELD, Operation.PRIME));
        assertThat(primed)
                .containsAll(LIBRARY.needed(SALOON, "bulkhead", Operation.WELD, Departure.NONE))
                .isNotEqualTo(LIBRARY.needed(
                        SALOON, "bulkhead", Operation.PRIME, Departure.NONE, () -> Set.of(Operation.PRIME)));
    }
}
