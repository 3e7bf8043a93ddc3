package ofisino.core.vehicle.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import ofisino.core.Seeds;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.check.Answer.Seen;
import ofisino.core.vehicle.finding.Decision;
import org.junit.jupiter.api.Test;

class TallyTest {
    /** Scenario 5: 41 items of a tour: 23 replace, 6 repair, 8 sound, 3 not opened, 1 not seen. */
    @Test
    void aTourOfNineZones() {
        List<Answer> answers = new ArrayList<>();
        add(answers, 23 + 6, Seen.BAD);
        add(answers, 8, Seen.GOOD);
        add(answers, 3, Seen.NOT_OPENED);
        add(answers, 1, Seen.NO_REACH);
        Tally tally = Tally.of(answers, a -> Optional.of(answers.indexOf(a) < 23 ? Decision.REPLACE : Decision.REPAIR));
        assertThat(tally).isEqualTo(new Tally(8, 6, 23, 3, 1, 0, 0, 0));
        assertThat(tally.items()).isEqualTo(41);
    }

    /** What is missing ends as missing until it is decided. */
    @Test
    void missingIsACountOfItsOwn() {
        List<Answer> answers = new ArrayList<>();
        add(answers, 3, Seen.MISSING);
        add(answers, 2, Seen.NO_CURRENT);
        assertThat(Tally.of(answers, a -> Optional.empty())).isEqualTo(new Tally(0, 0, 0, 0, 2, 3, 0, 0));
        assertThat(Tally.of(answers, a -> Optional.of(Decision.REPLACE))).isEqualTo(new Tally(0, 0, 3, 0, 2, 0, 0, 0));
    }

    /** Every item ends somewhere, and only once; without decisions, what is not good waits. */
    @Property(seed = Seeds.OF_THE_DAY)
    void everyItemIsCountedOnce(@ForAll List<Seen> seen, @ForAll Optional<Decision> decision) {
        List<Answer> answers = new ArrayList<>();
        for (Seen s : seen) add(answers, 1, s);
        Tally tally = Tally.of(answers, a -> decision);
        assertThat(tally.items()).isEqualTo(answers.size());
        if (decision.isPresent()) assertThat(tally.waiting() + tally.missing()).isZero();
        else assertThat(tally.repair() + tally.replace() + tally.other()).isZero();
    }

    private static void add(List<Answer> answers, int number, Seen seen) {
        for (int i = 0; i < number; i++)
            answers.add(new Answer("check-" + answers.size(), "zone", seen, HowSeen.WALKED_ROUND, false, false, false));
    }
}
