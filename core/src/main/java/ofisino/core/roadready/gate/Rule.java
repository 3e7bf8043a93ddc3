package ofisino.core.roadready.gate;

import java.util.function.Function;
import java.util.stream.Stream;
import ofisino.core.kernel.Source;

/** All rules before the road, each with its source. What is unknown never passes. A test asks each of them whether it can refuse. */
public enum Rule {
    FINDING_OPEN(
            FindingRules::open,
            roadworthiness("Article 9: a dangerous deficiency keeps it off the road, a major one is repaired")),
    FINDING_PUT_OFF(FindingRules::putOff, roadworthiness("Article 9: a major deficiency is repaired")),
    FINDING_ONLY_FOR_NOW(
            FindingRules::onlyForNow,
            roadworthiness("Annex I, 1.1.11 and 1.1.12: no makeshift repair of brake pipes and hoses")),
    CHECKS_UNANSWERED(ReadingRules::unanswered),
    CHECKS_OF_THE_DRIVE(ReadingRules::ofTheDrive),
    READING_OUTSIDE(ReadingRules::outside, roadworthiness("Annex I: its figures")),
    READING_MISSING(ReadingRules::missing),
    READING_NOT_JUDGED(ReadingRules::notJudged),
    READING_TOO_OLD(ReadingRules::tooOld),
    SECOND_READER_WANTED(ReadingRules::secondWanted),
    CODES_LEFT(ReadingRules::codesLeft, roadworthiness("Annex I, 8.2: on-board diagnostics")),
    CODES_NOT_DRIVEN(ReadingRules::codesNotDriven),
    JOB_IN_HAND(JobRules::inHand),
    JOB_NOT_VERIFIED(JobRules::notVerified),
    JOBS_NOT_DONE(JobRules::notDone),
    TORQUE_MISSING(JobRules::torqueMissing),
    FASTENER_NOT_TIGHT(JobRules::notTight),
    OPENING_OPEN(JobRules::open),
    CLOSED_FOR_NOW(JobRules::closedForNow),
    SAFETY_PART_MISSING(JobRules::partMissing, roadworthiness("Annex I: a required part that is missing")),
    OUTSTANDING_DUE(OutstandingRules::due),
    ON_LOAN(OutstandingRules::onLoan),
    LEFT_OFF(OutstandingRules::leftOff),
    LENT_OUT(OutstandingRules::lentOut),
    PROOF_MISSING(ProofRules::missing),
    PROOF_RUN_OUT(ProofRules::runOut);

    private final Function<Evidence, Stream<Blocker>> predicate;
    private final Source source;

    Rule(Function<Evidence, Stream<Blocker>> predicate) {
        this(predicate, Source.COMMON_PRACTICE);
    }

    Rule(Function<Evidence, Stream<Blocker>> predicate, Source source) {
        this.predicate = predicate;
        this.source = source;
    }

    /** The directive on roadworthiness tests, from memory: not compared with its text. */
    private static Source roadworthiness(String place) {
        return Source.fromMemory("Directive 2014/45/EU", "2014", place);
    }

    /** Of a proof its own source counts; what no book is known for is common practice. */
    public Source source() {
        return source;
    }

    /** Whether only work that somebody has still to plan removes it; what is looked at, tested or proved comes when its day comes. */
    boolean staysWithoutAJob() {
        return switch (this) {
            case FINDING_OPEN, FINDING_PUT_OFF, FINDING_ONLY_FOR_NOW, READING_OUTSIDE, SAFETY_PART_MISSING -> true;
            case CHECKS_UNANSWERED,
                    CHECKS_OF_THE_DRIVE,
                    READING_MISSING,
                    READING_NOT_JUDGED,
                    READING_TOO_OLD,
                    SECOND_READER_WANTED,
                    CODES_LEFT,
                    CODES_NOT_DRIVEN,
                    JOB_IN_HAND,
                    JOB_NOT_VERIFIED,
                    JOBS_NOT_DONE,
                    TORQUE_MISSING,
                    FASTENER_NOT_TIGHT,
                    OPENING_OPEN,
                    CLOSED_FOR_NOW,
                    OUTSTANDING_DUE,
                    ON_LOAN,
                    LEFT_OFF,
                    LENT_OUT,
                    PROOF_MISSING,
                    PROOF_RUN_OUT -> false;
        };
    }

    Stream<Blocker> check(Evidence evidence) {
        return predicate.apply(evidence);
    }
}
