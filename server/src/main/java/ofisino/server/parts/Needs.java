package ofisino.server.parts;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Side;
import ofisino.core.kernel.Texts;
import ofisino.core.parts.consumable.AmountUnit;
import ofisino.core.parts.sourcing.Grade;
import ofisino.core.parts.sourcing.MustMatch;
import ofisino.core.parts.sourcing.NeedState;
import ofisino.core.parts.sourcing.SamePart;
import ofisino.core.parts.sourcing.ToBuy;
import ofisino.server.identity.Caller;
import org.jspecify.annotations.Nullable;

/** The door to needs. */
public interface Needs {
    List<Need> of(Caller caller, UUID projectId);

    /** Needs whose assembly is still to be looked into: what is ordered now may be ordered in vain. By need, the finding. */
    Map<UUID, UUID> unopened(Caller caller, UUID projectId);

    /** Records what a recipe's step will need. */
    void add(Caller caller, UUID projectId, NewNeed need);

    /**
     * @param item     the component or consumable that it is; null where nobody knows
     * @param quantity in its unit
     */
    record NewNeed(
            UUID id,
            UUID jobId,
            @Nullable String item,
            String title,
            Side side,
            int quantity,
            AmountUnit unit,
            int leadDays) {}

    /** What one job needed, another one needs now. */
    void reassign(Caller caller, UUID fromJobId, UUID toJobId);

    /** @throws ofisino.core.kernel.NotFound when the garage has no such need @throws ofisino.core.kernel.Conflict when its project is closed */
    Need open(Caller caller, UUID needId);

    /** @return as it is kept @throws ofisino.core.kernel.Stale when somebody else changed it meanwhile */
    Need save(Caller caller, Need changed);

    /** Some pieces go another way than the others: they become a need of their own, in the same state. @return the new one */
    Need splitOff(Caller caller, Need from, UUID newId, int pieces);

    /** The parts are on an order now. */
    void ordered(Caller caller, Collection<UUID> needIds);

    /** The job is finished: its accepted parts are fitted. */
    void fitted(Caller caller, UUID jobId);

    /** The job is dropped: what is not ordered yet is not needed. */
    void dropped(Caller caller, UUID jobId);

    /** A job that was dropped is done after all: what was left out with it is needed again. */
    void wantedAgain(Caller caller, UUID jobId);

    /** The job is verified: its fitted parts are too. */
    void verified(Caller caller, UUID jobId);

    /**
     * Why a part is ordered all the same; empty where nobody said.
     *
     * @param pairWaiver  for one wheel alone, though both of an axle are done at once
     * @param holdWaiver  although what it belongs to is still to be looked into
     * @param againWaiver once more, though it was wrong more than once
     */
    record Waivers(String pairWaiver, String holdWaiver, String againWaiver) {
        static final Waivers NONE = new Waivers("", "", "");

        /** As somebody typed them. */
        public static Waivers said(@Nullable String pair, @Nullable String hold, @Nullable String again) {
            return new Waivers(
                    Texts.optionalLine("pairWaiver", pair),
                    Texts.optionalLine("holdWaiver", hold),
                    Texts.optionalLine("againWaiver", again));
        }
    }

    /**
     * @param item      the component or consumable that it is; same ones are bought together
     * @param quantity  in its unit
     * @param essential the job cannot begin without it
     * @param answerBy  while it is held back: the day by which the answer is promised
     * @param mustMatch  what it has to agree in before it is kept, a line each
     * @param splitFrom the need that it was once a part of, where its pieces go another way than the others
     * @param orderId    the latest order it is on, while it is ordered or since
     * @param expectedOn when that order is expected
     * @param placeCode  where it lies, once accepted
     */
    record Need(
            UUID id,
            UUID projectId,
            @Nullable UUID jobId,
            @Nullable String item,
            String title,
            Side side,
            int quantity,
            AmountUnit unit,
            long estimateMinor,
            int leadDays,
            boolean essential,
            NeedState state,
            String stateReason,
            @Nullable LocalDate answerBy,
            @Nullable UUID placeId,
            @Nullable String placeCode,
            @Nullable String placeName,
            @Nullable LocalDate arrivedOn,
            @Nullable UUID orderId,
            @Nullable LocalDate expectedOn,
            @Nullable String supplier,
            @Nullable Grade grade,
            String gradeReason,
            String mustMatch,
            @Nullable UUID splitFrom,
            long version,
            @JsonUnwrapped Waivers waivers) {

        /** Same things of the same side that have to agree in the same are one line of what is bought, and have this in common; what nobody knows is like nothing else. */
        @JsonProperty
        public String sameAs() {
            UUID unlike = splitFrom == null ? id : splitFrom;
            return item == null
                    ? unlike.toString()
                    : "%s:%s:%s:%s:%s".formatted(item, side, unit, grade == null ? "" : grade, sortedFacts());
        }

        private String sortedFacts() {
            return MustMatch.of(mustMatch).facts().stream().sorted().collect(Collectors.joining(";"));
        }

        /** What tells it from other parts. */
        public SamePart part() {
            return new SamePart(Optional.ofNullable(item), title, side, MustMatch.of(mustMatch));
        }

        /** What is still to be bought of such. */
        public static ToBuy toBuy(Collection<Need> all) {
            return ToBuy.of(all.stream()
                    .map(n -> new ToBuy.Wanted(n.state(), n.estimateMinor()))
                    .toList());
        }

        /** Of which nothing is said yet. */
        public static Need fresh(UUID id, UUID projectId) {
            return new Need(
                    id,
                    projectId,
                    null,
                    null,
                    "",
                    Side.NONE,
                    1,
                    AmountUnit.PIECE,
                    0,
                    0,
                    true,
                    NeedState.NEEDED,
                    "",
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    "",
                    "",
                    null,
                    0,
                    Waivers.NONE);
        }

        /** The same, counted in that unit and known for what it is. */
        public Need of(@Nullable String known, AmountUnit in) {
            return copy(new Asked(jobId, known, in, estimateMinor, leadDays, essential), standing(), version);
        }

        /** For that job, which cannot begin without it. */
        public Need essentialTo(UUID job) {
            return copy(new Asked(job, item, unit, estimateMinor, leadDays, true), standing(), version);
        }

        /** Expected to cost so much and to take so many days. */
        public Need thoughtOf(long minor, int days) {
            return copy(new Asked(jobId, item, unit, minor, days, essential), standing(), version);
        }

        /** Held back, until a day where somebody promised one. */
        public Need held(String reason, @Nullable LocalDate until, long onVersion) {
            return with(state.to(NeedState.HELD, title), reason, until, placeId, arrivedOn, onVersion);
        }

        /** Not needed after all. */
        public Need leftOut(String reason, long onVersion) {
            return with(state.to(NeedState.LEFT_OUT, title), reason, null, null, null, onVersion);
        }

        public Need in(
                NeedState next, String reason, @Nullable UUID place, @Nullable LocalDate arrived, long onVersion) {
            return with(next, reason, null, place, arrived, onVersion);
        }

        private Need with(
                NeedState next,
                String reason,
                @Nullable LocalDate answer,
                @Nullable UUID place,
                @Nullable LocalDate arrived,
                long onVersion) {
            return copy(
                    new Asked(jobId, item, unit, estimateMinor, leadDays, essential),
                    new Standing(next, reason, answer, place, arrived),
                    onVersion);
        }

        /** What of it changes with what is thought of it. */
        private record Asked(
                @Nullable UUID job,
                @Nullable String item,
                AmountUnit unit,
                long estimateMinor,
                int leadDays,
                boolean essential) {}

        /** What of it changes with its state. */
        private record Standing(
                NeedState state,
                String reason,
                @Nullable LocalDate answerBy,
                @Nullable UUID placeId,
                @Nullable LocalDate arrivedOn) {}

        private Standing standing() {
            return new Standing(state, stateReason, answerBy, placeId, arrivedOn);
        }

        private Need copy(Asked asked, Standing standing, long onVersion) {
            return new Need(
                    id,
                    projectId,
                    asked.job(),
                    asked.item(),
                    title,
                    side,
                    quantity,
                    asked.unit(),
                    asked.estimateMinor(),
                    asked.leadDays(),
                    asked.essential(),
                    standing.state(),
                    standing.reason(),
                    standing.answerBy(),
                    standing.placeId(),
                    null,
                    null,
                    standing.arrivedOn(),
                    orderId,
                    expectedOn,
                    supplier,
                    grade,
                    gradeReason,
                    mustMatch,
                    splitFrom,
                    onVersion,
                    waivers);
        }

        /** @throws ofisino.core.kernel.InvalidValue where something that must match was not looked at */
        public void mustBeCompared(@Nullable List<String> seen) {
            MustMatch.of(mustMatch).mustBeSeen(seen == null ? List.of() : seen);
        }

        /** Held back, and nobody knows until when: no day was promised, or it has passed. */
        public boolean waitsWithoutADate(LocalDate today) {
            return state == NeedState.HELD && (answerBy == null || answerBy.isBefore(today));
        }
    }
}
