package ofisino.core.parts.sourcing;

import java.util.Optional;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;

/** How good a part is. Ordered. Common practice, no source. */
public enum Grade {
    /** Used or plain, does its work. */
    SERVICEABLE,
    /** New or reconditioned, made to last. */
    GOOD,
    /** As it left the works: finish, marks and maker. */
    SHOW;

    /** What an aim asks for: what only has to run or pass may be plain. */
    public static Grade askedFor(Aim aim) {
        return switch (aim) {
            case RUNNER, ROAD_READY -> SERVICEABLE;
            case DRIVER -> GOOD;
            case SHOW -> SHOW;
        };
    }

    /**
     * A grade with the reason why it differs.
     *
     * @param reason empty only where the grade is what the aim asks for
     */
    public record Chosen(Grade grade, String reason) {
        /** @throws InvalidValue when the grade differs from what the aim asks for and no reason is given */
        public static Chosen of(Grade grade, Aim aim, String reason) {
            Optional<String> why =
                    Optional.of(Texts.note("gradeReason", reason)).filter(r -> !r.isEmpty());
            if (grade != askedFor(aim) && why.isEmpty())
                throw InvalidValue.at(
                        "gradeReason",
                        "need.grade-reason",
                        "This grade is %s than the standard asks for.",
                        "Say why, or choose the usual grade.",
                        grade.compareTo(askedFor(aim)) > 0 ? "better" : "worse");
            return new Chosen(grade, why.orElse(""));
        }
    }
}
