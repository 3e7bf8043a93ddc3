package ofisino.core.plan.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import ofisino.core.Seeds;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.access.Merging.Proposal;
import ofisino.core.plan.access.Openings.Opening;
import ofisino.core.plan.access.WayIn.Drained;
import ofisino.core.plan.job.Precedence.Link;
import org.junit.jupiter.api.Test;

/** Oracles: by hand; and for random graphs a referee that counts (job, way in) pairs and shares nothing with the class. */
class OpeningsTest {
    private static final WayIn STANDS = way("stands", 60, Set.of(), CarState.ROLLING);
    private static final WayIn WHEEL = way("wheel", 30, Set.of("stands"), CarState.ROLLING);
    private static final WayIn COOLANT = new WayIn(
            "coolant",
            "coolant",
            Set.of(),
            24,
            45,
            1,
            Optional.of(new Drained(Circuit.COOLANT, 5.2)),
            Set.of(CarState.RUNNING),
            List.of("Plug washer"),
            Set.of(),
            Set.of(),
            Set.of());
    private static final WayIn ENGINE = way("engine", 480, Set.of("stands", "coolant"), CarState.ROLLING);
    private static final WaysIn WAYS = new WaysIn(List.of(STANDS, WHEEL, COOLANT, ENGINE));

    @Test
    void eachJobAloneOpensAllThatItNeeds() {
        Openings<String> apart = apart("a", "engine", "b", "engine", "c", "wheel");
        // alone: engine 480 + stands 60 + coolant 69 = 609, twice; wheel 30 + stands 60 = 90
        assertThat(apart.totals().minutes()).isEqualTo(2 * 609 + 90);
        assertThat(apart.totals().savedMinutes()).isZero();
        assertThat(apart.usedUp()).containsEntry("Plug washer", 2);
        assertThat(apart.all()).extracting(o -> o.wayIn().id()).startsWith("stands");
    }

    @Test
    void mergingAWayInMergesWhatItNeedsAndLeavesTheRest() {
        Openings<String> merged =
                apart("a", "engine", "b", "engine", "c", "wheel").merged("engine", "a", "b");
        assertThat(merged.totals().minutes()).isEqualTo(609 + 90);
        assertThat(merged.totals().savedMinutes()).isEqualTo(609);
        assertThat(merged.totals().savedLitres()).isEqualTo(5.2);
        assertThat(merged.stay("b", "coolant")).isEqualTo(merged.stay("a", "coolant"));
        assertThat(merged.stay("c", "stands")).isNotEqualTo(merged.stay("a", "stands"));
        Openings<String> all = merged.merged("stands", "a", "c");
        assertThat(all.totals().minutes()).isEqualTo(609 + 30);
    }

    @Test
    void splittingAWayInSplitsWhatNeedsItAndKeepsWhatItNeeds() {
        Openings<String> all = together("a", "engine", "b", "engine", "c", "wheel");
        Openings<String> split = all.split("engine", "one", Set.of("b"), "two");
        assertThat(split.stay("b", "engine")).isEqualTo("two");
        assertThat(split.stay("b", "coolant")).isEqualTo(split.stay("a", "coolant"));
        // the stands are let down in between: the wheel and the engine of b come off them too
        Openings<String> down = all.split("stands", "one", Set.of("b"), "two");
        assertThat(down.stay("b", "engine")).isNotEqualTo(down.stay("a", "engine"));
        assertThat(down.stay("b", "coolant")).isEqualTo(down.stay("a", "coolant"));
        assertThatThrownBy(() -> all.split("engine", "one", Set.of("a", "b"), "two"))
                .isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> all.split("engine", "one", Set.of("c"), "two")).isInstanceOf(InvalidValue.class);
    }

    @Test
    void aStayCannotLieInTwoStaysOfWhatItNeeds() {
        assertThatThrownBy(() -> new Openings<>(
                        WAYS,
                        Map.of("a", Set.of("engine"), "b", Set.of("engine")),
                        (job, way) -> way.equals("stands") ? job : "one"))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("engine");
    }

    /** Between the two engine jobs the car has to roll: to the painter, say. */
    @Test
    void nothingIsMergedAcrossAJobThatNeedsItClosed() {
        Openings<String> apart = apart("a", "engine", "b", "engine", "trip", "");
        Map<String, Set<CarState>> states = Map.of("trip", Set.of(CarState.ROLLING));
        List<Link<String>> forced = List.of(new Link<>("a", "trip"), new Link<>("trip", "b"));
        // the coolant alone may stay out meanwhile; engine and stands may not
        assertThat(Merging.propose(apart, forced, states, Set.of()))
                .extracting(Proposal::wayIn)
                .containsExactly("coolant");
        assertThat(Merging.propose(apart, List.of(new Link<>("a", "trip")), states, Set.of()))
                .first()
                .isEqualTo(new Proposal("engine", List.of("a", "b"), 609, 5.2));
        assertThat(Merging.propose(apart, List.of(), Map.of(), Set.of("a"))).isEmpty();
    }

    /** Need 15 and engines 4: hours in scope are jobs and openings, each once; saved is what that spares. */
    @Property(tries = 200, seed = Seeds.OF_THE_DAY)
    void savedIsWhatTheRefereeCounts(@ForAll("random") Case c) {
        Openings<Integer> openings = new Openings<>(c.ways, c.needs, (job, way) -> c.group(job));
        int each = 0;
        java.util.Set<List<Object>> once = new java.util.HashSet<>();
        int shared = 0;
        for (var job : c.needs.entrySet())
            for (String way : referee(c.ways, job.getValue())) {
                int minutes = c.ways.require(way).minutes();
                each += minutes;
                if (once.add(List.of(way, c.group(job.getKey())))) shared += minutes;
            }
        assertThat(openings.totals().minutes()).isEqualTo(shared);
        assertThat(openings.totals().savedMinutes()).isEqualTo(each - shared);
        assertThat(openings.all().stream()
                        .mapToInt((Opening<Integer> o) -> o.wayIn().minutes())
                        .sum())
                .isEqualTo(shared);
    }

    /** Whatever is stored, also what would be torn: joined, every stay lies inside one stay of all that it needs, and nothing is opened twice more. */
    @Property(tries = 300, seed = Seeds.OF_THE_DAY)
    void whatWouldBeTornIsJoined(@ForAll("random") Case c, @ForAll @IntRange(min = 1, max = 9) int odd) {
        Openings<Integer> joined =
                Openings.joined(c.ways, c.needs, (job, way) -> "g" + (job * odd + way.hashCode()) % 3);
        for (Opening<Integer> o : joined.all()) {
            assertThat(joined.around(o)).hasSize(c.ways.closure(o.wayIn().id()).size() - 1);
            for (Opening<Integer> outer : joined.around(o))
                assertThat(outer.jobs()).containsAll(o.jobs());
        }
        // what is nested already stays as it is
        Openings<Integer> nested = new Openings<>(c.ways, c.needs, (job, way) -> c.group(job));
        assertThat(Openings.joined(c.ways, c.needs, (job, way) -> c.group(job)).all())
                .isEqualTo(nested.all());
    }

    /** Each proposal saves what it says, breaks no precedence, and leaves nothing torn. */
    @Property(tries = 200, seed = Seeds.OF_THE_DAY)
    void aProposalKeepsItsPromise(@ForAll("random") Case c) {
        Openings<Integer> openings = new Openings<>(c.ways, c.needs, (job, way) -> c.group(job));
        for (Proposal p : Merging.propose(openings, c.links(), c.states(), Set.of())) {
            Openings<Integer> merged = openings;
            for (String stay : p.stays().subList(1, p.stays().size()))
                merged = merged.merged(p.wayIn(), p.stays().get(0), stay);
            assertThat(openings.totals().minutes() - merged.totals().minutes()).isEqualTo(p.savedMinutes());
            for (Opening<Integer> o : merged.all()) {
                int rolls = c.rolling;
                boolean before = o.jobs().stream().anyMatch(j -> j < rolls);
                boolean after = o.jobs().stream().anyMatch(j -> j > rolls);
                boolean shut = o.wayIn().excludes().contains(CarState.ROLLING);
                boolean was = openings.staysOf(o.wayIn().id()).contains(o.id())
                        && openings.all().contains(o);
                if (!was && o.wayIn().id().equals(p.wayIn()))
                    assertThat(shut && before && after).isFalse();
            }
        }
    }

    /** Jobs 0 … n in one line, some of which need ways in; the one named {@code rolling} needs the car on its wheels and none. */
    record Case(WaysIn ways, Map<Integer, Set<String>> needs, List<Integer> groups, int rolling) {
        String group(int job) {
            return "g" + groups.get(job % groups.size());
        }

        List<Link<Integer>> links() {
            List<Link<Integer>> line = new java.util.ArrayList<>();
            for (int i = 0; i < 8; i++) line.add(new Link<>(i, i + 1));
            return line;
        }

        Map<Integer, Set<CarState>> states() {
            return Map.of(rolling, Set.of(CarState.ROLLING));
        }
    }

    @Provide
    Arbitrary<Case> random() {
        Arbitrary<List<Integer>> bits =
                Arbitraries.integers().between(0, 1023).list().ofSize(8);
        Arbitrary<List<Integer>> minutes =
                Arbitraries.integers().between(0, 300).list().ofSize(6);
        Arbitrary<List<Integer>> groups =
                Arbitraries.integers().between(0, 8).list().ofSize(9);
        return Combinators.combine(bits, minutes, groups, Arbitraries.integers().between(0, 8))
                .as((b, m, g, rolling) -> {
                    List<WayIn> ways = new java.util.ArrayList<>();
                    for (int i = 0; i < 6; i++) {
                        Set<String> needs = new java.util.HashSet<>();
                        for (int j = 0; j < i; j++)
                            if ((b.get(i) >> j & 1) == 1 && (b.get(i) >> 8 & 1) == 1) needs.add("w" + j);
                        ways.add(
                                (b.get(i) >> 7 & 1) == 1
                                        ? way("w" + i, m.get(i), needs, CarState.ROLLING)
                                        : way("w" + i, m.get(i), needs, CarState.RUNNING));
                    }
                    Map<Integer, Set<String>> jobs = new LinkedHashMap<>();
                    for (int job = 0; job < 9; job++) {
                        Set<String> wants = new java.util.HashSet<>();
                        if (job != rolling)
                            for (int i = 0; i < 6; i++)
                                if ((b.get(6) + 37 * job + b.get(7) * i) % 4 == 0) wants.add("w" + i);
                        jobs.put(job, wants);
                    }
                    return new Case(new WaysIn(ways), jobs, g, rolling);
                });
    }

    /** All that is needed, found by repeating until nothing is added. */
    private static Set<String> referee(WaysIn ways, Set<String> wants) {
        Set<String> found = new java.util.HashSet<>(wants);
        boolean grew = true;
        while (grew) {
            grew = false;
            for (String way : List.copyOf(found))
                grew |= found.addAll(ways.require(way).needs());
        }
        return found;
    }

    private static WayIn way(String id, int minutes, Set<String> needs, CarState excludes) {
        return new WayIn(
                id,
                id,
                needs,
                minutes / 2,
                minutes - minutes / 2,
                1,
                Optional.empty(),
                Set.of(excludes),
                List.of(),
                Set.of(),
                Set.of(),
                Set.of());
    }

    private static Openings<String> apart(String... jobsAndNeeds) {
        return new Openings<>(WAYS, needs(jobsAndNeeds), (job, way) -> job);
    }

    private static Openings<String> together(String... jobsAndNeeds) {
        return new Openings<>(WAYS, needs(jobsAndNeeds), (job, way) -> "one");
    }

    private static Map<String, Set<String>> needs(String... jobsAndNeeds) {
        Map<String, Set<String>> needs = new LinkedHashMap<>();
        for (int i = 0; i < jobsAndNeeds.length; i += 2)
            needs.put(jobsAndNeeds[i], jobsAndNeeds[i + 1].isEmpty() ? Set.of() : Set.of(jobsAndNeeds[i + 1]));
        return needs;
    }
}
