package ofisino.server.tradebook;

import java.util.function.Function;
import java.util.stream.Stream;

/**
 * A sentence that a plan must satisfy. Common practice, no source.
 *
 * @param number in the book
 * @param cases  wherever its left-hand side is true, and whether the right-hand side is then
 */
record Sentence(int number, String says, Function<Plan, Stream<Case>> cases) {
    /** @param of what it applies to, in words */
    record Case(String of, boolean holds) {}

    static Sentence sentence(int number, String says, Function<Plan, Stream<Case>> cases) {
        return new Sentence(number, says, cases);
    }

    static Case that(String of, boolean holds) {
        return new Case(of, holds);
    }

    @Override
    public String toString() {
        return number + " " + says;
    }
}
