package ofisino.core.roadready.gate;

import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.finding.SafetyClass;

/**
 * One thing that stands in the way.
 *
 * @param rule    that says so; the screen has its words
 * @param gate    the first one that it keeps shut
 * @param gravity how it is sorted: what must not be driven first
 * @param remedy  what to look at to remedy it
 * @param title   what the person calls it; empty where the rule says all
 * @param count   how many of its kind it stands for, at least 1
 */
public record Blocker(
        Rule rule, Gate gate, SafetyClass gravity, VehicleSystem system, Remedy remedy, String title, int count) {
    /** @param id of the finding, job, strip-down, fastener or part; the limit and place of a reading; the proof; empty for checks of a system */
    public record Remedy(Kind kind, String id) {
        /** What is looked at to remedy it. */
        public enum Kind {
            FINDING,
            JOB,
            CHECKS,
            READING,
            CODES,
            STRIP_DOWN,
            FASTENER,
            PART,
            OUTSTANDING,
            PROOF;

            /** Whether jobs, and the tests at their end, bring it by themselves. */
            boolean comesWithTheWork() {
                return switch (this) {
                    case FINDING, JOB, STRIP_DOWN, FASTENER, PROOF -> true;
                    case CHECKS, READING, CODES, PART, OUTSTANDING -> false;
                };
            }
        }
    }

    public Blocker {
        if (count < 1) throw new IllegalArgumentException("a blocker stands for at least one thing");
    }
}
