package ofisino.core.plan.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Operation;
import ofisino.core.vehicle.equipment.Vehicles;
import org.junit.jupiter.api.Test;

class BeforeClosingTest {
    private static final BeforeClosing SHIPPED = BeforeClosing.load();

    private static JobNature nature(Operation operation, VehicleSystem system, Detail... details) {
        return new JobNature(operation, Optional.ofNullable(system), Set.of(details));
    }

    @Test
    void anEngineThatIsOutGetsItsGasketAndCarpetsWaitForTheHose() {
        assertThat(SHIPPED.of("engine-block", nature(Operation.REPLACE, VehicleSystem.ENGINE)))
                .contains("engine-out", "engine-out-rear", "bike-engine-out");
        assertThat(SHIPPED.of("engine-block", nature(Operation.INSPECT, VehicleSystem.ENGINE, Detail.AS_FOUND)))
                .as("it is looked at as it stands")
                .isEmpty();
        assertThat(SHIPPED.of("", nature(Operation.TEST, null, Detail.WATER_TEST)))
                .containsExactly("carpets-out", "load-floor-out");
        assertThat(SHIPPED.of("gearbox", nature(Operation.REPLACE, VehicleSystem.TRANSMISSION)))
                .contains("gearbox-out");
        assertThat(SHIPPED.of("propshaft", nature(Operation.REPLACE, VehicleSystem.TRANSMISSION)))
                .isEmpty();
    }

    @Test
    void eachNamesAccessesThatThereAre() {
        Set<String> named = new HashSet<>();
        for (Operation operation : Operation.values())
            for (VehicleSystem system : VehicleSystem.values())
                named.addAll(SHIPPED.of("gearbox", nature(operation, system, Detail.WATER_TEST)));
        Set<String> there = Vehicles.makes(1955, 1985, 2008).stream()
                .flatMap(make -> AccessLibrary.load().of(Vehicles.of(make)).all().stream())
                .map(Access::id)
                .collect(Collectors.toSet());
        assertThat(named).isNotEmpty();
        there.forEach(access -> named.addAll(SHIPPED.of(access)));
        assertThat(SHIPPED.of("head-off")).contains("engine-out");
        assertThat(there).containsAll(named);
    }

    @Test
    void whatSaysNoWorkOrNoAccessIsRefused() {
        for (String wrong :
                new String[] {"[{before: [engine-out], reason: any}]", "[{places: [gearbox], reason: nothing}]"})
            assertThatThrownBy(() -> BeforeClosing.read(new StringReader(wrong)))
                    .isInstanceOf(InvalidValue.class)
                    .hasMessageContaining("Say which access");
    }
}
