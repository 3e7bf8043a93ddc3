package ofisino.core.plan.risk;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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

    /** Where there is a finding already, some of the place was seen: it hides more half as often as one that nobody saw. Common practice, no source. */
    private static final double BEHIND_A_FINDING = 0.5;

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
     * @param uncovering accesses for which something comes off
     * @param own   by which the hours of whoever works differ from what was thought; 1 where the plan reckons with it already
     */
    public Uncertain of(
            PlanProblem problem,
            Map<ActivityId, Known> jobs,
            Estimates usual,
            Set<String> uncovering,
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
        List<Hidden> hidden = innermost(problem, uncovering).entrySet().stream()
                .flatMap(e -> hidden(e.getKey(), e.getValue(), problem, jobs, usual).stream())
                .toList();
        return new Uncertain(work, STRAY, waits, hidden, own, turnUp);
    }

    private ThreePoint ofJob(Known known) {
        if (known == null || known.effort().likelyMinutes() == 0) return parts.get(SpreadOf.JOB);
        Effort e = known.effort();
        double likely = e.likelyMinutes();
        return e.optimisticMinutes() == e.pessimisticMinutes() ? parts.get(SpreadOf.JOB) : parts(e, likely);
    }

    /**
     * What is open already has shown what it hid. A job hides once, behind the innermost of what is taken off for it: to stand on stands, to be
     * drained or without current uncovers nothing. Of several systems behind one thing the one that hides the most often counts.
     */
    private static Optional<Hidden> hidden(
            StripDown s, List<ActivityId> behind, PlanProblem problem, Map<ActivityId, Known> jobs, Estimates usual) {
        int slots = problem.activities().stream()
                .filter(a -> behind.contains(a.id()))
                .mapToInt(Activity::workSlots)
                .sum();
        if (s.strip().isEmpty() || slots == 0) return Optional.empty();
        return behind.stream()
                .flatMap(id -> Stream.ofNullable(jobs.get(id)))
                .flatMap(known -> known.system().stream())
                .map(usual::hidden)
                .max(Comparator.comparingDouble(Estimates.Hidden::chance))
                .map(h -> new Hidden(
                        s.strip().get(),
                        behind,
                        h.chance() * BEHIND_A_FINDING,
                        parts(h.damage().effort(), slots * (double) PlanProblem.SLOT.toMinutes())));
    }

    /** By strip-down that takes something off: the jobs for which nothing further in is taken off. */
    private static Map<StripDown, List<ActivityId>> innermost(PlanProblem problem, Set<String> uncovering) {
        Map<ActivityId, StripDown> found = new LinkedHashMap<>();
        for (StripDown s : problem.stripDowns())
            if (uncovering.contains(s.access()))
                for (ActivityId job : s.jobs())
                    found.merge(job, s, (one, other) -> depth(other) > depth(one) ? other : one);
        Map<StripDown, List<ActivityId>> behind = new LinkedHashMap<>();
        found.forEach(
                (job, s) -> behind.computeIfAbsent(s, x -> new ArrayList<>()).add(job));
        return behind;
    }

    private static int depth(StripDown s) {
        return s.inside().size();
    }

    private static ThreePoint parts(Effort effort, double ofMinutes) {
        return new ThreePoint(
                effort.optimisticMinutes() / ofMinutes,
                effort.likelyMinutes() / ofMinutes,
                effort.pessimisticMinutes() / ofMinutes);
    }
}
