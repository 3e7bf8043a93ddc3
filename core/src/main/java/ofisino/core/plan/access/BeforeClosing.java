package ofisino.core.plan.access;

import java.io.Reader;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.job.JobMatcher;
import ofisino.core.plan.job.JobNature;

/**
 * What is done before an access is closed again though it does not need it open, from {@code before-closing.yaml} beside this class: an engine that
 * is out for its bearings gets its new gaskets while it is out.
 */
public final class BeforeClosing {
    private record Line(Set<String> before, Set<String> accesses, Set<String> places, JobMatcher jobs) {
        boolean fits(String place, JobNature nature) {
            return accesses.isEmpty() && (places.isEmpty() || places.contains(place)) && jobs.fits(nature);
        }
    }

    private final List<Line> lines;

    private BeforeClosing(List<Line> lines) {
        this.lines = List.copyOf(lines);
    }

    /** Reads before-closing.yaml. @throws InvalidValue naming the entry that is wrong */
    public static BeforeClosing load() {
        return Entry.readBeside(BeforeClosing.class, "before-closing.yaml", BeforeClosing::read);
    }

    static BeforeClosing read(Reader yaml) {
        return new BeforeClosing(Entry.listOf("what is done before closing", yaml).stream()
                .map(BeforeClosing::line)
                .toList());
    }

    private static Line line(Entry e) {
        e.only("before", "accesses", "places", "operations", "details", "systems", "reason");
        e.text("reason");
        var line = new Line(
                new LinkedHashSet<>(e.texts("before")),
                Set.copyOf(e.texts("accesses")),
                Set.copyOf(e.texts("places")),
                JobMatcher.read(e));
        if (line.before().isEmpty()
                || line.accesses().isEmpty()
                        && line.places().isEmpty()
                        && line.jobs().fitsEverything())
            throw InvalidValue.of(
                    "before-closing.anything",
                    "In %s, an entry keeps everything open, or nothing.",
                    "Say which access, and which work.",
                    e.where());
        return line;
    }

    /** Accesses that are not closed before that work is done, where the vehicle has them open. @param place without its side; empty where none is named */
    public Set<String> of(String place, JobNature nature) {
        Set<String> found = new LinkedHashSet<>();
        for (Line l : lines) if (l.fits(place, nature)) found.addAll(l.before());
        return found;
    }

    /** Accesses that are not closed before this one is, where the vehicle has them open. */
    public Set<String> of(String access) {
        Set<String> found = new LinkedHashSet<>();
        for (Line l : lines) if (l.accesses().contains(access)) found.addAll(l.before());
        return found;
    }
}
