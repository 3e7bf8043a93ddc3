package ofisino.core.plan.solve;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.zone.ZoneOffsetTransition;
import java.time.zone.ZoneRules;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.PlanProblem;

/**
 * Time in numbers. Slots count quarters of an hour from the first; of these only the <em>live</em> ones matter, in which somebody is in the
 * garage or a place begins to be taken, and they are numbered by themselves: two years of evenings are 6 000 live slots of 70 000. Instants are seconds after the first slot.
 */
final class TimeGrid {
    static final int SLOT_SECONDS = 900;
    private static final int DAY_SECONDS = 86_400;
    private static final long FAR_SECONDS = 500_000_000;
    /** Nobody is there: number of no window. */
    static final int OUT = -1;

    final Instant origin;
    final int slots;
    final int now;
    final int horizon;
    /** Number of live slots. */
    final int live;
    /** By live slot: its slot. */
    final int[] slotOf;
    /** By person and live slot: the number of the window in which it lies, or {@link #OUT}. */
    final int[][] window;
    /** One bit for each slot, set where it is live. */
    private final long[] alive;
    /** By word of {@link #alive}: live slots before it. */
    private final int[] liveBefore;
    /** By day of the garage's own zone: its first second. */
    private final int[] dayStart;

    /** The begin of the quarter of an hour in which it is asked. */
    static Instant originOf(PlanProblem problem) {
        long quarter = PlanProblem.SLOT.toSeconds();
        return Instant.ofEpochSecond(Math.floorDiv(problem.now().getEpochSecond(), quarter) * quarter);
    }

    TimeGrid(PlanProblem problem) {
        origin = originOf(problem);
        slots = (int) (Duration.between(origin, problem.horizon()).toSeconds() / SLOT_SECONDS);
        now = secondsAt(problem.now());
        horizon = secondsAt(problem.horizon());
        BitSet somebody = new BitSet(slots);
        if (needsNobody(problem)) somebody.set(0, slots);
        for (PlanProblem.Person p : problem.people())
            for (TimeWindow w : p.windows()) {
                int from = Math.max(0, slotAtOrAfter(secondsAt(w.from())));
                somebody.set(from, Math.max(from, Math.min(slots, slotAtOrBefore(secondsAt(w.to())))));
            }
        // work that holds a place over night must see that it is taken in between
        for (PlanProblem.Capacity place : problem.places())
            for (PlanProblem.Capacity.Taken t : place.taken()) {
                int from = Math.floorDiv(secondsAt(t.when().from()), SLOT_SECONDS);
                int to = Math.min(slots, slotAtOrAfter(secondsAt(t.when().to())));
                if (to > 0 && from < to) somebody.set(Math.max(0, from));
            }
        live = somebody.cardinality();
        slotOf = somebody.stream().toArray();
        alive = Arrays.copyOf(somebody.toLongArray(), slots / Long.SIZE + 1);
        liveBefore = new int[alive.length];
        for (int i = 1; i < alive.length; i++) liveBefore[i] = liveBefore[i - 1] + Long.bitCount(alive[i - 1]);
        window = problem.people().stream().map(p -> windows(p.windows())).toArray(int[][]::new);
        dayStart = days(problem);
    }

    /** Whether some work goes on without anybody, so that all slots matter. */
    static boolean needsNobody(PlanProblem problem) {
        return problem.activities().stream()
                .anyMatch(a -> a.workSlots() > 0 && a.crew().size() == 0);
    }

    private int[] windows(List<TimeWindow> list) {
        int[] numbers = new int[live];
        Arrays.fill(numbers, OUT);
        for (int w = 0; w < list.size(); w++) {
            // a quarter of an hour that somebody leaves in the middle of is none
            int to = liveAt(slotAtOrBefore(secondsAt(list.get(w).to())) * SLOT_SECONDS);
            for (int t = liveAt(secondsAt(list.get(w).from())); t < to; t++) numbers[t] = w;
        }
        return numbers;
    }

    /** By live slot: what others take; null for nothing. */
    int[] load(List<PlanProblem.Capacity.Taken> taken) {
        if (taken.isEmpty()) return null;
        int[] load = new int[live];
        for (PlanProblem.Capacity.Taken t : taken) {
            int to = liveAt(secondsAt(t.when().to()));
            for (int i = liveTouching(secondsAt(t.when().from())); i < to; i++) load[i] += t.units();
        }
        return load;
    }

    /** The first live slot that ends after the instant. */
    private int liveTouching(int seconds) {
        return liveAt(Math.floorDiv(seconds, SLOT_SECONDS) * SLOT_SECONDS);
    }

    /** Asks the zone once for each change of its clock: the days of years are many. */
    private int[] days(PlanProblem problem) {
        LocalDate first = origin.atZone(problem.zone()).toLocalDate();
        LocalDate last = problem.horizon().atZone(problem.zone()).toLocalDate();
        int[] starts = new int[(int) ChronoUnit.DAYS.between(first, last) + 2];
        ZoneRules rules = problem.zone().getRules();
        long offset = 0;
        long changes = Long.MIN_VALUE;
        for (int day = 0; day < starts.length; day++) {
            LocalDate date = first.plusDays(day);
            Instant start = Instant.ofEpochSecond(date.toEpochDay() * DAY_SECONDS - offset);
            if (start.getEpochSecond() >= changes) {
                start = date.atStartOfDay(problem.zone()).toInstant();
                offset = rules.getOffset(start).getTotalSeconds();
                ZoneOffsetTransition change = rules.nextTransition(start);
                changes = change == null ? Long.MAX_VALUE : change.toEpochSecond();
            }
            starts[day] = secondsAt(start);
        }
        return starts;
    }

    int secondsAt(Instant instant) {
        return capped(instant.getEpochSecond() - origin.getEpochSecond());
    }

    static int capped(Duration duration) {
        return capped(duration.toSeconds());
    }

    /** At most 15 years, which no plan reaches, so that sums of a few stay numbers. */
    private static int capped(long seconds) {
        return (int) Math.max(-FAR_SECONDS, Math.min(FAR_SECONDS, seconds));
    }

    Instant instantAt(int seconds) {
        return origin.plusSeconds(seconds);
    }

    private static int slotAtOrBefore(int seconds) {
        return Math.floorDiv(seconds, SLOT_SECONDS);
    }

    static int slotAtOrAfter(int seconds) {
        return -Math.floorDiv(-seconds, SLOT_SECONDS);
    }

    /** The first live slot that begins at or after the instant; {@link #live} when there is none. */
    int liveAt(int seconds) {
        int slot = slotAtOrAfter(seconds);
        if (slot <= 0) return 0;
        if (slot > slots) return live;
        int word = slot / Long.SIZE;
        return liveBefore[word] + Long.bitCount(alive[word] & (1L << slot) - 1);
    }

    int startOf(int liveSlot) {
        return slotOf[liveSlot] * SLOT_SECONDS;
    }

    int endOf(int liveSlot) {
        return startOf(liveSlot) + SLOT_SECONDS;
    }

    /** The day of an instant, counted from the first; past the horizon days go on, each of 24 hours. */
    int dayOf(int seconds) {
        int last = dayStart.length - 1;
        if (seconds > dayStart[last]) return last + (seconds - dayStart[last]) / DAY_SECONDS;
        int found = Arrays.binarySearch(dayStart, seconds);
        return found >= 0 ? found : Math.max(0, -found - 2);
    }

    /** Days up to the horizon and the next. */
    int days() {
        return dayStart.length;
    }

    int startOfDay(int day) {
        return dayStart[day];
    }
}
