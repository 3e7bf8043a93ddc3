package ofisino.core.plan.orderofwork;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ofisino.core.kernel.Side;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.job.Precedence;
import ofisino.core.vehicle.body.Zone;

/**
 * What bears the shell is never cut on both sides at once: one side is welded out before the other is cut. Which of the two comes first is free until one
 * is cut. Common practice, no source.
 */
public final class OneSideAtATime {
    public static final String REASON =
            "With both sides cut the shell folds: one side is welded out before the other is cut.";

    private OneSideAtATime() {}

    /** The one job has to be over before the other begins. */
    public record Order<J>(J weldedOut, J cut) {}

    private record Repair<J>(Work<J> cut, Work<J> weldOut) {}

    /** One order for each pair of sides, as the links allow. @param links that are there already */
    public static <J> List<Order<J>> of(Collection<Work<J>> jobs, Collection<Precedence.Link<J>> links) {
        Precedence<J> order = new Precedence<>(links);
        List<Order<J>> found = new ArrayList<>();
        List<Repair<J>> repairs = repairs(jobs);
        for (int i = 0; i < repairs.size(); i++)
            for (int j = i + 1; j < repairs.size(); j++) {
                Repair<J> one = repairs.get(i);
                Repair<J> other = repairs.get(j);
                if (!areOpposite(one, other)) continue;
                Stream.of(ordered(one, other), ordered(other, one))
                        .filter(o ->
                                !other.cut().over() || o.cut().equals(one.cut().id()))
                        .filter(o ->
                                order.circleClosedBy(o.weldedOut(), o.cut()).isEmpty())
                        .findFirst()
                        .ifPresent(o -> {
                            order.add(new Precedence.Link<>(o.weldedOut(), o.cut()));
                            found.add(o);
                        });
            }
        return found;
    }

    /** What has to be welded out before this is cut: the other side, where it is cut already. */
    public static <J> Optional<J> keeps(Work<J> cut, Collection<Work<J>> jobs) {
        List<Repair<J>> repairs = repairs(jobs);
        return repairs.stream()
                .filter(r -> r.cut().id().equals(cut.id()))
                .flatMap(mine -> repairs.stream()
                        .filter(r -> areOpposite(mine, r) && r.cut().over())
                        .map(r -> r.weldOut().id()))
                .findFirst();
    }

    private static <J> Order<J> ordered(Repair<J> first, Repair<J> second) {
        return new Order<>(first.weldOut().id(), second.cut().id());
    }

    private static <J> boolean areOpposite(Repair<J> one, Repair<J> other) {
        String a = one.cut().zone().orElseThrow();
        String b = other.cut().zone().orElseThrow();
        return Zone.placeOf(a).equals(Zone.placeOf(b)) && Zone.sideOf(a) != Zone.sideOf(b);
    }

    /** Pieces of work that cut into what bears the shell on one side, and are not welded out. */
    private static <J> List<Repair<J>> repairs(Collection<Work<J>> jobs) {
        Map<String, List<Work<J>>> pieces = new LinkedHashMap<>();
        for (Work<J> job : jobs)
            if (job.exists()
                    && job.system().filter(VehicleSystem.STRUCTURE::equals).isPresent()
                    && job.zone().filter(z -> Zone.sideOf(z) != Side.NONE).isPresent())
                job.piece()
                        .ifPresent(p -> pieces.computeIfAbsent(p, x -> new ArrayList<>())
                                .add(job));
        return pieces.values().stream().flatMap(piece -> repair(piece).stream()).toList();
    }

    private static <J> Optional<Repair<J>> repair(List<Work<J>> piece) {
        Optional<Work<J>> cut =
                piece.stream().filter(j -> j.operation() == Operation.CUT).findFirst();
        Optional<Work<J>> weldOut = piece.stream()
                .filter(j -> j.details().contains(Detail.WELD_OUT) && !j.over())
                .findFirst();
        return cut.flatMap(c -> weldOut.map(w -> new Repair<>(c, w)));
    }
}
