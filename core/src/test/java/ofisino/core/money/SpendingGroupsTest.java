package ofisino.core.money;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.money.budget.SpendingGroups;
import ofisino.core.money.ledger.Destination;
import ofisino.core.money.ledger.Split;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SpendingGroupsTest {
    private static final UUID PADS = UUID.randomUUID();
    private static final SpendingGroups GROUPS = new SpendingGroups(Map.of(PADS, VehicleSystem.BRAKES));

    @Test
    void aJobIsOfItsSystemAndWhatIsOfNoneIsOtherWork() {
        assertThat(GROUPS.of(new Split(Destination.JOB, Optional.of(PADS), 1))).isEqualTo("BRAKES");
        assertThat(GROUPS.ofJob(Optional.of(UUID.randomUUID()))).isEqualTo(SpendingGroups.OTHER);
        assertThat(GROUPS.ofJob(Optional.empty())).isEqualTo(SpendingGroups.OTHER);
    }

    @ParameterizedTest
    @EnumSource(value = Destination.class, mode = EnumSource.Mode.EXCLUDE, names = "JOB")
    void whateverElseItIsForHasAGroup(Destination to) {
        assertThat(SpendingGroups.ORDER).contains(GROUPS.of(new Split(to, Optional.empty(), 1)));
    }

    /** The trade's order: what hurts people when it fails is paid for first. Common practice, no source. */
    @Test
    void safetyComesFirst() {
        assertThat(SpendingGroups.ORDER).doesNotHaveDuplicates().startsWith("BRAKES", "STEERING_AND_SUSPENSION");
        assertThat(SpendingGroups.ORDER.indexOf("FUEL")).isLessThan(SpendingGroups.ORDER.indexOf("TRIM"));
        assertThat(SpendingGroups.isSafety("BRAKES")).isTrue();
        assertThat(SpendingGroups.isSafety("TRIM")).isFalse();
        assertThat(SpendingGroups.isSafety("VEHICLE")).isFalse();
    }
}
