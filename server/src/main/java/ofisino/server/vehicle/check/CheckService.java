package ofisino.server.vehicle.check;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.check.Answer;
import ofisino.core.vehicle.check.LastAnswers;
import ofisino.core.vehicle.check.PlacedCheck;
import ofisino.core.vehicle.check.Question;
import ofisino.core.vehicle.check.Tally;
import ofisino.core.vehicle.check.Unseen;
import ofisino.core.vehicle.check.WalkSheet;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.FindingState;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.Inspection;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.VehicleChecks;
import ofisino.server.vehicle.check.CheckMapper.AnswerRow;
import org.springframework.stereotype.Service;

/** The checks of a vehicle, what was seen at them, and how much is still unseen. */
@Service
record CheckService(
        CheckMapper mapper,
        Projects projects,
        Findings findings,
        VehicleChecks vehicleChecks,
        Garages garages,
        Clock clock)
        implements Inspection {
    /** More than a vehicle ever has: "everything else here is good" is one write, a typed sheet another. */
    private static final int MOST_AT_ONCE = 600;

    /** @param kept with who gave each answer, and when */
    record Walk(
            List<PlacedCheck> checks,
            LastAnswers answers,
            Map<Answer, AnswerRow> kept,
            Unseen unseen,
            Tally tally,
            List<Question> questions) {}

    /** An answer as it comes. @param foundAt the place at fault, where one look answers for several */
    record Said(
            UUID id,
            String checkId,
            String place,
            Answer.Seen seen,
            HowSeen howSeen,
            boolean covered,
            boolean another,
            Optional<String> foundAt) {}

    private record At(String checkId, String place) {}

    Walk walk(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        List<PlacedCheck> checks = vehicleChecks.of(caller, project);
        List<AnswerRow> rows = mapper.lastOf(caller.garageId(), projectId);
        List<Answer> core = rows.stream().map(AnswerRow::answer).toList();
        Map<At, Decision> decided = findings.of(caller, projectId).stream()
                .filter(f -> f.seen().checkId().isPresent()
                        && f.decided().isPresent()
                        && f.state() != FindingState.WITHDRAWN)
                .collect(Collectors.toMap(
                        f -> new At(f.seen().checkId().get(), f.zone()),
                        f -> f.decided().get().decision(),
                        (a, b) -> b));
        return new Walk(
                checks,
                new LastAnswers(core),
                rows.stream().collect(Collectors.toMap(AnswerRow::answer, Function.identity())),
                Unseen.of(checks, core),
                Tally.of(
                        core.stream().filter(a -> !a.isGlance()).toList(),
                        a -> Optional.ofNullable(decided.get(new At(a.checkId(), a.place())))),
                vehicleChecks.questions(caller, project));
    }

    /** Those that are asked, and those that wait behind a question: who answers one of them saw what it is about. */
    List<PlacedCheck> possible(Caller caller, Projects.Project project) {
        return Stream.concat(
                        vehicleChecks.of(caller, project).stream(), vehicleChecks.waiting(caller, project).stream())
                .toList();
    }

    List<Answer> answers(Caller caller, UUID projectId) {
        return mapper.lastOf(caller.garageId(), projectId).stream()
                .map(AnswerRow::answer)
                .toList();
    }

    @Override
    public List<PlacedCheck> unanswered(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        return Stream.concat(
                        Unseen.unanswered(vehicleChecks.of(caller, project), answers(caller, projectId)).stream(),
                        vehicleChecks.waiting(caller, project).stream()
                                .filter(c -> c.ifBad().standsInTheWay()))
                .toList();
    }

    @Override
    public Unseen unseen(Caller caller, UUID projectId) {
        return walk(caller, projectId).unseen();
    }

    @Override
    public Unseen unseenForABid(Caller caller, UUID projectId) {
        return Unseen.forABid(
                vehicleChecks.of(caller, projects.require(caller, projectId)), answers(caller, projectId));
    }

    List<Findings.Standing> answer(Caller caller, UUID projectId, List<Said> answers) {
        List<PlacedCheck> checks = possible(caller, projects.requireOpen(caller, projectId));
        if (answers.isEmpty() || answers.size() > MOST_AT_ONCE)
            throw InvalidValue.at(
                    "answers",
                    "answers.number",
                    "%2$d answers cannot be kept at once.",
                    "Send 1 to %1$d.",
                    MOST_AT_ONCE,
                    answers.size());
        LocalDate today = LocalDate.now(clock.withZone(garages.zone(caller)));
        List<Findings.Failed> failed = new ArrayList<>();
        for (Said answer : answers) {
            PlacedCheck check = checks.stream()
                    .filter(c ->
                            c.check().id().equals(answer.checkId()) && c.place().equals(answer.place()))
                    .findFirst()
                    .orElseThrow(() -> InvalidValue.at(
                            "checkId",
                            "check.not-here",
                            "There is no check “%s” at “%s” on this vehicle.",
                            "Reload the page.",
                            answer.checkId(),
                            answer.place()));
            mapper.insert(
                    caller.garageId(),
                    projectId,
                    caller.accountId(),
                    answer.id(),
                    new Answer(
                            answer.checkId(),
                            answer.place(),
                            answer.seen(),
                            answer.howSeen(),
                            answer.covered(),
                            answer.another(),
                            !check.also().isEmpty()));
            failed(check, answer, today).ifPresent(failed::add);
        }
        return findings.recordFailed(caller, projectId, failed);
    }

    /** Every failed check makes a finding; the person may then say more of it, or withdraw it as a slip. */
    private static Optional<Findings.Failed> failed(PlacedCheck check, Said answer, LocalDate today) {
        return check.check()
                .finding(answer.seen())
                .map(kind -> new Findings.Failed(
                        UUID.nameUUIDFromBytes((answer.id() + " finding").getBytes(StandardCharsets.UTF_8)),
                        check.foundAt(answer.foundAt().orElse(check.place())),
                        kind,
                        answer.howSeen(),
                        today));
    }

    /** Keeps what was written on a printed sheet; the answers' ids are made of the one given, so that it can be sent again. */
    List<WalkSheet.Marked> typeIn(
            Caller caller, UUID projectId, UUID id, String edition, String typed, HowSeen howSeen) {
        List<WalkSheet.Marked> marked =
                WalkSheet.read(typed, edition, vehicleChecks.of(caller, projects.requireOpen(caller, projectId)));
        answer(
                caller,
                projectId,
                marked.stream()
                        .map(m -> new Said(
                                UUID.nameUUIDFromBytes(
                                        (id + m.check().check().id() + m.check().place())
                                                .getBytes(StandardCharsets.UTF_8)),
                                m.check().check().id(),
                                m.check().place(),
                                m.seen(),
                                howSeen,
                                false,
                                false,
                                Optional.empty()))
                        .toList());
        return marked;
    }
}
