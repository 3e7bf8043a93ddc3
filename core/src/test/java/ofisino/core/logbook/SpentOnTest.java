package ofisino.core.logbook;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import ofisino.core.logbook.worksession.SpentOn;
import ofisino.core.logbook.worksession.SpentOn.Part;
import org.junit.jupiter.api.Test;

class SpentOnTest {
    @Test
    void whatTookMostAndOfSeveralTheFirst() {
        assertThat(SpentOn.most(List.of(new Part<>("wash", 15), new Part<>("tack", 60), new Part<>("grind", 60))))
                .contains("tack");
        assertThat(SpentOn.most(List.<Part<String>>of())).isEmpty();
    }
}
