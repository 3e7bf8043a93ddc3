package ofisino.core.logbook.worksession;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What a session went into, in the order in which it was written down. */
public final class SpentOn {
    private SpentOn() {}

    /** @param minutes that went into it */
    public record Part<T>(T what, int minutes) {}

    /** What took most of it, of several the first: a note that was written then stands with that. Empty where there is nothing. */
    public static <T> Optional<T> most(List<Part<T>> parts) {
        return parts.stream()
                .min(Comparator.comparingInt((Part<T> p) -> -p.minutes()))
                .map(Part::what);
    }
}
