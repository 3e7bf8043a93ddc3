package ofisino.server.parts.need;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Side;
import ofisino.core.parts.order.Again;
import ofisino.core.parts.sourcing.Grade;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.parts.Needs.Need;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api")
record NeedController(NeedService service) {
    /** @param pairWaiver why it is bought for one wheel alone @param holdWaiver why it is ordered before its assembly is looked into @param mustMatch what it has to agree in before it is kept, a line each @param againWaiver why it is ordered though it was wrong more than once @param gradeReason why the grade differs from what the aim asks for @param essential the job cannot begin without it; so it is unless said */
    record NeedFields(
            @Nullable UUID jobId,
            String title,
            @Nullable Side side,
            int quantity,
            long estimateMinor,
            int leadDays,
            @Nullable Grade grade,
            @Nullable String gradeReason,
            @Nullable Boolean essential,
            @Nullable String pairWaiver,
            @Nullable String holdWaiver,
            @Nullable String againWaiver,
            @Nullable String mustMatch) {}

    record NewNeedRequest(UUID id, NeedFields fields) {}

    record NeedChangeRequest(NeedFields fields, long version) {}

    /** @param answerBy the day by which it is known; absent where nobody promised one */
    record HoldRequest(String reason, @Nullable LocalDate answerBy, long version) {}

    record LeaveOutRequest(String reason, long version) {}

    record ReleaseRequest(long version) {}

    @GetMapping("/projects/{projectId}/needs")
    List<Need> of(Caller caller, @PathVariable UUID projectId) {
        return service.list(caller, projectId);
    }

    /** @param difference what a sister variant has otherwise */
    record VariantWarning(UUID needId, String difference) {}

    /** Parts on the list that a sister variant has otherwise. */
    @GetMapping("/projects/{projectId}/needs/variants")
    List<VariantWarning> variants(Caller caller, @PathVariable UUID projectId) {
        return service.variantWarnings(caller, projectId);
    }

    enum Objection {
        /** It is done on both wheels of an axle at once, and wanted for one. */
        ONE_WHEEL,
        /** What it belongs to is still to be looked into. */
        UNOPENED,
        /** It was bought before. */
        BOUGHT_AGAIN,
        /** The same is on its way or lies here: a kit may hold it. */
        COMING,
        /** What is new each time it is done is on no list. */
        WITHOUT_COMPANION
    }

    /**
     * @param pieces    that one axle takes, of {@link Objection#ONE_WHEEL}
     * @param findingId what is to be looked into, of {@link Objection#UNOPENED}
     * @param times     it was bought, of {@link Objection#BOUGHT_AGAIN}
     * @param failed    of them it was wrong or damaged
     * @param sumMinor  what all of them cost
     * @param isAsked   it is not ordered without a reason
     * @param names     of the companions, of {@link Objection#WITHOUT_COMPANION}; from whom it comes, of {@link Objection#COMING}
     */
    record ObjectionResponse(
            UUID needId,
            Objection objection,
            @Nullable Integer pieces,
            @Nullable UUID findingId,
            @Nullable Integer times,
            @Nullable Integer failed,
            @Nullable Long sumMinor,
            boolean isAsked,
            List<String> names) {
        static ObjectionResponse oneWheel(UUID needId, int pieces) {
            return new ObjectionResponse(needId, Objection.ONE_WHEEL, pieces, null, null, null, null, true, List.of());
        }

        static ObjectionResponse unopened(UUID needId, UUID findingId) {
            return new ObjectionResponse(
                    needId, Objection.UNOPENED, null, findingId, null, null, null, true, List.of());
        }

        static ObjectionResponse told(UUID needId, Objection objection, List<String> names) {
            return new ObjectionResponse(needId, objection, null, null, null, null, null, false, names);
        }

        static ObjectionResponse boughtAgain(UUID needId, Again again, boolean isAsked) {
            return new ObjectionResponse(
                    needId,
                    Objection.BOUGHT_AGAIN,
                    null,
                    null,
                    again.times(),
                    again.failed(),
                    again.sumMinor(),
                    isAsked,
                    List.of());
        }
    }

    /** What stands against ordering a part, where nobody said why it is ordered all the same. */
    @GetMapping("/projects/{projectId}/needs/objections")
    List<ObjectionResponse> objections(Caller caller, @PathVariable UUID projectId) {
        return service.objections(caller, projectId);
    }

    @PostMapping("/projects/{projectId}/needs")
    @ResponseStatus(HttpStatus.CREATED)
    Need add(Caller caller, @PathVariable UUID projectId, @RequestBody NewNeedRequest body) {
        return service.add(caller, projectId, body.id(), body.fields());
    }

    @GetMapping("/needs/{id}")
    Need find(Caller caller, @PathVariable UUID id) {
        return service.find(caller, id);
    }

    @PutMapping("/needs/{id}")
    Need change(Caller caller, @PathVariable UUID id, @RequestBody NeedChangeRequest body) {
        return service.change(caller, id, body.fields(), body.version());
    }

    @PostMapping("/needs/{id}/hold")
    Need hold(Caller caller, @PathVariable UUID id, @RequestBody HoldRequest body) {
        return service.hold(caller, id, body.reason(), body.answerBy(), body.version());
    }

    /** It is not needed after all: neither bought nor waited for. */
    @PostMapping("/needs/{id}/leave-out")
    Need leaveOut(Caller caller, @PathVariable UUID id, @RequestBody LeaveOutRequest body) {
        return service.leaveOut(caller, id, body.reason(), body.version());
    }

    /** No longer on hold, or needed after all. */
    @PostMapping("/needs/{id}/release")
    Need release(Caller caller, @PathVariable UUID id, @RequestBody ReleaseRequest body) {
        return service.release(caller, id, body.version());
    }
}
