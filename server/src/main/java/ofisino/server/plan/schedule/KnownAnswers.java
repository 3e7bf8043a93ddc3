package ofisino.server.plan.schedule;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.explain.Milestones;
import ofisino.core.plan.grouping.BackToBack;
import ofisino.core.plan.grouping.DoneBeforeClosing;
import ofisino.core.plan.grouping.Grouping;
import ofisino.core.plan.grouping.Hiring;
import ofisino.core.plan.grouping.LookedForFirst;
import ofisino.core.plan.grouping.OpenedByWork;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.solve.Slack;
import ofisino.core.plan.whatif.AtOwnPace;
import ofisino.core.plan.whatif.LongerSearch.Better;
import ofisino.core.plan.whatif.Untangling;
import ofisino.server.plan.Plans.Milestone;
import ofisino.server.plan.schedule.LongerSearches.Found;
import ofisino.server.plan.schedule.LongerSearches.SearchState;
import org.jspecify.annotations.Nullable;

/** Plans that were made lately, by the whole question: whatever changes, asks another one, and so never gets an old answer. */
final class KnownAnswers {
    /** Activities times schedules for one answer, so that a large plan takes no longer than a small one; see docs/performance.md. */
    private static final int EFFORT = 10_000;

    private static final int FEWEST = 30;
    private static final int ENOUGH = 300;

    private static final int MOST = 24;

    /** By the very object: to compare whole problems takes a while, and one request asks of the same one several times. Holds nothing alive. */
    private final Cache<PlanProblem, Question> questions = Caffeine.newBuilder()
            .weakKeys()
            .weakValues()
            .executor(Runnable::run)
            .build();

    private final Cache<Question, Answer> known = lately();
    private final Cache<Asked, PlanProblem> grouped = lately();

    private final Cache<Paced, Map<Aim, Instant>> paced = lately();

    private record Asked(Question stated, Stated.Wishes wishes) {}

    private record Paced(Question problem, AtOwnPace.Pace pace) {}

    /** A problem with its number, which is worked out once. */
    private static final class Question {
        private final PlanProblem problem;
        private final int number;

        Question(PlanProblem problem) {
            this.problem = problem;
            this.number = problem.hashCode();
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Question q
                    && number == q.number
                    && (problem == q.problem || problem.equals(q.problem));
        }

        @Override
        public int hashCode() {
            return number;
        }
    }

    private Question question(PlanProblem problem) {
        return questions.get(problem, Question::new);
    }

    /** Whoever asks what another is just being answered waits for that answer: a page asks for the plan several times at once. */
    private static <K, V> Cache<K, V> lately() {
        return Caffeine.newBuilder().maximumSize(MOST).executor(Runnable::run).build();
    }

    /** What was worked out of one problem; the rest when it is asked for. */
    static final class Answer {
        private final PlanProblem problem;
        private final PlanOutcome outcome;
        private final Plan plan;
        private final AtomicBoolean isSearched = new AtomicBoolean();
        private volatile Found found = Found.NOTHING;
        private @Nullable List<Milestone> milestones;
        private @Nullable Map<ActivityId, Instant> latestStarts;

        Answer(PlanProblem problem, PlanOutcome outcome) {
            this.problem = problem;
            this.outcome = outcome;
            this.plan = outcome.plan();
        }

        PlanOutcome outcome() {
            return outcome;
        }

        PlanProblem problem() {
            return problem;
        }

        /** True for the first who asks: he searches on. */
        boolean claimSearch() {
            return isSearched.compareAndSet(false, true);
        }

        /** What a longer search has found by now. */
        Found found() {
            return found;
        }

        void foundBetter(Better better) {
            found = new Found(Optional.of(better), found.fewer(), found.search());
        }

        void foundFewer(Grouping.Fewer fewer) {
            found = new Found(found.better(), Optional.of(fewer), found.search());
        }

        void searches(SearchState state) {
            found = new Found(found.better(), found.fewer(), state);
        }

        /** As far as there is one. */
        Plan plan() {
            return plan;
        }

        synchronized List<Milestone> milestones() {
            if (milestones == null) {
                List<Milestone> found = new ArrayList<>();
                for (Aim aim : Aim.values())
                    Milestones.milestone(problem, plan, aim)
                            .ifPresent(reached -> found.add(new Milestone(aim, reached)));
                milestones = found;
            }
            return milestones;
        }

        /** Empty while not everything has a date. */
        synchronized Map<ActivityId, Instant> latestStarts() {
            if (latestStarts == null)
                latestStarts = outcome instanceof PlanOutcome.Planned ? Slack.latestStarts(problem, plan) : Map.of();
            return latestStarts;
        }
    }

    /**
     * The problem with its strip-downs shared as is best, tools hired when it is worth it, what opens an access itself serving others, nothing
     * closed to be opened again at once, faults looked for before anything is apart, and done before it is closed what is done so. Only the answer
     * to the last is kept: each of a large car takes its megabytes.
     */
    PlanProblem grouped(PlanProblem stated, Stated.Wishes wishes) {
        Set<String> apart = wishes.apart();
        return grouped.get(new Asked(question(stated), wishes), asked -> {
            Answer answer = answer(Hiring.of(Grouping.of(stated, apart)));
            Answer alone = answer;
            for (OpenedByWork work : wishes.works())
                answer = unlessLost(answer, work.in(answer.problem(), apart), apart);
            // what one of them keeps open is no reason any more to open the rest twice
            if (answer != alone) answer = unlessLost(answer, OpenedByWork.regrouped(answer.problem(), apart), apart);
            answer = notTwiceAtOnce(answer, apart);
            answer = unlessLost(answer, LookedForFirst.in(answer.problem(), wishes.looks()), apart);
            answer = doneBeforeClosing(answer, wishes.beforeClosing(), apart);
            known.put(question(answer.problem()), answer);
            return answer.problem();
        });
    }

    /** As it was where no plan comes of that, or only one that opens once what a person wants apart. */
    private static Answer unlessLost(Answer now, PlanProblem next, Set<String> apart) {
        if (next == now.problem()) return now;
        Answer then = untangled(next, KnownAnswers::answer);
        boolean isLost =
                !(then.outcome() instanceof PlanOutcome.Planned) && now.outcome() instanceof PlanOutcome.Planned;
        return isLost || !keeps(then.problem(), next, apart) ? now : then;
    }

    private static boolean keeps(PlanProblem then, PlanProblem next, Set<String> apart) {
        return ids(then).containsAll(ids(next).stream().filter(apart::contains).toList());
    }

    private static Set<String> ids(PlanProblem problem) {
        return problem.stripDowns().stream().map(PlanProblem.StripDown::id).collect(Collectors.toSet());
    }

    /** The answer in which what cannot be opened for each is opened once for several. */
    private static Answer untangled(PlanProblem stated, Function<PlanProblem, Answer> answering) {
        Answer answer = answering.apply(stated);
        for (Optional<PlanProblem> less = Untangling.of(answer.problem(), answer.outcome()); less.isPresent(); ) {
            answer = answering.apply(less.get());
            less = Untangling.of(answer.problem(), answer.outcome());
        }
        return answer;
    }

    /** The same, known when it was asked for lately. */
    Answer untangled(PlanProblem stated) {
        return untangled(stated, this::of);
    }

    /** All of it; where one of them does not fit, those that do. */
    private static Answer doneBeforeClosing(Answer now, Map<ActivityId, Set<String>> before, Set<String> apart) {
        Answer then = unlessLost(now, DoneBeforeClosing.in(now.problem(), before), apart);
        if (then != now) return then;
        for (var one : before.entrySet())
            for (String access : one.getValue())
                then = firstKept(then, DoneBeforeClosing.ways(then.problem(), one.getKey(), access), apart);
        return then;
    }

    private static Answer firstKept(Answer now, List<PlanProblem> ways, Set<String> apart) {
        for (PlanProblem way : ways) {
            Answer then = unlessLost(now, way, apart);
            if (then != now) return then;
        }
        return now;
    }

    /** As it was where something would be later. */
    private static Answer notTwiceAtOnce(Answer now, Set<String> apart) {
        Optional<PlanProblem> joined = BackToBack.joined(now.problem(), now.plan(), apart);
        if (joined.isEmpty()) return now;
        Answer then = answer(joined.get());
        return BackToBack.isBetter(then.problem(), then.outcome(), now.problem(), now.outcome()) ? then : now;
    }

    private static Answer answer(PlanProblem problem) {
        return new Answer(problem, Planner.plan(problem, budget(problem)));
    }

    Answer of(PlanProblem problem) {
        return known.get(question(problem), asked -> answer(problem));
    }

    /** The milestones of the plan of a problem, as people come and take their time. */
    Map<Aim, Instant> atOwnPace(PlanProblem problem, AtOwnPace.Pace pace) {
        Answer answer = of(problem);
        return answer.outcome() instanceof PlanOutcome.Planned
                ? paced.get(
                        new Paced(question(problem), pace),
                        asked -> AtOwnPace.milestones(problem, answer.plan(), asked.pace()))
                : Map.of();
    }

    private static Planner.Budget budget(PlanProblem problem) {
        int schedules = EFFORT / Math.max(1, problem.activities().size());
        return new Planner.Budget(Math.max(FEWEST, Math.min(ENOUGH, schedules)), 1);
    }
}
