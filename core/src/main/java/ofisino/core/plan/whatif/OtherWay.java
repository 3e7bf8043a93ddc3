package ofisino.core.plan.whatif;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Apportion;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.NeededFor;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Piece;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.sentout.DaysAway;

/**
 * Another way to do the same car, to be planned and set beside the way it is planned now.
 *
 * @param standard     only what this asks for is done; empty for all that is planned
 * @param sessionsMore a week, less than nothing for fewer
 * @param givenAway    jobs that somebody else does
 * @param parts        how parts are bought; empty for as planned
 * @param bareMetal    the whole body at bare metal and painted; empty for only where it is bad
 */
public record OtherWay(
        Optional<Aim> standard,
        int sessionsMore,
        List<GivenAway> givenAway,
        Optional<BoughtAs> parts,
        Optional<BareMetal> bareMetal) {
    /** Nobody has more evenings to give than a week has days. */
    private static final int MOST_SESSIONS = 6;

    private static final Set<Activity.ActivityKind> WORK =
            EnumSet.of(Activity.ActivityKind.JOB, Activity.ActivityKind.SENT_OUT);

    /** A job that somebody else does. @param costMinor what he asks, in minor units of the base currency */
    public record GivenAway(ActivityId job, DaysAway away, long costMinor) {
        /**
         * Several jobs that one person does for one price: the price shared out to the cent, the days in whole ones, rounded up.
         *
         * @throws InvalidValue when there are none
         */
        public static List<GivenAway> together(List<ActivityId> jobs, DaysAway away, long costMinor) {
            if (jobs.isEmpty())
                throw InvalidValue.at(
                        "allOf", "way.none-of-kind", "No job of that kind is open.", "Choose another kind of work.");
            long[] prices = Apportion.byLargestRemainder(
                    costMinor, LongStream.generate(() -> 1).limit(jobs.size()).toArray());
            var each = new DaysAway((away.days() + jobs.size() - 1) / jobs.size());
            return IntStream.range(0, jobs.size())
                    .mapToObj(i -> new GivenAway(jobs.get(i), each, prices[i]))
                    .toList();
        }
    }

    public OtherWay {
        givenAway = List.copyOf(givenAway);
        if (Math.abs(sessionsMore) > MOST_SESSIONS)
            throw InvalidValue.at(
                    "sessionsMore",
                    "way.sessions",
                    "A week has not so many sessions.",
                    "Enter from %d fewer to %d more.",
                    MOST_SESSIONS,
                    MOST_SESSIONS);
        if (givenAway.stream().map(GivenAway::job).distinct().count() < givenAway.size())
            throw InvalidValue.at("givenAway", "way.twice", "A job is given away twice.", "Name each job once.");
        if (standard.filter(s -> s == Aim.RUNNER).isPresent())
            throw InvalidValue.at(
                    "standard",
                    "way.no-road",
                    "That would leave out what the road asks for.",
                    "Choose road-ready or more.");
        if (standard.isEmpty() && sessionsMore == 0 && givenAway.isEmpty() && parts.isEmpty() && bareMetal.isEmpty())
            throw InvalidValue.at(
                    "standard",
                    "way.same",
                    "That is the way it is planned already.",
                    "Change the standard, the sessions, the parts or the body, or give a job away.");
    }

    /** The same car done this way. What is done or in hand by now is not left out; a job that is over cannot be given away any more, and is not. */
    public PlanProblem of(PlanProblem problem) {
        PlanProblem way = withAll(problem);
        Set<ActivityId> kept = kept(way);
        if (kept.size() < way.activities().size()) way = only(way, kept);
        if (sessionsMore > 0) return Easing.moreWorkSessions(way, sessionsMore);
        return sessionsMore < 0 ? Easing.fewerWorkSessions(way, -sessionsMore) : way;
    }

    /** What the others ask, for what is not left out; minor units of the base currency. */
    public long pricesMinor(PlanProblem problem) {
        Set<ActivityId> kept = kept(withAll(problem));
        return Stream.concat(
                        stillGivenAway(problem).stream()
                                .filter(g -> kept.contains(g.job()))
                                .map(GivenAway::costMinor),
                        bareMetal.stream()
                                .flatMap(b -> b.tasks().stream())
                                .filter(t -> kept.contains(t.id()))
                                .map(BareMetal.Task::priceMinor))
                .reduce(0L, Math::addExact);
    }

    private List<GivenAway> stillGivenAway(PlanProblem problem) {
        Set<ActivityId> open = problem.activities().stream()
                .filter(a -> a.kind() == Activity.ActivityKind.JOB && !a.begun())
                .map(Activity::id)
                .collect(Collectors.toSet());
        return givenAway.stream().filter(g -> open.contains(g.job())).toList();
    }

    /** The jobs that are not done this way, whoever does them, and what is not sent out. */
    public Set<ActivityId> leftOut(PlanProblem problem) {
        Set<ActivityId> kept = kept(withAll(problem));
        return problem.activities().stream()
                .filter(a -> WORK.contains(a.kind()))
                .map(Activity::id)
                .filter(id -> !kept.contains(id))
                .collect(Collectors.toSet());
    }

    /** What comes on top, and what only changes; nothing is left out yet. */
    private PlanProblem withAll(PlanProblem problem) {
        PlanProblem way = problem;
        for (GivenAway g : stillGivenAway(problem)) way = Sooner.sentOut(way, g.job(), g.away(), g.costMinor());
        if (parts.isPresent()) way = parts.get().of(way);
        return bareMetal.isPresent() ? bareMetal.get().of(way) : way;
    }

    private Set<ActivityId> kept(PlanProblem way) {
        Set<ActivityId> kept = standard.map(aim -> needed(way, aim))
                .orElseGet(() ->
                        way.activities().stream().map(Activity::id).collect(Collectors.toCollection(HashSet::new)));
        bareMetal.ifPresent(b -> kept.removeAll(b.spared(way)));
        return kept;
    }

    /** What the aim asks for, what is in hand, and all that these hang on. */
    private static Set<ActivityId> needed(PlanProblem problem, Aim aim) {
        var needed = new NeededFor(problem);
        List<ActivityId> wanted = new ArrayList<>(needed.aim(aim));
        problem.activities().stream().filter(Activity::begun).map(Activity::id).forEach(wanted::add);
        return new HashSet<>(needed.of(wanted));
    }

    private static PlanProblem only(PlanProblem p, Set<ActivityId> kept) {
        List<StripDown> stripDowns = p.stripDowns().stream()
                .filter(s -> kept.contains(s.refit()))
                .map(s -> new StripDown(
                        s.id(),
                        s.access(),
                        s.strip(),
                        s.refit(),
                        s.jobs().stream().filter(kept::contains).toList(),
                        s.inside()))
                .toList();
        Set<String> names = new HashSet<>(Stream.concat(
                        kept.stream().map(ActivityId::value),
                        stripDowns.stream().map(StripDown::id))
                .toList());
        return new PlanProblem(
                p.now(),
                p.horizon(),
                p.zone(),
                p.people(),
                p.places(),
                p.resources(),
                p.activities().stream().filter(a -> kept.contains(a.id())).toList(),
                p.links().stream()
                        .filter(l -> kept.contains(l.before()) && kept.contains(l.after()))
                        .toList(),
                stripDowns,
                p.exclusions().stream()
                        .filter(e -> names.contains(e.activityOrStripDown()))
                        .toList(),
                p.shelf(),
                p.purse(),
                p.policy(),
                p.target(),
                p.pieces().stream()
                        .map(piece -> new Piece(
                                piece.left().stream().filter(kept::contains).collect(Collectors.toSet()),
                                piece.begun()))
                        .filter(piece -> piece.left().size() > 1)
                        .toList(),
                Optional.empty());
    }
}
