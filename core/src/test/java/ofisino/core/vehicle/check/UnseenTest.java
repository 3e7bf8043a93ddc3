package ofisino.core.vehicle.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import ofisino.core.Seeds;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.body.Bodies;
import ofisino.core.vehicle.check.Answer.Seen;
import org.junit.jupiter.api.Test;

/** Unseen is not sound. */
class UnseenTest {
    private static final List<PlacedCheck> ESTATE = Walks.of(BodyStyle.ESTATE, 1969);

    /** By hand: sill-tap (A, trap) weighs 16, sill-drain-holes (C, trap, on stands) 4, sill-cover (B, trap) 8: 28 in all. */
    @Test
    void theShareIsTheWeightOfWhatWasNotDoneWellEnough() {
        assertThat(at(List.of(), "sill-left")).isEqualTo(new Unseen.Share(28, 28));
        assertThat(at(List.of(answer("sill-tap", HowSeen.WALKED_ROUND, Seen.GOOD)), "sill-left"))
                .isEqualTo(new Unseen.Share(12, 28));
        assertThat(at(List.of(answer("sill-drain-holes", HowSeen.WALKED_ROUND, Seen.GOOD)), "sill-left"))
                .as("it must be seen on stands")
                .isEqualTo(new Unseen.Share(28, 28));
        assertThat(at(List.of(answer("sill-drain-holes", HowSeen.ON_STANDS, Seen.BAD)), "sill-left"))
                .as("bad is seen as well")
                .isEqualTo(new Unseen.Share(24, 28));
        assertThat(at(List.of(answer("sill-tap", HowSeen.WALKED_ROUND, Seen.GOOD)), "sill-left")
                        .share())
                .isCloseTo(12 / 28.0, within(1e-12));
    }

    @Test
    void aPhotoOrACoveredPlaceLeavesItUnseen() {
        assertThat(at(List.of(answer("sill-tap", HowSeen.PHOTO, Seen.GOOD)), "sill-left")
                        .open())
                .isEqualTo(28);
        assertThat(at(List.of(answer("sill-tap", HowSeen.OPENED, Seen.COVERED)), "sill-left")
                        .open())
                .isEqualTo(28);
        assertThat(at(List.of(answer("sill-tap", HowSeen.OPENED, Seen.NO_REACH)), "sill-left")
                        .open())
                .isEqualTo(28);
        var covered = new Answer("sill-tap", "sill-left", Seen.GOOD, HowSeen.OPENED, true, false, false);
        assertThat(at(List.of(covered), "sill-left").open()).isEqualTo(28);
    }

    @Test
    void theLastAnswerCountsAndTheOtherSideStaysUnseen() {
        var answers = List.of(
                answer("sill-tap", HowSeen.ON_STANDS, Seen.GOOD),
                answer("sill-tap", HowSeen.ON_STANDS, Seen.NOT_OPENED));
        assertThat(at(answers, "sill-left").open()).isEqualTo(28);
        assertThat(at(List.of(answer("sill-tap", HowSeen.ON_STANDS, Seen.GOOD)), "sill-right")
                        .open())
                .as("a second skin is looked for once, at the left")
                .isEqualTo(20);
    }

    @Test
    void saysWhereLookingSettlesMostUntilAllIsSeen() {
        Unseen nothing = Unseen.of(ESTATE, List.of());
        String next = nothing.lookNext().orElseThrow();
        assertThat(nothing.byPlace().entrySet().stream()
                        .filter(e -> !e.getKey().equals(Catalogue.ROAD))
                        .map(java.util.Map.Entry::getValue))
                .allSatisfy(s -> assertThat(s.open())
                        .isLessThanOrEqualTo(nothing.byPlace().get(next).open()));
        Unseen butTheRoad = Unseen.of(
                ESTATE,
                ESTATE.stream()
                        .filter(p -> !p.place().equals(Catalogue.ROAD))
                        .map(UnseenTest::opened)
                        .toList());
        assertThat(butTheRoad.lookNext()).contains(Catalogue.ROAD);
        Unseen all = Unseen.of(ESTATE, ESTATE.stream().map(UnseenTest::opened).toList());
        assertThat(all.lookNext()).isEmpty();
        assertThat(all.whole().share()).isZero();
        assertThat(all.openTraps()).isZero();
        long traps = Bodies.load().of(BodyStyle.ESTATE).zones().stream()
                .filter(z -> z.costlyTrap() && nothing.byPlace().containsKey(z.id()))
                .count();
        assertThat(nothing.openTraps()).isEqualTo((int) traps);
    }

    /** The whole is the sum of its places, and looking at more never makes more unseen. */
    @Property(tries = 60, seed = Seeds.OF_THE_DAY)
    void lookingNeverMakesMoreUnseen(@ForAll @IntRange(max = 300) int first, @ForAll @IntRange(max = 300) int more) {
        List<Answer> answers = new ArrayList<>();
        for (PlacedCheck p : ESTATE.subList(0, Math.min(first, ESTATE.size()))) answers.add(opened(p));
        Unseen before = Unseen.of(ESTATE, answers);
        for (PlacedCheck p : ESTATE.subList(0, Math.min(first + more, ESTATE.size()))) answers.add(opened(p));
        Unseen after = Unseen.of(ESTATE, answers);
        assertThat(after.whole().open()).isLessThanOrEqualTo(before.whole().open());
        assertThat(after.byPlace().values().stream()
                        .mapToInt(Unseen.Share::open)
                        .sum())
                .isEqualTo(after.whole().open());
    }

    private static Unseen.Share at(List<Answer> answers, String place) {
        return Unseen.of(ESTATE, answers).byPlace().get(place);
    }

    private static Answer answer(String check, HowSeen how, Seen seen) {
        return new Answer(check, "sill-left", seen, how, false, false, false);
    }

    private static Answer opened(PlacedCheck p) {
        return new Answer(
                p.check().id(),
                p.place(),
                Seen.GOOD,
                HowSeen.OPENED,
                false,
                false,
                !p.also().isEmpty());
    }
}
