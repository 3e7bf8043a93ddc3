package ofisino.core.plan.premises;

import java.time.Duration;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Entry;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Operation;

/** What some work asks of a session and of the neighbours, from {@code demands.yaml} beside this class, which explains its keys. */
public final class Demands {
    private static final int MINUTES_OF_AN_HOUR = 60;

    private final Map<Operation, Duration> sessions = new EnumMap<>(Operation.class);
    private final Set<Operation> noisy = EnumSet.noneOf(Operation.class);
    private final Set<Detail> noisyDetails = EnumSet.noneOf(Detail.class);

    private Demands(List<Entry> all) {
        for (Entry e : all) {
            e.only("operation", "detail", "session", "noisy");
            if (e.has("session"))
                sessions.put(
                        e.choice("operation", Operation.class),
                        Duration.ofMinutes(Math.round(e.number("session") * MINUTES_OF_AN_HOUR)));
            if (e.has("noisy") && e.has("operation")) noisy.add(e.choice("operation", Operation.class));
            if (e.has("noisy") && e.has("detail")) noisyDetails.add(e.choice("detail", Detail.class));
        }
    }

    /** Reads demands.yaml. @throws InvalidValue naming the entry that is wrong */
    public static Demands load() {
        return Entry.readBeside(Demands.class, "demands.yaml", y -> new Demands(Entry.listOf("demands of work", y)));
    }

    /** The neighbours hear it. */
    public boolean isNoisy(JobNature job) {
        return noisy.contains(job.operation()) || job.details().stream().anyMatch(noisyDetails::contains);
    }

    /** How long a session is at least in which it is worth beginning; empty for any. */
    public Optional<Duration> leastSession(Operation operation) {
        return Optional.ofNullable(sessions.get(operation));
    }

    /** The same where some session is that long; else empty: better on a short evening than never. */
    public Optional<Duration> leastSession(Operation operation, Collection<TimeWindow> sessions) {
        return leastSession(operation).filter(least -> sessions.stream().anyMatch(s -> isAtLeast(s, least)));
    }

    /** Sessions of at least that length. */
    public static List<TimeWindow> longEnough(Collection<TimeWindow> sessions, Duration least) {
        return sessions.stream().filter(s -> isAtLeast(s, least)).toList();
    }

    private static boolean isAtLeast(TimeWindow session, Duration least) {
        return Duration.between(session.from(), session.to()).compareTo(least) >= 0;
    }
}
