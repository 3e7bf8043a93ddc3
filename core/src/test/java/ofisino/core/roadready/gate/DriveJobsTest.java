package ofisino.core.roadready.gate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.job.Precedence;
import ofisino.core.roadready.gate.DriveJobs.Open;
import ofisino.core.roadready.gate.DriveJobs.Repairs;
import ofisino.core.vehicle.finding.SafetyClass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** A car without brakes is not sent on its first drive. Common practice, no source. */
class DriveJobsTest {
    private static final Open<String> DRIVE =
            new Open<>("drive", Operation.TEST, Set.of(Detail.DRIVE), Aim.RUNNER, Optional.empty(), List.of());
    private static final Open<String> START = new Open<>(
            "start",
            Operation.TEST,
            Set.of(Detail.FIRST_START),
            Aim.RUNNER,
            Optional.of(VehicleSystem.ENGINE),
            List.of());

    @Test
    void brakesSteeringAndWhatIsUnknownComeBeforeTheFirstDrive() {
        assertThat(before(
                        DRIVE,
                        work("brakes", VehicleSystem.BRAKES),
                        work("steering", VehicleSystem.STEERING_AND_SUSPENSION),
                        work("trim", VehicleSystem.TRIM),
                        work("something", null),
                        START))
                .containsExactlyInAnyOrder("brakes", "steering", "something", "start");
    }

    /** No job is said to be ready that a gate may refuse. */
    @ParameterizedTest
    @EnumSource
    void whateverAsksAGateIsKnownToStartOrDrive(Detail detail) {
        assertThat(new JobNature(Operation.TEST, Optional.empty(), Set.of(detail)).startsOrDrives())
                .isEqualTo(Gate.askedBy(Operation.TEST, Set.of(detail)).isPresent());
    }

    @Test
    void fuelComesBeforeTheFirstStartAndBrakesNeedNot() {
        assertThat(before(START, work("pump", VehicleSystem.FUEL), work("brakes", VehicleSystem.BRAKES), DRIVE))
                .containsExactly("pump");
    }

    /** Of whatever system the job is: what must not be driven with is repaired first. */
    @Test
    void aDangerIsRepairedFirst() {
        Open<String> glass = new Open<>(
                "screen",
                Operation.REPLACE,
                Set.of(),
                Aim.SHOW,
                Optional.of(VehicleSystem.GLASS_AND_SEALS),
                List.of(new Repairs(SafetyClass.A, VehicleSystem.GLASS_AND_SEALS)));
        assertThat(before(DRIVE, glass)).containsExactly("screen");
    }

    @Test
    void nothingClosesACircle() {
        Open<String> after = work("retorque", VehicleSystem.WHEELS_AND_TYRES);
        assertThat(DriveJobs.before(List.of(DRIVE, after), List.of(new Precedence.Link<>("drive", "retorque"))))
                .isEmpty();
    }

    /** Nobody ticks boxes: what a job is called says that it drives. */
    @ParameterizedTest
    @CsvSource({
        "First drive round the yard, DRIVE",
        "Drive it to the gate, DRIVE",
        "Road test with Ruben, ROAD_TEST",
        "Shakedown, ROAD_TEST",
        "First start, FIRST_START",
        "Fire it up, FIRST_START"
    })
    void aTitleSaysThatItDrives(String title, Detail detail) {
        assertThat(Detail.impliedBy(title)).contains(detail);
    }

    @ParameterizedTest
    @CsvSource({"Drive shaft boots", "Starter out", "Renew the drive belt", "Driver's seat in", "Test the lamps"})
    void otherTitlesSayNothing(String title) {
        assertThat(Detail.impliedBy(title)).isEmpty();
    }

    @SafeVarargs
    private static List<String> before(Open<String> drive, Open<String>... others) {
        List<Open<String>> all = new java.util.ArrayList<>(List.of(others));
        all.add(drive);
        return DriveJobs.before(all, List.of()).stream()
                .filter(l -> l.after().equals(drive.id()))
                .map(Precedence.Link::before)
                .toList();
    }

    private static Open<String> work(String id, VehicleSystem system) {
        return new Open<>(id, Operation.REPLACE, Set.of(), Aim.ROAD_READY, Optional.ofNullable(system), List.of());
    }
}
