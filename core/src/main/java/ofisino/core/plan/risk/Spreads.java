package ofisino.core.plan.risk;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.progress.OwnFactor;
import ofisino.core.plan.progress.TurnUp;
import ofisino.core.plan.risk.Uncertain.Hidden;
import ofisino.core.vehicle.estimate.Estimates;

/** How far things usually come out from what a plan reckons with, from {@code spreads.yaml} beside this class. */
public record Spreads(Map<SpreadOf, ThreePoint> parts) {
    /** Ranges that people name are too narrow: so far do single jobs stray beyond them. Common practice, no source. */
    public static final double STRAY = 0.35;

    /** What of a plan comes out otherwise. */
    public enum SpreadOf {
        JOB,
        ACCESS,
        ORDER,
        SENT_OUT
    }

    /** What is known of a job. @param system that it belongs to; empty where nobody knows */
    public record Known(Effort effort, Optional<VehicleSystem> system) {}

    public Spreads {
        parts = Map.copyOf(parts);
        for (SpreadOf of : SpreadOf.values())
            if (!parts.containsKey(of))
                throw InvalidValue.of("spreads.missing", "How far %s comes out is missing.", "Write its parts.", of);
    }

    /** Reads spreads.yaml. @throws InvalidValue naming the entry that is wrong */
    public static Spreads load() {
        return Entry.readBeside(Spreads.class, "spreads.yaml", yaml -> {
            Map<SpreadOf, ThreePoint> found = new EnumMap<>(SpreadOf.class);
            for (Entry e : Entry.listOf("how far things come out", yaml)) {
                Entry named = e.named("what");
                named.only("what", "parts");
                List<Double> parts = named.numbers("parts");
                found.put(
                        named.choice("what", SpreadOf.class), new ThreePoint(parts.get(0), parts.get(1), parts.get(2)));
            }
            return new Spreads(found);
        });
    }

    /**
     * What nobody knows of a plan.
     *
     * @param jobs  what is known of them, by activity
     * @param usual what places hide while nobody has seen them
     * @param own   by which the hours of whoever works differ from what was thought; 1 where the plan reckons with it already
     */
    public Uncertain of(
            PlanProblem problem,
            Map<ActivityId, Known> jobs,
            Estimates usual,
            OwnFactor own,
            Map<String, TurnUp> turnUp) {
        Map<ActivityId, ThreePoint> work = new HashMap<>();
        Map<ActivityId, ThreePoint> waits = new HashMap<>();
        for (Activity a : problem.activities())
            switch (a.kind()) {
                case JOB -> work.put(a.id(), ofJob(jobs.get(a.id())));
                case STRIP, REFIT -> work.put(a.id(), parts.get(SpreadOf.ACCESS));
                case ORDER -> waits.put(a.id(), parts.get(SpreadOf.ORDER));
                case SENT_OUT -> waits.put(a.id(), parts.get(SpreadOf.SENT_OUT));
                case APPOINTMENT -> {}
            }
        List<Hidden> hidden = problem.stripDowns().stream()
                .flatMap(s -> hidden(s, problem, jobs, usual).stream())
                .toList();
        return new Uncertain(work, STRAY, waits, hidden, own, turnUp);
    }

    private ThreePoint ofJob(Known known) {
        if (known == null || known.effort().likelyMinutes() == 0) return parts.get(SpreadOf.JOB);
        Effort e = known.effort();
        double likely = e.likelyMinutes();
        return e.optimisticMinutes() == e.pessimisticMinutes() ? parts.get(SpreadOf.JOB) : parts(e, likely);
    }

    /** What is open already has shown what it hid. Of several systems behind it the one that hides the most often counts. */
    private static Optional<Hidden> hidden(
            StripDown s, PlanProblem problem, Map<ActivityId, Known> jobs, Estimates usual) {
        Map<ActivityId, Integer> slots = problem.activities().stream()
                .filter(a -> s.jobs().contains(a.id()) && a.workSlots() > 0)
                .collect(Collectors.toMap(Activity::id, Activity::workSlots));
        double hours = slots.values().stream().mapToInt(Integer::intValue).sum() * PlanProblem.SLOT.toMinutes() / 60.0;
        if (s.strip().isEmpty() || hours == 0) return Optional.empty();
        return slots.keySet().stream()
                .flatMap(id -> Stream.ofNullable(jobs.get(id)))
                .flatMap(known -> known.system().stream())
                .map(usual::hidden)
                .max((a, b) -> Double.compare(a.chance(), b.chance()))
                .map(h -> new Hidden(
                        s.strip().get().value(),
                        s.strip().get(),
                        List.copyOf(slots.keySet()),
                        h.chance(),
                        parts(h.damage().effort(), 60 * hours)));
    }

    private static ThreePoint parts(Effort effort, double ofMinutes) {
        return new ThreePoint(
                effort.optimisticMinutes() / ofMinutes,
                effort.likelyMinutes() / ofMinutes,
                effort.pessimisticMinutes() / ofMinutes);
    }
}
