package ofisino.core.plan.job;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jgrapht.Graph;
import org.jgrapht.GraphPath;
import org.jgrapht.alg.shortestpath.BFSShortestPath;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleDirectedGraph;

/**
 * Who comes after whom. Refuses the link that would close a circle and says which one.
 *
 * @param <T> whatever names a job
 */
public final class Precedence<T> {
    private final Graph<T, DefaultEdge> graph = new SimpleDirectedGraph<>(DefaultEdge.class);

    /** A link: {@code after} may start when {@code before} is finished. */
    public record Link<T>(T before, T after) {}

    private Precedence() {}

    /** @throws IllegalArgumentException when the links run in a circle */
    public Precedence(Collection<Link<T>> links) {
        links.forEach(this::add);
    }

    /** The first circle among the links, in the order given; empty where there is none. */
    public static <T> Optional<List<T>> circleIn(Collection<Link<T>> links) {
        Precedence<T> soFar = new Precedence<>();
        for (Link<T> link : links) {
            Optional<List<T>> circle = soFar.circleClosedBy(link.before(), link.after());
            if (circle.isPresent()) return circle;
            soFar.add(link);
        }
        return Optional.empty();
    }

    /** Takes a further link; one that closes a circle is a mistake of the caller. */
    public void add(Link<T> link) {
        graph.addVertex(link.before());
        graph.addVertex(link.after());
        graph.addEdge(link.before(), link.after());
    }

    /** Takes a link away, if it is there. */
    public void remove(Link<T> link) {
        graph.removeEdge(link.before(), link.after());
    }

    /** What every one of these waits for directly; empty when one of them waits for nothing. */
    public Set<T> beforeAll(Collection<T> jobs) {
        Set<T> common = null;
        for (T job : jobs) {
            Set<T> before = graph.containsVertex(job)
                    ? graph.incomingEdgesOf(job).stream()
                            .map(graph::getEdgeSource)
                            .collect(Collectors.toSet())
                    : Set.of();
            if (common == null) common = new HashSet<>(before);
            else common.retainAll(before);
        }
        return common == null ? Set.of() : common;
    }

    /** Whether {@code after} has to wait for {@code before}, directly or through others. */
    public boolean isBefore(T before, T after) {
        return !before.equals(after)
                && graph.containsVertex(before)
                && graph.containsVertex(after)
                && BFSShortestPath.findPathBetween(graph, before, after) != null;
    }

    /**
     * The circle that a further link would close, as the jobs on it in working order, starting with {@code after};
     * empty if it closes none. Breadth first, so the shortest circle is named. O(jobs + links).
     */
    public Optional<List<T>> circleClosedBy(T before, T after) {
        if (before.equals(after)) return Optional.of(List.of(after));
        if (!graph.containsVertex(before) || !graph.containsVertex(after)) return Optional.empty();
        GraphPath<T, DefaultEdge> back = new BFSShortestPath<>(graph).getPath(after, before);
        return Optional.ofNullable(back).map(GraphPath::getVertexList);
    }
}
