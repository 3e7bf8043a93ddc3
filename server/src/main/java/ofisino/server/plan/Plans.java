package ofisino.server.plan;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import ofisino.core.kernel.Aim;
import ofisino.core.parts.sourcing.OrderDates;
import ofisino.core.plan.explain.Milestones;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.progress.OwnFactor;
import ofisino.core.plan.progress.TurnUp;
import ofisino.core.plan.tonight.Tonight;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Needs.Need;
import org.jspecify.annotations.Nullable;

/** The door to the dated plan of a project. */
public interface Plans {
    Planned of(Caller caller, UUID projectId);

    /** The plan of a problem that is like the one that is planned now but for something. Changes nothing. */
    Planned instead(Planned now, PlanProblem problem);

    /** Whose time in the garage is set, from today on. A plan may have none left of it: other cars come first. */
    GarageTime garageTime(Caller caller);

    /** @param own his who asks */
    record GarageTime(boolean own, boolean anybodys) {}

    /** How the people of the garage come and work. Its factor is 1 where the plan of the project reckons with it already. */
    OwnWay ownWay(Caller caller, UUID projectId);

    /** @param turnUp by person, as the plan names them */
    record OwnWay(OwnFactor factor, Map<String, TurnUp> turnUp) {
        public OwnWay {
            turnUp = Map.copyOf(turnUp);
        }
    }

    /**
     * @param problem    as it was stated
     * @param milestones by aim, where something is left to do for it, and all of that has a place
     * @param tonight    the asking person's next stay in the garage; empty where nothing of their time is left to the project
     * @param subjects   what each activity is: a job, an order, a need
     * @param slack      how late each may begin, worked out when it is asked for
     * @param ownPace    when each milestone is reached as often as people come and as long as they take, worked out when it is asked for
     * @param doubts     what makes a day the earliest possible
     * @param apart      strip-downs that a person wants by themselves
     */
    record Planned(
            PlanProblem problem,
            PlanOutcome outcome,
            Plan plan,
            List<Milestone> milestones,
            Optional<Tonight> tonight,
            Map<String, Subject> subjects,
            Supplier<Map<ActivityId, Instant>> slack,
            Supplier<Map<Aim, Instant>> ownPace,
            Doubts doubts,
            Set<String> apart) {
        public Planned {
            milestones = List.copyOf(milestones);
            subjects = Map.copyOf(subjects);
        }

        /** Something that the milestone needs has no place in the plan. */
        public boolean isWithoutDate(Aim milestone) {
            return Milestones.isWithoutDate(problem, plan, milestone);
        }

        /** The milestone comes no sooner than the plan says, and later when what it waits for takes longer. */
        public boolean isNotBefore(Aim milestone) {
            return doubts.about(milestone);
        }

        /** How late each may begin without any milestone getting later; empty while not everything has a date. */
        public Map<ActivityId, Instant> latestStarts() {
            return slack.get();
        }

        /** When a milestone is reached at the people's own pace; empty where that is beyond the plan's horizon, or not everything is planned. */
        public Optional<Instant> atOwnPace(Aim milestone) {
            return Optional.ofNullable(ownPace.get().get(milestone));
        }

        /** At the people's own pace it is not reached before the plan's horizon, though it would be if every session were kept. */
        public boolean isBeyondAtOwnPace(Aim milestone) {
            return outcome instanceof PlanOutcome.Planned
                    && atOwnPace(milestone).isEmpty();
        }

        /**
         * The last day to order a part, so that no milestone gets later; while not all has a date, so that its job begins as planned. May be past.
         * Empty where its job has no date, or it has no job.
         */
        public Optional<LocalDate> orderBy(Need need) {
            if (need.jobId() == null) return Optional.empty();
            Optional<Instant> start = plan.of(ActivityId.job(need.jobId())).map(Plan.Scheduled::start);
            return start.map(job -> Optional.ofNullable(latestStarts().get(ActivityId.need(need.id())))
                    .map(at -> at.atZone(problem.zone()).toLocalDate())
                    .orElseGet(() -> OrderDates.withUsualCheck(need.leadDays())
                            .lastDayToOrder(job.atZone(problem.zone()).toLocalDate())));
        }

        /** @throws java.util.NoSuchElementException when the plan has no such activity */
        public Subject subject(String activityId) {
            return Optional.ofNullable(subjects.get(activityId)).orElseThrow();
        }
    }

    /**
     * @param because  the part that is held back, where that is why
     * @param answerBy when it is promised to be known
     * @param leftOut  it has no date in the plan
     */
    record Waiting(
            Subject subject,
            Aim aim,
            WaitsBecause why,
            @Nullable Subject because,
            @Nullable LocalDate answerBy,
            boolean leftOut) {
        public enum WaitsBecause {
            /** It starts, moves or drives the vehicle, and nothing planned opens its gate. */
            GATE_SHUT,
            /** It starts, moves or drives the vehicle, and its gate asks for what nobody has looked at. */
            UNSEEN,
            /** A part that it cannot do without is held back until something is known. */
            ANSWER,
            /** It comes after one that has no date. */
            AFTER
        }
    }

    /**
     * @param waiting what has no date, or only a hoped-for one, because what it waits for has none
     * @param askMore milestones that ask for what nothing planned brings
     */
    record Doubts(List<Waiting> waiting, Set<Aim> askMore) {
        public Doubts {
            waiting = List.copyOf(waiting);
            askMore = Set.copyOf(askMore);
        }

        boolean about(Aim milestone) {
            return askMore.contains(milestone) || waiting.stream().anyMatch(w -> milestone.needs(w.aim()));
        }
    }

    record Milestone(Aim aim, Milestones.Milestone reached) {}

    /**
     * @param id     of the job, the order, the need, the place; for daylight and a helper that of nothing
     * @param access what is open between a strip and its refit: Engine out
     */
    record Subject(
            Kind kind, UUID id, String title, @Nullable String access) {
        public Subject(Kind kind, UUID id, String title) {
            this(kind, id, title, null);
        }

        public enum Kind {
            JOB,
            /** A part on its way. */
            ORDER,
            /** A part that has come and is still to be looked at. */
            ARRIVED,
            /** A part that has come is tried on the vehicle. */
            TRIAL,
            /** An access to be opened: a strip-down of it. */
            STRIP,
            /** An access to be closed again. */
            REFIT,
            /** A part that is not ordered yet, planned as if it were ordered now. */
            NEED,
            /** Pieces that somebody else works on. */
            SENT_OUT,
            APPOINTMENT,
            /** Somewhere to work in. */
            PLACE,
            /** The sun. */
            DAYLIGHT,
            FIRE_WATCH,
            /** The hours in which neighbours bear noise. */
            NOISE,
            /** A tool that is hired by the day. */
            HIRED,
            /** Nights that are warm enough for what cures. */
            WARMTH,
            /** A session that is long enough to be worth masking for. */
            LONG_SESSION,
            /** Somebody who is missing. */
            HELPER;

            /** Whether a person may say on which day it begins at the soonest. */
            public boolean isMovable() {
                return this == JOB || this == TRIAL || this == STRIP || this == REFIT || this == SENT_OUT;
            }
        }
    }
}
