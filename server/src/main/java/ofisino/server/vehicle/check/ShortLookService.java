package ofisino.server.vehicle.check;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.check.Answer;
import ofisino.core.vehicle.check.LastAnswers;
import ofisino.core.vehicle.equipment.Make;
import ofisino.core.vehicle.shortlook.PlacedCard;
import ofisino.core.vehicle.shortlook.ShortLook;
import ofisino.core.vehicle.shortlook.ShortLooks;
import ofisino.server.identity.Caller;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.check.CheckService.Said;
import org.springframework.stereotype.Service;

/** The short look of a buyer: its cards answer checks of the whole walk in passing. */
@Service
record ShortLookService(CheckService checks, Projects projects, ShortLooks looks) {
    /** @param possible lists that may be taken instead */
    record Look(
            ShortLook.LookKind kind,
            List<ShortLook.LookKind> possible,
            List<PlacedCard> cards,
            LastAnswers answers,
            ShortLook.Left left) {}

    Look look(Caller caller, UUID projectId, Optional<ShortLook.LookKind> asked) {
        Projects.Project project = projects.require(caller, projectId);
        Make make = project.make();
        ShortLook.LookKind kind = asked.orElseGet(() -> ShortLook.LookKind.of(make));
        List<PlacedCard> cards = looks.of(kind).at(checks.possible(caller, project));
        LastAnswers answers = new LastAnswers(checks.answers(caller, projectId));
        return new Look(kind, ShortLook.LookKind.possibleFor(make), cards, answers, ShortLook.left(cards, answers));
    }

    /**
     * @param cardIds one; several for a reason why they were not seen
     * @param fault   only with one card that is not good; else the check meant there is
     */
    List<Findings.Standing> answer(
            Caller caller,
            UUID projectId,
            UUID id,
            ShortLook.LookKind kind,
            List<String> cardIds,
            Answer.Seen seen,
            Optional<PlacedCard.Fault> fault) {
        if (cardIds.size() != 1 && seen.isSeen())
            throw InvalidValue.at(
                    "cards", "card.one", "What was seen is said of one card at a time.", "Send one card.");
        Look look = look(caller, projectId, Optional.of(kind));
        List<Said> said = cardIds.stream()
                .map(cardId -> look.cards().stream()
                        .filter(c -> c.card().asks().id().equals(cardId))
                        .findFirst()
                        .orElseThrow(() -> InvalidValue.at(
                                "cards",
                                "card.not-here",
                                "There is no card “%s” in this look.",
                                "Reload the page.",
                                cardId)))
                .flatMap(card -> card.answered(seen, fault, look.answers()).stream())
                .map(at -> said(id, at, seen))
                .toList();
        return said.isEmpty() ? List.of() : checks.answer(caller, projectId, said);
    }

    private static Said said(UUID id, PlacedCard.At at, Answer.Seen seen) {
        String checkId = at.check().check().id();
        String place = at.check().place();
        return new Said(
                UUID.nameUUIDFromBytes((id + checkId + place).getBytes(StandardCharsets.UTF_8)),
                checkId,
                place,
                seen,
                HowSeen.GLANCED,
                false,
                false,
                at.foundAt());
    }
}
