package ofisino.core.parts.sourcing;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;

/**
 * What a part has to agree in: its number, thread, sizes, colour code, polarity, the mark that tells its side. Each is looked at before it is kept.
 *
 * @param facts in a person's words, each a line; at most 12
 */
public record MustMatch(List<String> facts) {
    private static final int MOST = 12;

    /** Nobody said what it has to agree in. */
    public static final MustMatch NOTHING = new MustMatch(List.of());

    public MustMatch {
        facts = facts.stream().map(f -> Texts.line("mustMatch", f)).distinct().toList();
        if (facts.size() > MOST)
            throw InvalidValue.at(
                    "mustMatch", "match.many", "These are %d lines.", "Name at most %d.", facts.size(), MOST);
    }

    /** @param lines one below the other; blank ones do not count */
    public static MustMatch of(String lines) {
        return new MustMatch(lines.lines().filter(l -> !l.isBlank()).toList());
    }

    /** Both were said, and not the same, in whatever order. */
    public boolean contradicts(MustMatch other) {
        return !facts.isEmpty() && !other.facts.isEmpty() && !Set.copyOf(facts).equals(Set.copyOf(other.facts));
    }

    /** One below the other. */
    public String lines() {
        return String.join("\n", facts);
    }

    /** @throws InvalidValue where one of them was not looked at: what is unknown does not pass */
    public void mustBeSeen(Collection<String> seen) {
        facts.stream().filter(f -> !seen.contains(f)).findFirst().ifPresent(unseen -> {
            throw InvalidValue.at(
                    "matched",
                    "match.unseen",
                    "Nobody has compared “%s” yet.",
                    "Compare it and tick it, or send the part back.",
                    unseen);
        });
    }
}
