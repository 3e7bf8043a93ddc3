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
import ofisino.core.plan.access.Access.Drained;
import ofisino.core.plan.access.Merging.Proposal;
import ofisino.core.plan.access.StripDowns.StripDown;
import ofisino.core.plan.job.Precedence.Link;
import org.junit.jupiter.api.Test;

/** Oracles: by hand; and for random graphs a referee that counts (job, access) pairs and shares nothing with the class. */
class StripDownsTest {
    private static final Access STANDS = access("stands", 60, Set.of(), CarState.ROLLING);
    private static final Access WHEEL = access("wheel", 30, Set.of("stands"), CarState.ROLLING);
    private static final Access COOLANT = new Access(
            "coolant",
            "coolant",
            "drain",
            "refill",
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
    private static final Access ENGINE = access("engine", 480, Set.of("stands", "coolant"), CarState.ROLLING);
    private static final AccessGraph WAYS = new AccessGraph(List.of(STANDS, WHEEL, COOLANT, ENGINE));

    @Test
    void eachJobAloneOpensAllThatItNeeds() {
        StripDowns<String> apart = apart("a", "engine", "b", "engine", "c", "wheel");
        // alone: engine 480 + stands 60 + coolant 69 = 609, twice; wheel 30 + stands 60 = 90
        assertThat(apart.totals().minutes()).isEqualTo(2 * 609 + 90);
        assertThat(apart.totals().savedMinutes()).isZero();
        assertThat(apart.usedUp()).containsEntry("Plug washer", 2);
        assertThat(apart.all()).extracting(o -> o.access().id()).startsWith("stands");
    }

    @Test
    void mergingAAccessMergesWhatItNeedsAndLeavesTheRest() {
        StripDowns<String> merged =
                apart("a", "engine", "b", "engine", "c", "wheel").merged("engine", "a", "b");
        assertThat(merged.totals().minutes()).isEqualTo(609 + 90);
        assertThat(merged.totals().savedMinutes()).isEqualTo(609);
        assertThat(merged.totals().savedLitres()).isEqualTo(5.2);
        assertThat(merged.stripDown("b", "coolant")).isEqualTo(merged.stripDown("a", "coolant"));
        assertThat(merged.stripDown("c", "stands")).isNotEqualTo(merged.stripDown("a", "stands"));
        StripDowns<String> all = merged.merged("stands", "a", "c");
        assertThat(all.totals().minutes()).isEqualTo(609 + 30);
    }

    @Test
    void splittingAAccessSplitsWhatNeedsItAndKeepsWhatItNeeds() {
        StripDowns<String> all = together("a", "engine", "b", "engine", "c", "wheel");
        StripDowns<String> split = all.split("engine", "one", Set.of("b"), "two");
        assertThat(split.stripDown("b", "engine")).isEqualTo("two");
        assertThat(split.stripDown("b", "coolant")).isEqualTo(split.stripDown("a", "coolant"));
        // the stands are let down in between: the wheel and the engine of b come off them too
        StripDowns<String> down = all.split("stands", "one", Set.of("b"), "two");
        assertThat(down.stripDown("b", "engine")).isNotEqualTo(down.stripDown("a", "engine"));
        assertThat(down.stripDown("b", "coolant")).isEqualTo(down.stripDown("a", "coolant"));
        assertThatThrownBy(() -> all.split("engine", "one", Set.of("a", "b"), "two"))
                .isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> all.split("engine", "one", Set.of("c"), "two")).isInstanceOf(InvalidValue.class);
    }

    @Test
    void aStayCannotLieInTwoStaysOfWhatItNeeds() {
        assertThatThrownBy(() -> new StripDowns<>(
                        WAYS,
                        Map.of("a", Set.of("engine"), "b", Set.of("engine")),
                        (job, access) -> access.equals("stands") ? job : "one"))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("engine");
    }

    /** Between the two engine jobs the car has to roll: to the painter, say. */
    @Test
    void nothingIsMergedAcrossAJobThatNeedsItClosed() {
        StripDowns<String> apart = apart("a", "engine", "b", "engine", "trip", "");
        Map<String, Set<CarState>> states = Map.of("trip", Set.of(CarState.ROLLING));
        List<Link<String>> forced = List.of(new Link<>("a", "trip"), new Link<>("trip", "b"));
        // the coolant alone may stay out meanwhile; engine and stands may not
        assertThat(Merging.propose(apart, forced, states, Set.of()))
                .extracting(Proposal::access)
                .containsExactly("coolant");
        assertThat(Merging.propose(apart, List.of(new Link<>("a", "trip")), states, Set.of()))
                .first()
                .isEqualTo(new Proposal("engine", List.of("a", "b"), 609, 5.2));
        assertThat(Merging.propose(apart, List.of(), Map.of(), Set.of("a"))).isEmpty();
    }

    /** Need 15 and engines 4: hours in scope are jobs and strip-downs, each once; saved is what that spares. */
    @Property(tries = 200, seed = Seeds.OF_THE_DAY)
    void savedIsWhatTheRefereeCounts(@ForAll("random") Case c) {
        StripDowns<Integer> stripDowns = new StripDowns<>(c.accesses, c.needs, (job, access) -> c.group(job));
        int each = 0;
        java.util.Set<List<Object>> once = new java.util.HashSet<>();
        int shared = 0;
        for (var job : c.needs.entrySet())
            for (String access : referee(c.accesses, job.getValue())) {
                int minutes = c.accesses.require(access).minutes();
                each += minutes;
                if (once.add(List.of(access, c.group(job.getKey())))) shared += minutes;
            }
        assertThat(stripDowns.totals().minutes()).isEqualTo(shared);
        assertThat(stripDowns.totals().savedMinutes()).isEqualTo(each - shared);
        assertThat(stripDowns.all().stream()
                        .mapToInt((StripDown<Integer> o) -> o.access().minutes())
                        .sum())
                .isEqualTo(shared);
    }

    /** Whatever is stored, also what would be torn: joined, every strip-down lies inside one strip-down of all that it needs, and nothing is opened twice more. */
    @Property(tries = 300, seed = Seeds.OF_THE_DAY)
    void whatWouldBeTornIsJoined(@ForAll("random") Case c, @ForAll @IntRange(min = 1, max = 9) int odd) {
        StripDowns<Integer> joined =
                StripDowns.joined(c.accesses, c.needs, (job, access) -> "g" + (job * odd + access.hashCode()) % 3);
        for (StripDown<Integer> o : joined.all()) {
            assertThat(joined.around(o))
                    .hasSize(c.accesses.closure(o.access().id()).size() - 1);
            for (StripDown<Integer> outer : joined.around(o))
                assertThat(outer.jobs()).containsAll(o.jobs());
        }
        // what is nested already stays as it is
        StripDowns<Integer> nested = new StripDowns<>(c.accesses, c.needs, (job, access) -> c.group(job));
        assertThat(StripDowns.joined(c.accesses, c.needs, (job, access) -> c.group(job))
                        .all())
                .isEqualTo(nested.all());
    }

    /** Each proposal saves what it says, breaks no precedence, and leaves nothing torn. */
    @Property(tries = 200, seed = Seeds.OF_THE_DAY)
    void aProposalKeepsItsPromise(@ForAll("random") Case c) {
        StripDowns<Integer> stripDowns = new StripDowns<>(c.accesses, c.needs, (job, access) -> c.group(job));
        for (Proposal p : Merging.propose(stripDowns, c.links(), c.states(), Set.of())) {
            StripDowns<Integer> merged = stripDowns;
            for (String stripDown : p.stripDowns().subList(1, p.stripDowns().size()))
                merged = merged.merged(p.access(), p.stripDowns().get(0), stripDown);
            assertThat(stripDowns.totals().minutes() - merged.totals().minutes())
                    .isEqualTo(p.savedMinutes());
            for (StripDown<Integer> o : merged.all()) {
                int rolls = c.rolling;
                boolean before = o.jobs().stream().anyMatch(j -> j < rolls);
                boolean after = o.jobs().stream().anyMatch(j -> j > rolls);
                boolean shut = o.access().excludes().contains(CarState.ROLLING);
                boolean was = stripDowns.stripDownsOf(o.access().id()).contains(o.id())
                        && stripDowns.all().contains(o);
                if (!was && o.access().id().equals(p.access()))
                    assertThat(shut && before && after).isFalse();
            }
        }
    }

    /** Jobs 0 … n in one line, some of which need accesses; the one named {@code rolling} needs the car on its wheels and none. */
    record Case(AccessGraph accesses, Map<Integer, Set<String>> needs, List<Integer> groups, int rolling) {
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
                    List<Access> accesses = new java.util.ArrayList<>();
                    for (int i = 0; i < 6; i++) {
                        Set<String> needs = new java.util.HashSet<>();
                        for (int j = 0; j < i; j++)
                            if ((b.get(i) >> j & 1) == 1 && (b.get(i) >> 8 & 1) == 1) needs.add("w" + j);
                        accesses.add(
                                (b.get(i) >> 7 & 1) == 1
                                        ? access("w" + i, m.get(i), needs, CarState.ROLLING)
                                        : access("w" + i, m.get(i), needs, CarState.RUNNING));
                    }
                    Map<Integer, Set<String>> jobs = new LinkedHashMap<>();
                    for (int job = 0; job < 9; job++) {
                        Set<String> wants = new java.util.HashSet<>();
                        if (job != rolling)
                            for (int i = 0; i < 6; i++)
                                if ((b.get(6) + 37 * job + b.get(7) * i) % 4 == 0) wants.add("w" + i);
                        jobs.put(job, wants);
                    }
                    return new Case(new AccessGraph(accesses), jobs, g, rolling);
                });
    }

    /** All that is needed, found by repeating until nothing is added. */
    private static Set<String> referee(AccessGraph accesses, Set<String> wants) {
        Set<String> found = new java.util.HashSet<>(wants);
        boolean grew = true;
        while (grew) {
            grew = false;
            for (String access : List.copyOf(found))
                grew |= found.addAll(accesses.require(access).needs());
        }
        return found;
    }

    private static Access access(String id, int minutes, Set<String> needs, CarState excludes) {
        return new Access(
                id,
                id,
                "open " + id,
                "close " + id,
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

    private static StripDowns<String> apart(String... jobsAndNeeds) {
        return new StripDowns<>(WAYS, needs(jobsAndNeeds), (job, access) -> job);
    }

    private static StripDowns<String> together(String... jobsAndNeeds) {
        return new StripDowns<>(WAYS, needs(jobsAndNeeds), (job, access) -> "one");
    }

    private static Map<String, Set<String>> needs(String... jobsAndNeeds) {
        Map<String, Set<String>> needs = new LinkedHashMap<>();
        for (int i = 0; i < jobsAndNeeds.length; i += 2)
            needs.put(jobsAndNeeds[i], jobsAndNeeds[i + 1].isEmpty() ? Set.of() : Set.of(jobsAndNeeds[i + 1]));
        return needs;
    }
}
