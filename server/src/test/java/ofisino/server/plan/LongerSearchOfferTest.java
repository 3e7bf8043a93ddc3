package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What the search behind the page offers is taken only while it still is better. */
@ExtendWith(TestApplication.class)
class LongerSearchOfferTest {
    @Test
    void whatNoLongerSearchFoundCannotBeTaken(TestGarage garage) {
        UUID project = garage.project("SALOON");
        garage.job(project, "Weld the sill");
        for (String taken : List.of("follow-better", "share-more"))
            assertThat(garage.owner()
                            .post("/api/projects/" + project + "/plan/" + taken, map())
                            .code())
                    .isEqualTo("plan.no-better");
    }
}
