package ofisino.core.plan.job;

import java.util.Collection;
import java.util.UUID;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;

/**
 * A tool that is not owned but hired for the days on which it is used.
 *
 * @param name        as jobs name it among what has to be to hand
 * @param perDayMinor what a day of it costs, base currency; 0 to a million
 */
public record HiredTool(UUID id, String name, long perDayMinor) {
    private static final long MOST_MINOR = 100_000_000;

    public HiredTool {
        name = Texts.line("name", name);
        if (perDayMinor < 0 || perDayMinor > MOST_MINOR)
            throw InvalidValue.at(
                    "perDayMinor",
                    "hired-tool.price",
                    "A day of it cannot cost that.",
                    "Enter 0 if you do not know, and at most a million.");
    }

    /** Whether that is what it is called, however it is written. */
    public boolean is(String tool) {
        return name.equalsIgnoreCase(tool);
    }

    /** Whether it is one of these. */
    public boolean isAmong(Collection<String> tools) {
        return tools.stream().anyMatch(this::is);
    }
}
