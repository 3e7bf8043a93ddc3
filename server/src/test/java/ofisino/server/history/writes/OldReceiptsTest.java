package ofisino.server.history.writes;

import static org.assertj.core.api.Assertions.assertThat;

import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(TestApplication.class)
class OldReceiptsTest {
    @Test
    void onlyWhatIsTwoMonthsOldIsForgotten(TestGarage garage) {
        garage.place();
        garage.place();
        garage.running()
                .sql()
                .update(
                        "update write_receipt set at = now() - make_interval(days => ?) where ctid in "
                                + "(select ctid from write_receipt where garage_id = ? limit 1)",
                        OldReceipts.KEPT_DAYS + 1,
                        garage.id());
        garage.running().bean(OldReceipts.class).forget();
        assertThat(garage.rows("write_receipt")).isEqualTo(1);
    }
}
