package ofisino.core.plan.orderofwork;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ofisino.core.plan.orderofwork.OrderOfWorkRules.Edge;

/**
 * A rule of two sides over the jobs at hand: what closes a side (its welding out) comes before what opens the other (its cutting). The side that is
 * begun comes first; while none is, whichever stands first, or the other way round where links demand it.
 */
record OtherSide<J>(OrderOfWorkRule rule, Collection<Work<J>> jobs) {
    /** An order, and what holds as well instead of it where it cannot be kept. */
    record Wish<J>(Edge<J> edge, Optional<Edge<J>> orElse) {}

    List<Wish<J>> wishes() {
        List<Work<J>> open =
                jobs.stream().filter(j -> !j.over() && rule.after().fits(j)).toList();
        List<Wish<J>> found = new ArrayList<>();
        for (Work<J> opens : open)
            for (Work<J> closes : jobs)
                if (!closes.over() && rule.orders(closes, opens) && comesFirst(closes, opens))
                    found.add(new Wish<>(edge(closes, opens), turned(closes, opens)));
        return found;
    }

    /** Whether the side of what closes comes before the side of what opens. */
    private boolean comesFirst(Work<J> closes, Work<J> opens) {
        boolean its = isBegun(closes.zone());
        boolean others = isBegun(opens.zone());
        if (its != others) return its;
        return jobs.stream()
                .map(Work::zone)
                .filter(z -> z.equals(closes.zone()) || z.equals(opens.zone()))
                .findFirst()
                .filter(closes.zone()::equals)
                .isPresent();
    }

    /** The other way round; not where a side is begun, since that one comes first. */
    private Optional<Edge<J>> turned(Work<J> closes, Work<J> opens) {
        if (isBegun(closes.zone())) return Optional.empty();
        return with(opens)
                .filter(j -> !j.over() && rule.before().fits(j))
                .flatMap(last -> with(closes)
                        .filter(j -> !j.over() && rule.after().fits(j))
                        .map(first -> edge(last, first)))
                .findFirst();
    }

    /** Why a side that is not begun may not be opened: the other one is, and is not closed, or nobody closes it. */
    Stream<Optional<J>> holdBack(Work<J> opens) {
        if (opens.begun() || !rule.after().fits(opens)) return Stream.empty();
        return jobs.stream()
                .filter(other ->
                        other.begun() && rule.after().fits(other) && rule.near().holds(other, opens))
                .flatMap(this::notClosed);
    }

    /** What is still to close it; one that is empty where nobody does. */
    private Stream<Optional<J>> notClosed(Work<J> opened) {
        List<Work<J>> closing =
                with(opened).filter(j -> j.exists() && rule.before().fits(j)).toList();
        if (closing.isEmpty()) return Stream.of(Optional.empty());
        return closing.stream().filter(j -> !j.over()).map(j -> Optional.of(j.id()));
    }

    /** Its piece of work; where nothing of that closes it, whatever is done in its zone. */
    private Stream<Work<J>> with(Work<J> work) {
        List<Work<J>> piece = jobs.stream()
                .filter(j -> work.piece().isPresent() && j.piece().equals(work.piece()))
                .toList();
        return piece.stream().anyMatch(j -> j.exists() && rule.before().fits(j))
                ? piece.stream()
                : jobs.stream().filter(j -> j.zone().equals(work.zone()));
    }

    private boolean isBegun(Optional<String> zone) {
        return jobs.stream()
                .anyMatch(j -> j.begun()
                        && j.zone().equals(zone)
                        && rule.after().fits(j)
                        && notClosed(j).findAny().isPresent());
    }

    private Edge<J> edge(Work<J> before, Work<J> after) {
        return new Edge<>(rule, before.id(), after.id());
    }
}
