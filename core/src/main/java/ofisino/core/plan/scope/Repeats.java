package ofisino.core.plan.scope;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ofisino.core.plan.job.Operation;

/**
 * The same repair again. At the second the cause is asked for; before a third it has to be named. A third patch on one panel says that the
 * panel is what has to be mended. Common practice, no source.
 */
public final class Repeats {
    private static final int ASK_FROM = 2;
    private static final int WHOLE_FROM = 3;

    private Repeats() {}

    /**
     * @param piece the piece of work that it is a step of, or the job itself
     * @param thing id of what it was done to, where somebody named it: two things at one place are two repairs
     */
    public record Done<J>(
            J id,
            Object piece,
            Optional<String> zone,
            Optional<String> thing,
            Operation operation,
            long spentMinutes) {}

    /** @param wholePanel a patch was welded into this zone so often that the whole side is the better repair */
    public record Repeat<J>(
            String zone, Operation operation, List<J> jobs, long repairs, long spentMinutes, boolean wholePanel) {
        public Repeat {
            jobs = List.copyOf(jobs);
        }

        /** Before a third one the cause has to be named. */
        public boolean asksForTheCause() {
            return repairs > ASK_FROM;
        }
    }

    /** Repairs of one kind that were made, or are planned, more than once in one zone. Steps of one and the same piece of work are one repair. */
    public static <J> List<Repeat<J>> of(Collection<Done<J>> jobs) {
        record Place(String zone, Optional<String> thing, Operation operation) {}
        Map<Place, List<Done<J>>> byPlace = new LinkedHashMap<>();
        for (Done<J> job : jobs)
            if (isARepair(job.operation()))
                job.zone()
                        .ifPresent(zone -> byPlace.computeIfAbsent(
                                        new Place(zone, job.thing(), job.operation()), p -> new ArrayList<>())
                                .add(job));
        return byPlace.entrySet().stream()
                .filter(e -> repairs(e.getValue()) >= ASK_FROM)
                .map(e -> new Repeat<>(
                        e.getKey().zone(),
                        e.getKey().operation(),
                        e.getValue().stream().map(Done::id).toList(),
                        repairs(e.getValue()),
                        e.getValue().stream().mapToLong(Done::spentMinutes).sum(),
                        e.getKey().operation() == Operation.WELD && repairs(e.getValue()) >= WHOLE_FROM))
                .toList();
    }

    private static <J> long repairs(List<Done<J>> jobs) {
        return jobs.stream().map(Done::piece).distinct().count();
    }

    private static boolean isARepair(Operation operation) {
        return switch (operation) {
            case WELD, REPLACE, WIRE, FABRICATE, MACHINE, PAINT -> true;
            default -> false;
        };
    }
}
