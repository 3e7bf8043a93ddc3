package ofisino.core.plan.solve;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.NeededFor;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.Shelf;

/** The problem in numbers, made once and read by all passes over it. Activities, people, capacities and strip-downs are known by their index. */
final class Instance {
    static final int NONE = -1;

    final PlanProblem problem;
    final TimeGrid time;
    final int size;
    final Activity[] activity;
    final Map<ActivityId, Integer> index = new HashMap<>();

    final int[] work;
    /** Seconds. */
    final int[] wait;

    final int[] notBefore;
    final int[] fixed;
    final int[] deadline;
    final boolean[] inOneGo;
    /** By activity: when somebody else's door is open; null for always. */
    private final ExternalCalendar[] doors;
    /** By activity: the crews that could do it. */
    final int[][][] crews;

    final int[] place;
    final boolean[] holdsBegun;
    final boolean[] holdsWaiting;
    final int[][] resources;
    final int[][] amounts;
    final String[] capacityId;
    final int[] capacity;
    /** By capacity: each day on which it is used counts. */
    final boolean[] byTheDay;

    final boolean hires;
    private final int[][] taken;

    /** Links, those that follow from strip-downs and states among them. */
    final Link[][] before;

    final Link[][] after;
    /** By activity: what comes after it, once for each link. */
    final int[][] next;

    /** By strip-down: its strip, or {@link #NONE} when it is open already. */
    final int[] strip;

    final int[] refit;
    /** By strip-down: its jobs. */
    final int[][] jobs;
    /** By strip-down: the number of its access. */
    final int[] access;

    final int accesses;
    /** By activity: the strip-down that it opens or closes. */
    final int[] opens;

    final int[] closes;
    /** By strip-down: what it fills of the shelf; 0 where that is not limited. */
    final int[] takes;

    final int shelf;
    /** Pieces of work that may be open at once. */
    final int mostOpen;
    /** By strip-down: others of the same access. */
    final int[][] sameWay;
    /** By activity: other activities with which it shares no slot. */
    final int[][] apart;
    /** By activity: strip-downs with which it shares no slot. */
    final int[][] apartFromStripDown;
    /** By strip-down: activities with which it shares no slot. */
    final int[][] stripDownApartFrom;

    /** By day: money at hand without any dues, or empty. */
    final long[] income;

    final long floor;
    /** By activity, minor units: what becomes due with its first work, and when all of it is over. */
    final long[] dueAtStart;

    final long[] dueAtEnd;

    /** By milestone, in the order in which they matter: the activities that it needs. */
    final int[][] milestones;
    /** By activity: the first milestone that needs it. */
    final int[] neededFor;
    /** By activity: the number of its piece of work, or {@link #NONE}. */
    final int[] piece;

    final int pieces;
    /** By piece that is begun: what is left of it. */
    final int[][] inHand;
    /** By activity: a package that is begun waits for it, or it is of one. */
    final boolean[] forInHand;
    /** Activities so that none comes before what it follows. */
    final int[] topological;

    final KeptDays kept;

    /** @param lag seconds @param given stated as a link; others follow from strip-downs and states */
    record Link(int other, int lag, boolean given) {}

    /** @throws Circle when activities wait for one another */
    Instance(PlanProblem problem) {
        this(problem, new Setting(problem));
    }

    /** @throws Circle when activities wait for one another */
    Instance(PlanProblem problem, Setting setting) {
        problem.mustNameItsDemands();
        this.problem = problem;
        this.time = setting.time;
        this.activity = problem.activities().toArray(Activity[]::new);
        this.size = activity.length;
        for (int a = 0; a < size; a++) index.put(activity[a].id(), a);
        work = ints(a -> a.workSlots());
        wait = ints(a -> TimeGrid.capped(a.timing().waitAfter()));
        notBefore = ints(a -> a.timing().notBefore().map(time::secondsAt).orElse(0));
        fixed = ints(a -> a.timing().fixedStart().map(time::secondsAt).orElse(Integer.MIN_VALUE));
        deadline = ints(a -> a.timing().deadline().map(time::secondsAt).orElse(Integer.MAX_VALUE));
        inOneGo = new boolean[size];
        holdsBegun = new boolean[size];
        holdsWaiting = new boolean[size];
        for (int a = 0; a < size; a++) {
            inOneGo[a] = activity[a].timing().inOneGo();
            holdsBegun[a] = activity[a].demand().holdsPlaceWhileBegun();
            holdsWaiting[a] = activity[a].demand().holdsPlaceWhileWaiting();
        }
        crews = crewsOf();
        List<PlanProblem.Capacity> capacities = Setting.capacities(problem).toList();
        capacityId = capacities.stream().map(PlanProblem.Capacity::id).toArray(String[]::new);
        capacity = capacities.stream().mapToInt(PlanProblem.Capacity::units).toArray();
        byTheDay = new boolean[capacity.length];
        for (int c = 0; c < byTheDay.length; c++)
            byTheDay[c] = capacities.get(c).byTheDay();
        hires = capacities.stream().anyMatch(PlanProblem.Capacity::byTheDay);
        taken = setting.taken;
        doors = doorsOf(setting);
        place = ints(a -> a.demand().place().map(this::capacityIndex).orElse(NONE));
        resources = new int[size][];
        amounts = new int[size][];
        for (int a = 0; a < size; a++) {
            var demands = new java.util.TreeMap<>(activity[a].demand().resources());
            resources[a] =
                    demands.keySet().stream().mapToInt(this::capacityIndex).toArray();
            amounts[a] = demands.values().stream().mapToInt(Integer::intValue).toArray();
        }
        List<PlanProblem.StripDown> stripDowns = problem.stripDowns();
        strip = stripDowns.stream()
                .mapToInt(o -> o.strip().map(index::get).orElse(NONE))
                .toArray();
        refit = stripDowns.stream().mapToInt(o -> index.get(o.refit())).toArray();
        jobs = stripDowns.stream()
                .map(o -> o.jobs().stream().mapToInt(index::get).toArray())
                .toArray(int[][]::new);
        List<String> names = stripDowns.stream()
                .map(PlanProblem.StripDown::access)
                .distinct()
                .toList();
        access = stripDowns.stream().mapToInt(o -> names.indexOf(o.access())).toArray();
        accesses = names.size();
        shelf = problem.shelf().map(Shelf::room).orElse(Integer.MAX_VALUE);
        takes = stripDowns.stream()
                .mapToInt(o -> problem.shelf().map(s -> s.takenBy(o.access())).orElse(0))
                .toArray();
        mostOpen = problem.policy().mostOpen().orElse(Integer.MAX_VALUE);
        opens = filled(NONE);
        closes = filled(NONE);
        for (int o = 0; o < refit.length; o++) {
            if (strip[o] != NONE) opens[strip[o]] = o;
            closes[refit[o]] = o;
        }
        sameWay = new int[refit.length][];
        for (int o = 0; o < refit.length; o++) {
            int me = o;
            sameWay[o] = java.util.stream.IntStream.range(0, refit.length)
                    .filter(other -> other != me && access[other] == access[me])
                    .toArray();
        }
        var exclusions = new Exclusions(this);
        apart = exclusions.apart;
        apartFromStripDown = exclusions.apartFromStripDown;
        stripDownApartFrom = exclusions.stripDownApartFrom;
        var order = new ImpliedLinks(this);
        before = order.before;
        after = order.after;
        next = Arrays.stream(after)
                .map(links -> Arrays.stream(links).mapToInt(Link::other).toArray())
                .toArray(int[][]::new);
        topological = order.topological;
        income = problem.purse().map(this::incomeByDay).orElse(new long[0]);
        floor = problem.purse().map(PlanProblem.Purse::floorMinor).orElse(0L);
        dueAtStart = new long[size];
        dueAtEnd = new long[size];
        for (int a = 0; a < size; a++)
            for (Activity.Due due : activity[a].dues()) (due.isAtEnd() ? dueAtEnd : dueAtStart)[a] += due.minor();
        kept = new KeptDays(this);
        milestones = milestones();
        neededFor = filled(milestones.length);
        for (int m = milestones.length - 1; m >= 0; m--) for (int a : milestones[m]) neededFor[a] = m;
        List<PlanProblem.Piece> all = problem.pieces();
        pieces = all.size();
        piece = filled(NONE);
        for (int p = 0; p < pieces; p++) for (int a : indexesOf(all.get(p))) piece[a] = p;
        inHand = all.stream()
                .filter(PlanProblem.Piece::begun)
                .map(this::indexesOf)
                .filter(left -> left.length > 0)
                .toArray(int[][]::new);
        forInHand = new boolean[size];
        for (int[] left : inHand) for (int a : left) forInHand[a] = true;
        for (int i = size - 1; i >= 0; i--)
            if (forInHand[topological[i]]) for (Link l : before[topological[i]]) forInHand[l.other()] = true;
    }

    private int[] indexesOf(PlanProblem.Piece of) {
        return of.left().stream()
                .filter(index::containsKey)
                .mapToInt(index::get)
                .toArray();
    }

    private ExternalCalendar[] doorsOf(Setting setting) {
        ExternalCalendar[] found = new ExternalCalendar[size];
        for (int a = 0; a < size; a++) {
            List<TimeWindow> open = activity[a].timing().open();
            if (!open.isEmpty()) found[a] = setting.door(open);
        }
        return found;
    }

    private interface Number {
        int of(Activity activity);
    }

    private int[] ints(Number number) {
        int[] found = new int[size];
        for (int a = 0; a < size; a++) found[a] = number.of(activity[a]);
        return found;
    }

    private int[] filled(int value) {
        int[] found = new int[size];
        Arrays.fill(found, value);
        return found;
    }

    private int capacityIndex(String id) {
        for (int c = 0; c < capacityId.length; c++) if (capacityId[c].equals(id)) return c;
        throw new IllegalStateException(id); // the problem checked its names
    }

    /** What others leave of a capacity in a live slot. */
    int left(int c, int t) {
        return taken[c] == null ? capacity[c] : capacity[c] - taken[c][t];
    }

    /** Sets a load to what others take of the capacity. */
    void takeOthers(int c, int[] load) {
        if (taken[c] == null) Arrays.fill(load, 0);
        else System.arraycopy(taken[c], 0, load, 0, load.length);
    }

    /** When it is complete, if it starts then and has no work: the wait, and then until somebody's door is open. */
    int endFrom(int a, int start) {
        return doors[a] == null ? start + wait[a] : doors[a].openAt(start + wait[a]);
    }

    /** The first instant at or after this one at which somebody's door is open for it. */
    int openAt(int a, int instant) {
        return doors[a] == null ? instant : doors[a].openAt(instant);
    }

    /** The latest start without work that is complete by then; negative where there is none. */
    int latestStart(int a, int end) {
        return doors[a] == null ? end - wait[a] : doors[a].latestStart(end, wait[a]);
    }

    /** The last instant before this one at which it could have been started; negative where there is none. */
    int openBefore(int a, int instant) {
        return doors[a] == null ? instant - 1 : doors[a].openBefore(instant);
    }

    boolean isFixed(int a) {
        return fixed[a] != Integer.MIN_VALUE;
    }

    private int[][][] crewsOf() {
        Map<String, Integer> person = new HashMap<>();
        for (int p = 0; p < problem.people().size(); p++)
            person.put(problem.people().get(p).id(), p);
        Map<Activity.Crew, int[][]> known = new HashMap<>();
        var choices = new CrewChoices(time);
        int[][][] found = new int[size][][];
        for (int a = 0; a < size; a++)
            found[a] = known.computeIfAbsent(
                    activity[a].crew(),
                    c -> choices.of(
                            c.candidates().stream().mapToInt(person::get).toArray(), c.size()));
        return found;
    }

    private long[] incomeByDay(PlanProblem.Purse purse) {
        long[] found = new long[time.days()];
        Arrays.fill(found, purse.openingMinor());
        for (PlanProblem.Purse.Income i : purse.income()) {
            int day = dayOf(i.day());
            for (int d = day; d < found.length; d++) found[d] = Math.addExact(found[d], i.minor());
        }
        return found;
    }

    int dayOf(LocalDate day) {
        return time.dayOf(time.secondsAt(day.atStartOfDay(problem.zone()).toInstant()));
    }

    private int[][] milestones() {
        var needed = new NeededFor(problem);
        return Stream.concat(
                        problem.policy().first().stream().map(needed::places),
                        problem.milestones().stream().map(needed::places))
                .map(places -> places.stream().toArray())
                .toArray(int[][]::new);
    }

    int stripDownIndex(String id) {
        for (int o = 0; o < refit.length; o++)
            if (problem.stripDowns().get(o).id().equals(id)) return o;
        throw new IllegalStateException(id);
    }
}
