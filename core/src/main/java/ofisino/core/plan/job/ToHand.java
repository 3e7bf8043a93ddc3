package ofisino.core.plan.job;

import java.util.List;
import java.util.stream.Stream;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;

/**
 * What has to be to hand for a job, and what it tightens.
 *
 * @param tools     beyond what lies on the bench anyway
 * @param fasteners on which lives hang: each is to be tightened to a figure with its source. A recipe knows none, the manual does.
 */
public record ToHand(List<String> tools, List<String> fasteners) {
    /** What lies on the bench is enough, and nothing is tightened that must hold. */
    public static final ToHand NOTHING = new ToHand(List.of(), List.of());

    private static final int MOST = 20;

    public ToHand {
        tools = lines("tools", tools);
        fasteners = lines("fasteners", fasteners);
    }

    private static List<String> lines(String field, List<String> said) {
        List<String> lines =
                said.stream().map(s -> Texts.line(field, s)).distinct().toList();
        if (lines.size() > MOST)
            throw InvalidValue.at(field, "to-hand.many", "These are %d lines.", "Name at most %d.", lines.size(), MOST);
        return lines;
    }

    /**
     * @param given fasteners that a recipe named: they must hold, whatever a person says
     * @throws Conflict when one of those is left out
     */
    public void mustKeep(List<String> given) {
        given.stream().filter(f -> !fasteners.contains(f)).findFirst().ifPresent(left -> {
            throw Conflict.of(
                    "to-hand.must-hold",
                    "Lives hang on it, so it stays: %s.",
                    "Record how it was tightened, or drop the job when it is not done.",
                    left);
        });
    }

    /** What both ask for. */
    public ToHand and(ToHand other) {
        return new ToHand(both(tools, other.tools), both(fasteners, other.fasteners));
    }

    private static List<String> both(List<String> some, List<String> more) {
        return Stream.concat(some.stream(), more.stream()).distinct().toList();
    }
}
