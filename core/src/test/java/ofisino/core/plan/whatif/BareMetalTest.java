package ofisino.core.plan.whatif;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.Activities;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.job.Precedence;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Activity.Crew;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Capacity;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.sentout.DaysAway;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.whatif.BareMetal.ByOthers;
import ofisino.core.plan.whatif.BareMetal.Task;
import ofisino.core.plan.whatif.BareMetalUsual.UnseenPlace;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.estimate.Estimates;
import org.junit.jupiter.api.Test;

/** The whole body at bare metal: what comes on top, what it takes the place of, and in which order. */
class BareMetalTest {
    private static final Instant MONDAY = Instant.parse("2026-03-02T00:00:00Z");
    private static final Crew INES = new Crew(1, List.of("ines"));
    private static final ActivityId STRIP = new ActivityId("whole-strip");
    private static final ActivityId SHOWN = new ActivityId("whole-shown");
    private static final ActivityId COAT = new ActivityId("whole-coat");

    /** A weld and its own paint behind the seats; a door that is painted and then hung; brakes that have nothing to do with it. */
    private static PlanProblem car() {
        List<TimeWindow> days = Activities.sessions(MONDAY, 7, 100, 8);
        List<Activity> work = List.of(
                Activity.job("brakes", Aim.ROAD_READY, 16, INES),
                Activity.job("wax", Aim.ROAD_READY, 4, INES),
                Activity.job("clean-weld", Aim.ROAD_READY, 4, INES),
                Activity.job("weld", Aim.ROAD_READY, 32, INES),
                Activity.job("paint-weld", Aim.DRIVER, 12, INES),
                Activity.job("paint-door", Aim.DRIVER, 12, INES),
                Activity.job("hang-door", Aim.DRIVER, 4, INES),
                Activity.job("screen-off", Aim.DRIVER, 2, INES),
                Activity.job("screen-on", Aim.DRIVER, 2, INES),
                Activity.job("seats-out", Aim.DRIVER, 2, INES),
                Activity.job("seats-in", Aim.DRIVER, 2, INES),
                Activity.order("paint", Aim.DRIVER, Duration.ofDays(5)));
        return PlanProblem.simple(
                        MONDAY,
                        MONDAY.plus(Duration.ofDays(700)),
                        ZoneOffset.UTC,
                        List.of(new Person("ines", days)),
                        work,
                        List.of(
                                Link.of("clean-weld", "weld"),
                                Link.of("brakes", "clean-weld"),
                                Link.of("weld", "paint-weld"),
                                Link.of("paint-door", "hang-door"),
                                Link.of("paint", "paint-door")))
                .withStripDowns(
                        List.of(new StripDown(
                                "s",
                                "seats",
                                Optional.of(new ActivityId("seats-out")),
                                new ActivityId("seats-in"),
                                List.of(
                                        new ActivityId("clean-weld"),
                                        new ActivityId("weld"),
                                        new ActivityId("paint-weld")),
                                List.of())),
                        List.of());
    }

    private static BareMetal whole(Optional<ByOthers> strip) {
        return new BareMetal(
                task(STRIP, Aim.ROAD_READY, 480, strip),
                Optional.of(task(SHOWN, Aim.ROAD_READY, 121, Optional.empty())),
                task(COAT, Aim.DRIVER, 960, Optional.empty()),
                new BodyJobs(
                        Set.of(new ActivityId("weld")),
                        Set.of(new ActivityId("clean-weld")),
                        Set.of(new ActivityId("paint-weld"), new ActivityId("paint-door")),
                        Set.of(new ActivityId("screen-off")),
                        Set.of(new ActivityId("screen-on")),
                        Set.of()),
                List.of(new Precedence.Link<>(COAT, new ActivityId("wax"))),
                Set.of("seats"));
    }

    private static Task task(ActivityId id, Aim aim, int minutes, Optional<ByOthers> byOthers) {
        return new Task(id, aim, minutes, Activity.Demand.NONE, List.of(), 9_000, byOthers);
    }

    private static OtherWay way(Optional<Aim> standard, BareMetal whole) {
        return new OtherWay(standard, 0, List.of(), Optional.empty(), Optional.of(whole));
    }

    @Test
    void oneCoatTakesThePlaceOfTheLocalOnesAndOfWhatIsOrderedForThem() {
        OtherWay way = way(Optional.empty(), whole(Optional.empty()));
        Map<String, Integer> slots =
                way.of(car()).activities().stream().collect(Collectors.toMap(a -> a.id().value(), Activity::workSlots));
        assertThat(slots)
                .containsEntry("whole-strip", 32)
                .containsEntry("whole-shown", 9)
                .containsEntry("whole-coat", 64)
                .containsKeys("weld", "brakes", "seats-out", "hang-door")
                .doesNotContainKeys("clean-weld", "paint-weld", "paint-door", "paint");
        assertThat(way.leftOut(car()))
                .extracting(ActivityId::value)
                .containsExactlyInAnyOrder("clean-weld", "paint-weld", "paint-door");
    }

    /** The seats stay out from the strip to the coat; the door is hung when it has its colour, the screen is off before and on after. */
    @Test
    void itIsStrippedThenWeldedThenPaintedAndOnlyThenPutTogether() {
        PlanProblem problem = way(Optional.empty(), whole(Optional.empty())).of(car());
        Plan plan = ((PlanOutcome.Planned) Planner.plan(problem, new Planner.Budget(20, 1))).plan();
        List<String> order = List.of("brakes", "whole-strip", "weld", "whole-coat", "wax");
        List<String> screen = List.of("screen-off", "whole-strip", "whole-coat", "screen-on");
        assertThat(inOrder(plan, order)).isTrue();
        assertThat(inOrder(plan, screen)).isTrue();
        assertThat(plan.of(new ActivityId("hang-door")).orElseThrow().start())
                .isAfterOrEqualTo(plan.of(COAT).orElseThrow().end());
        assertThat(plan.of(new ActivityId("seats-out")).orElseThrow().end())
                .isBeforeOrEqualTo(plan.of(STRIP).orElseThrow().start());
        assertThat(plan.of(new ActivityId("seats-in")).orElseThrow().start())
                .isAfterOrEqualTo(plan.of(COAT).orElseThrow().end());
    }

    private static boolean inOrder(Plan plan, List<String> names) {
        List<Plan.Scheduled> placed = names.stream()
                .map(n -> plan.of(new ActivityId(n)).orElseThrow())
                .toList();
        return IntStream.range(1, placed.size())
                .noneMatch(i -> placed.get(i).start().isBefore(placed.get(i - 1).end()));
    }

    @Test
    void whoeverStripsItIsPaidAndTakesNoHours() {
        OtherWay way = way(Optional.empty(), whole(Optional.of(new ByOthers(new DaysAway(14), 180_000))));
        assertThat(way.pricesMinor(car())).isEqualTo(180_000);
        assertThat(way.bareMetal().orElseThrow().materialMinor())
                .as("for the other two")
                .isEqualTo(18_000);
        assertThat(way.of(car()).activities().stream()
                        .flatMap(a -> a.dues().stream())
                        .map(Activity.Due::minor))
                .containsExactlyInAnyOrder(180_000L, 9_000L, 9_000L);
        assertThat(way.of(car()).activities())
                .filteredOn(a -> a.id().equals(STRIP))
                .singleElement()
                .satisfies(a -> assertThat(a.workSlots()).isZero());
    }

    /** Paint that cures in the warm half of the year alone: what nobody else asked for comes into the problem with it. */
    @Test
    void oneCoatWaitsForWarmNights() {
        Instant spring = MONDAY.plus(Duration.ofDays(40));
        var warm = Capacity.onlyIn(
                "warm",
                1,
                List.of(new TimeWindow(spring, spring.plus(Duration.ofDays(150)))),
                new TimeWindow(MONDAY, MONDAY.plus(Duration.ofDays(700))));
        BareMetal cold = whole(Optional.empty());
        var coat = new Task(
                COAT,
                Aim.DRIVER,
                960,
                new Activity.Demand(Optional.empty(), Map.of("warm", 1), false, false),
                List.of(warm),
                0,
                Optional.empty());
        var whole = new BareMetal(cold.strip(), cold.shown(), coat, cold.others(), cold.byTrade(), cold.uncovering());
        PlanProblem problem = way(Optional.empty(), whole).of(car());
        Plan plan = ((PlanOutcome.Planned) Planner.plan(problem, new Planner.Budget(20, 1))).plan();
        assertThat(plan.of(COAT).orElseThrow().start()).isAfter(spring);
    }

    /** For the road alone nobody hangs the door; what the road asks for waits for the strip, and the wax for the paint. */
    @Test
    void aLowerStandardKeepsWhatTheRoadHangsOn() {
        assertThat(way(Optional.of(Aim.ROAD_READY), whole(Optional.empty()))
                        .of(car())
                        .activities())
                .extracting(a -> a.id().value())
                .as("the wax is for the road, and it comes after the paint")
                .contains("whole-strip", "whole-shown", "weld", "whole-coat")
                .doesNotContain("paint-weld", "hang-door");
    }

    /** Somebody linked the weld after the painted door: what would run in a circle is left as they said. */
    @Test
    void noLinkClosesACircle() {
        PlanProblem car = car();
        List<Link> links = new ArrayList<>(car.links());
        links.add(Link.of("hang-door", "weld"));
        PlanProblem odd = car.withStripDowns(car.activities(), links, car.stripDowns(), List.of());
        BareMetal whole = whole(Optional.empty());
        assertThat(whole.order(odd))
                .as("the weld is under the paint, so the door was hung before that")
                .anyMatch(l -> l.before().value().equals("weld") && l.after().equals(COAT))
                .noneMatch(l -> l.before().equals(COAT) && l.after().value().equals("hang-door"));
        assertThat(Planner.plan(way(Optional.empty(), whole).of(odd), new Planner.Budget(5, 1)))
                .isInstanceOf(PlanOutcome.Planned.class);
    }

    /** A weld that is given away and one that is in hand come before the paint all the same; neither is left to the whole. */
    @Test
    void whoeverDoesItTheOrderHolds() {
        var weld = nature(Operation.WELD, VehicleSystem.STRUCTURE);
        var colour = nature(Operation.PAINT, VehicleSystem.BODY);
        BodyJobs others = BodyJobs.of(List.of(
                new BareMetal.Open(new ActivityId("given"), weld, Aim.ROAD_READY, false, true),
                new BareMetal.Open(new ActivityId("begun"), weld, Aim.ROAD_READY, true, false),
                new BareMetal.Open(new ActivityId("paint-begun"), colour, Aim.DRIVER, true, false),
                new BareMetal.Open(new ActivityId("paint-given"), colour, Aim.DRIVER, false, true),
                new BareMetal.Open(new ActivityId("paint"), colour, Aim.DRIVER, false, false)));
        assertThat(others.onMetal()).extracting(ActivityId::value).containsExactlyInAnyOrder("given", "begun");
        assertThat(others.localCoats()).extracting(ActivityId::value).containsExactly("paint");
        PlanProblem car = car();
        List<Activity> work = new ArrayList<>(car.activities());
        for (String id : List.of("given", "begun")) work.add(Activity.job(id, Aim.ROAD_READY, 4, INES));
        PlanProblem more = car.withActivities(work);
        BareMetal plain = whole(Optional.empty());
        var whole = new BareMetal(plain.strip(), plain.shown(), plain.coat(), others, List.of(), Set.of());
        assertThat(whole.order(more))
                .contains(
                        new Precedence.Link<>(STRIP, new ActivityId("given")),
                        new Precedence.Link<>(new ActivityId("given"), COAT),
                        new Precedence.Link<>(new ActivityId("begun"), COAT))
                .doesNotContain(new Precedence.Link<>(STRIP, new ActivityId("begun")));
    }

    @Test
    void whatDoesMoreThanColourAPlaceIsNoLocalCoat() {
        assertThat(BodyJobs.isLocalStrip(nature(Operation.CLEAN, VehicleSystem.BODY)))
                .isTrue();
        assertThat(BodyJobs.isLocalStrip(nature(Operation.CLEAN, VehicleSystem.STRUCTURE, Detail.CRACK_CHECK)))
                .as("it does more than that")
                .isFalse();
        assertThat(BodyJobs.isOnMetal(nature(Operation.CLEAN, VehicleSystem.STRUCTURE, Detail.CRACK_CHECK)))
                .isTrue();
        assertThat(BodyJobs.isLocalCoat(nature(Operation.PAINT, VehicleSystem.BODY)))
                .isTrue();
        assertThat(BodyJobs.isLocalCoat(nature(Operation.PRIME, VehicleSystem.BODY, Detail.SEAM_SEAL)))
                .isFalse();
        assertThat(BodyJobs.isLocalCoat(nature(Operation.PRIME, VehicleSystem.BODY, Detail.MEASURE)))
                .as("the datum is read again after the weld")
                .isFalse();
        assertThat(BodyJobs.isLocalCoat(nature(Operation.PAINT, VehicleSystem.BODY, Detail.MASK)))
                .as("wires and pipes are put back with it")
                .isFalse();
        assertThat(BodyJobs.isLocalCoat(nature(Operation.PAINT, VehicleSystem.WHEELS_AND_TYRES)))
                .isFalse();
        assertThat(BodyJobs.isOnMetal(nature(Operation.WELD, VehicleSystem.STRUCTURE)))
                .isTrue();
        assertThat(BodyJobs.isOnMetal(nature(Operation.WELD, VehicleSystem.EXHAUST)))
                .isFalse();
        assertThat(BodyJobs.isOnMetal(new JobNature(Operation.WELD, Optional.empty(), Set.of())))
                .isFalse();
    }

    private static JobNature nature(Operation operation, VehicleSystem system, Detail... details) {
        return new JobNature(operation, Optional.of(system), Set.of(details));
    }

    @Test
    void eachBodyHasItsHoursAndALargerOneMore() {
        BareMetalUsual usual = BareMetalUsual.load();
        for (BodyStyle body : BodyStyle.values())
            assertThat(usual.of(body).coat().effort().likelyMinutes())
                    .as(body.name())
                    .isGreaterThan(usual.of(body).strip().effort().likelyMinutes());
        assertThat(usual.of(BodyStyle.MOTORCYCLE).strip().effort().pessimisticMinutes())
                .isLessThan(usual.of(BodyStyle.ROADSTER).strip().effort().optimisticMinutes());
    }

    /** Of two places of the structure, one half seen: by the chance of each, as estimates.yaml says. */
    @Test
    void whatShowsIsWhatPlacesUsuallyHideByTheirChance() {
        Estimates usual = Estimates.load();
        Zone place = Zone.whole(VehicleSystem.STRUCTURE);
        Effort damage = usual.hidden(VehicleSystem.STRUCTURE).damage().effort();
        double chance = usual.hidden(VehicleSystem.STRUCTURE).chanceAt(place, 1);
        Effort shown = BareMetalUsual.toShow(List.of(new UnseenPlace(place, 1), new UnseenPlace(place, 0.5)), usual);
        assertThat((double) shown.likelyMinutes()).isCloseTo(1.5 * chance * damage.likelyMinutes(), within(1.0));
        assertThat(shown.pessimisticMinutes()).isGreaterThan(shown.likelyMinutes());
        assertThat(BareMetalUsual.toShow(List.of(new UnseenPlace(place, 0)), usual))
                .isEqualTo(Effort.NONE);
    }
}
