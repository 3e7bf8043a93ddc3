package ofisino.server.vehicle.check;

import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Caution;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.check.Answer;
import ofisino.core.vehicle.check.Check;
import ofisino.core.vehicle.check.PlacedCheck;
import ofisino.core.vehicle.check.Question;
import ofisino.core.vehicle.check.Tally;
import ofisino.core.vehicle.check.WalkSheet;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.SafetyClass;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.check.CheckService.Said;
import ofisino.server.vehicle.check.CheckService.Walk;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/projects/{projectId}")
record CheckController(CheckService service) {
    /** @param settledBy ways of looking that are good enough; @param limit what a measured value is compared with; @param findings what each answer proposes, where it proposes one */
    record CheckTextResponse(
            String id,
            String theme,
            Check.Method method,
            String how,
            String good,
            String means,
            String endangers,
            HowSeen seen,
            Set<HowSeen> settledBy,
            @Nullable String limit,
            Map<Answer.Seen, FindingKind> findings) {
        static CheckTextResponse of(Check c) {
            Map<Answer.Seen, FindingKind> findings = new EnumMap<>(Answer.Seen.class);
            for (Answer.Seen seen : Answer.Seen.values()) c.finding(seen).ifPresent(kind -> findings.put(seen, kind));
            return new CheckTextResponse(
                    c.id(),
                    c.theme(),
                    c.method(),
                    c.how(),
                    c.good(),
                    c.means(),
                    c.endangers(),
                    c.seen(),
                    c.settledBy(),
                    c.limit().orElse(null),
                    findings);
        }
    }

    /** @param zone absent for papers and road; @param also the other places that this one look answers for; @param ifBad class of its finding when it fails here @param seen absent while nobody answered, but for a short look */
    record WalkStepResponse(
            String checkId,
            String place,
            @Nullable String zone,
            SafetyClass ifBad,
            List<String> also,
            Answer.@Nullable Seen seen,
            @Nullable HowSeen howSeen,
            @Nullable LookResponse look,
            Set<Caution> cautions) {}

    /** Who looked last, and when. @param another somebody else saw it and told */
    record LookResponse(String by, Instant at, boolean another) {}

    /** @param unseen by weight, from 0 (all seen) to 1 */
    record PlaceSeenResponse(String place, int left, double unseen) {}

    /**
     * @param steps    in walking order
     * @param unseen   of the whole vehicle, by weight, from 0 to 1
     * @param openTraps known costly traps of which something is unseen
     * @param lookNext the place where looking settles most
     * @param questions what is to be said or seen first, since checks wait for it
     * @param edition  of the numbered sheet: the number of a step is its place in {@code steps}, from 1
     */
    record WalkResponse(
            List<CheckTextResponse> checks,
            List<WalkStepResponse> steps,
            List<PlaceSeenResponse> places,
            double unseen,
            int openTraps,
            @Nullable String lookNext,
            Tally tally,
            String edition,
            List<Question> questions) {}

    record SheetRequest(UUID id, String edition, String typed, HowSeen howSeen) {}

    /** @param failed checks marked as not good: each has its finding */
    record SheetResponse(int kept, long failed) {}

    /** @param foundAt which of the places that one look answers for is at fault; absent for the one asked */
    record AnswersRequest(List<Said> answers) {}

    @GetMapping("/checks")
    WalkResponse walk(Caller caller, @PathVariable UUID projectId) {
        Walk walk = service.walk(caller, projectId);
        List<WalkStepResponse> steps =
                walk.checks().stream().map(c -> step(c, walk)).toList();
        Map<String, Long> left = steps.stream()
                .filter(s -> s.seen() == null)
                .collect(Collectors.groupingBy(WalkStepResponse::place, Collectors.counting()));
        return new WalkResponse(
                walk.checks().stream()
                        .map(PlacedCheck::check)
                        .distinct()
                        .map(CheckTextResponse::of)
                        .toList(),
                steps,
                walk.unseen().byPlace().entrySet().stream()
                        .map(e -> new PlaceSeenResponse(
                                e.getKey(),
                                left.getOrDefault(e.getKey(), 0L).intValue(),
                                e.getValue().share()))
                        .toList(),
                walk.unseen().whole().share(),
                walk.unseen().openTraps(),
                walk.unseen().lookNext().orElse(null),
                walk.tally(),
                WalkSheet.edition(walk.checks()),
                walk.questions());
    }

    private static WalkStepResponse step(PlacedCheck c, Walk walk) {
        Optional<Answer> answer = walk.answers().to(c);
        return new WalkStepResponse(
                c.check().id(),
                c.place(),
                c.zone().isPresent() ? c.place() : null,
                c.ifBad(),
                c.also().stream().map(Zone::id).toList(),
                answer.filter(a -> !a.isGlance()).map(Answer::seen).orElse(null),
                answer.map(Answer::howSeen).orElse(null),
                answer.map(a -> walk.kept().get(a))
                        .map(row -> new LookResponse(
                                row.lookedBy(), row.answeredAt(), row.answer().another()))
                        .orElse(null),
                c.cautions());
    }

    @PostMapping("/sheet")
    SheetResponse typeIn(Caller caller, @PathVariable UUID projectId, @RequestBody SheetRequest body) {
        List<WalkSheet.Marked> marked =
                service.typeIn(caller, projectId, body.id(), body.edition(), body.typed(), body.howSeen());
        return new SheetResponse(
                marked.size(),
                marked.stream()
                        .filter(m -> m.check().check().finding(m.seen()).isPresent())
                        .count());
    }

    /** @param standing the finding that stands for each answer that is not good */
    record AnswersResponse(List<Findings.Standing> standing) {}

    @PostMapping("/answers")
    AnswersResponse answer(Caller caller, @PathVariable UUID projectId, @RequestBody AnswersRequest body) {
        return new AnswersResponse(service.answer(caller, projectId, body.answers()));
    }
}
