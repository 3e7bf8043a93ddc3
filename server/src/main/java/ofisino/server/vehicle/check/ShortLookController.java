package ofisino.server.vehicle.check;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Caution;
import ofisino.core.vehicle.check.Answer;
import ofisino.core.vehicle.check.PlacedCheck;
import ofisino.core.vehicle.shortlook.Card;
import ofisino.core.vehicle.shortlook.PlacedCard;
import ofisino.core.vehicle.shortlook.ShortLook;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.vehicle.Findings;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/projects/{projectId}/short-look")
record ShortLookController(ShortLookService service) {
    /** What may be wrong at a card. @param means what it usually is; @param places where it may be */
    record FaultResponse(String checkId, String means, Set<String> places) {}

    /** @param places where it is looked, the one meant first; @param seen absent while nobody answered */
    record CardResponse(
            Card.Prompt asks,
            Card.@Nullable Stop stop,
            Set<String> places,
            List<FaultResponse> faults,
            Set<Caution> cautions,
            Answer.@Nullable Seen seen) {}

    /** @param possible lists that may be taken instead */
    record ShortLookResponse(
            ShortLook.LookKind kind,
            List<ShortLook.LookKind> possible,
            List<CardResponse> cards,
            ShortLook.Left left) {}

    /** @param cards one; several for a reason why they were not seen; @param fault what is not good; absent for the check meant */
    record CardAnswerRequest(
            UUID id, ShortLook.LookKind kind, List<String> cards, Answer.Seen seen, PlacedCard.@Nullable Fault fault) {}

    /** @param standing the finding that stands for what is not good */
    record CardAnswerResponse(List<Findings.Standing> standing) {}

    @GetMapping
    ShortLookResponse look(
            Caller caller,
            @PathVariable UUID projectId,
            @RequestParam(required = false) ShortLook.@Nullable LookKind kind) {
        ShortLookService.Look look = service.look(caller, projectId, Optional.ofNullable(kind));
        return new ShortLookResponse(
                look.kind(),
                look.possible(),
                look.cards().stream().map(c -> card(c, c.said(look.answers()))).toList(),
                look.left());
    }

    private static CardResponse card(PlacedCard placed, Optional<Answer.Seen> seen) {
        return new CardResponse(
                placed.card().asks(),
                placed.card().stop().orElse(null),
                placed.answers().stream()
                        .flatMap(p -> p.places().stream())
                        .collect(Collectors.toCollection(LinkedHashSet::new)),
                faults(placed),
                placed.answers().stream().flatMap(p -> p.cautions().stream()).collect(Collectors.toSet()),
                seen.orElse(null));
    }

    private static List<FaultResponse> faults(PlacedCard placed) {
        Map<String, FaultResponse> byCheck = new LinkedHashMap<>();
        for (PlacedCheck p : placed.faults())
            byCheck.computeIfAbsent(
                            p.check().id(),
                            id -> new FaultResponse(id, p.check().means(), new LinkedHashSet<>()))
                    .places()
                    .addAll(p.places());
        return List.copyOf(byCheck.values());
    }

    @PostMapping("/answers")
    CardAnswerResponse answer(Caller caller, @PathVariable UUID projectId, @RequestBody CardAnswerRequest body) {
        return new CardAnswerResponse(service.answer(
                caller,
                projectId,
                body.id(),
                body.kind(),
                body.cards(),
                body.seen(),
                Optional.ofNullable(body.fault())));
    }
}
