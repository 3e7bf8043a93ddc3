package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import ofisino.core.plan.recipe.AxleWork;
import org.junit.jupiter.api.Test;

/** Common practice, no source: nobody fits worn pads to a new disc. */
class AxleWorkTest {
    private static final AxleWork PADS = new AxleWork("brake-pads", "front-brakes", Set.of("pads", "clips"));
    private static final AxleWork DISCS = new AxleWork("brake-discs", "front-brakes", Set.of("discs", "pads", "clips"));

    @Test
    void whatBringsThePartsDoesTheWork() {
        assertThat(DISCS.does(PADS)).isTrue();
        assertThat(PADS.does(DISCS)).isFalse();
        assertThat(PADS.does(PADS)).as("the other side").isTrue();
        assertThat(DISCS.does(new AxleWork("brake-pads", "rear-brakes", Set.of("pads"))))
                .as("of another axle")
                .isFalse();
        assertThat(DISCS.does(new AxleWork("bleed", "front-brakes", Set.of())))
                .as("what renews nothing is no part of it")
                .isFalse();
    }

    @Test
    void itsLikeComesFirstThenWhatDoesLeastBesides() {
        var whole = new AxleWork("all-of-it", "front-brakes", Set.of("discs", "pads", "clips", "calipers"));
        assertThat(PADS.doneWith(List.of(whole, DISCS, PADS))).contains(PADS);
        assertThat(PADS.doneWith(List.of(whole, DISCS))).contains(DISCS);
        assertThat(DISCS.doneWith(List.of(PADS))).isEmpty();
    }

    @Test
    void ofSeveralThatAreAskedForOneDoesTheRest() {
        Map<String, AxleWork> asked = Map.of("worn pads", PADS, "thin disc", DISCS);
        assertThat(AxleWork.joining(asked, Set.of())).containsExactly("worn pads");
        assertThat(AxleWork.joining(asked, Set.of(DISCS))).containsExactlyInAnyOrder("worn pads", "thin disc");
        assertThat(AxleWork.joining(Map.of("thin disc", DISCS), Set.of(PADS))).isEmpty();
    }
}
