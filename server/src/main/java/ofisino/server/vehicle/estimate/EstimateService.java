package ofisino.server.vehicle.estimate;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.CostRange;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.corrosion.Corrosion;
import ofisino.core.vehicle.corrosion.CorrosionRules;
import ofisino.core.vehicle.corrosion.CorrosionRules.Judgement;
import ofisino.core.vehicle.estimate.Estimate;
import ofisino.core.vehicle.estimate.Estimates;
import ofisino.core.vehicle.estimate.Hands;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.Finding;
import ofisino.core.vehicle.finding.FindingState;
import ofisino.core.vehicle.finding.FoundBehind;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.vehicle.FindingEstimates;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.UsualWork;
import ofisino.server.vehicle.estimate.EstimateMapper.EstimateRow;
import org.springframework.stereotype.Service;

/** What mending the findings will take: as a person said, else as is usual. */
@Service
record EstimateService(
        EstimateMapper mapper, Findings findings, Projects projects, Garages garages, UsualWork work, Estimates usual)
        implements FindingEstimates {
    /** @param judgement what the graded rust means, where somebody graded it @param hands whose hands it asks for */
    record Estimated(
            FindingEstimate estimate, Optional<Judgement> judgement, Hands hands, Optional<EstimateRow> said) {}

    /** @param foundAfterOpening how much came to light behind what was opened, as a share of what was seen at first */
    record All(List<Estimated> estimates, double foundAfterStripDown) {}

    All all(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        Body body = projects.bodyOf(project);
        Map<UUID, EstimateRow> said = mapper.of(caller.garageId(), projectId).stream()
                .collect(Collectors.toMap(EstimateRow::id, Function.identity()));
        Optional<Long> hour = garages.workshopHourMinor(caller);
        List<Finding> counted = findings.of(caller, projectId).stream()
                .filter(f -> f.state() != FindingState.WITHDRAWN)
                .toList();
        Map<UUID, Estimate> usually = work.of(caller, project, counted);
        Map<UUID, Estimated> estimates = new LinkedHashMap<>();
        for (Finding f : counted)
            estimates.put(f.id(), estimated(body, f, usually.get(f.id()), Optional.ofNullable(said.get(f.id())), hour));
        return new All(
                List.copyOf(estimates.values()),
                FoundBehind.share(
                        counted,
                        f -> f.origin().behind().isPresent(),
                        f -> estimates.get(f.id()).estimate().effort().likelyMinutes()));
    }

    private Estimated estimated(
            Body body, Finding f, Estimate usually, Optional<EstimateRow> said, Optional<Long> hour) {
        Optional<Corrosion> rust = said.flatMap(EstimateRow::corrosion);
        Estimate proposed =
                rust.map(r -> usual.of(body.placeOf(f.zone(), f.system()), r)).orElse(usually);
        Optional<CostRange> cost = said.flatMap(EstimateRow::cost)
                .or(() -> hour.map(h -> proposed.material().costs(h)));
        return new Estimated(
                new FindingEstimate(
                        f.id(),
                        said.flatMap(EstimateRow::effort).orElse(proposed.effort()),
                        cost,
                        said.flatMap(s -> Optional.ofNullable(s.payer()))),
                rust.map(r -> CorrosionRules.judge(body.placeOf(f.zone(), f.system()), r)),
                usual.hands(f.kind(), f.system(), f.safetyClass()),
                said);
    }

    @Override
    public List<FindingEstimate> of(Caller caller, UUID projectId) {
        return all(caller, projectId).estimates().stream()
                .map(Estimated::estimate)
                .toList();
    }

    /** @param work empty where it leads to none */
    record DecisionChoice(Decision decision, Optional<Effort> work, Optional<CostRange> cost) {}

    /** What may be decided for a finding, with what each takes and costs; the latter only for those who see amounts. */
    List<DecisionChoice> choices(Caller caller, UUID findingId) {
        Finding finding = findings.require(caller, findingId);
        Map<Decision, Estimate> takes = work.choices(caller, projects.require(caller, finding.projectId()), finding);
        Optional<Long> hour = caller.seesMoney() ? garages.workshopHourMinor(caller) : Optional.empty();
        return Stream.of(Decision.values())
                .filter(finding::allows)
                .map(d -> new DecisionChoice(
                        d,
                        Optional.ofNullable(takes.get(d)).map(Estimate::effort),
                        hour.flatMap(h -> Optional.ofNullable(takes.get(d))
                                .map(e -> e.material().costs(h)))))
                .toList();
    }

    /** Keeps what a person says; rust that means more than the finding's class raises the class, and never lowers it. */
    Estimated say(Caller caller, EstimateRow row) {
        Finding finding = findings.require(caller, row.id());
        Projects.Project project = projects.requireOpen(caller, finding.projectId());
        Body body = projects.bodyOf(project);
        Optional<Corrosion> rust = checked(caller, row);
        if (rust.isPresent() && !finding.kind().isCorrosion())
            throw InvalidValue.at(
                    "grade",
                    "corrosion.other-kind",
                    "Only rust is graded so.",
                    "Change the kind of the finding to rust first.");
        if (mapper.find(caller.garageId(), row.id()).isEmpty() && row.version() == 0)
            mapper.insert(caller.garageId(), row);
        else
            Stored.notStale(
                    mapper.update(caller.garageId(), row),
                    "estimate",
                    () -> Stored.require(mapper.find(caller.garageId(), row.id()), "estimate", row.id()));
        rust.map(r -> CorrosionRules.judge(body.placeOf(finding.zone(), finding.system()), r))
                .ifPresent(j -> findings.raise(caller, finding.id(), j.safetyClass()));
        Finding now = findings.require(caller, finding.id());
        return estimated(
                body,
                now,
                work.of(caller, project, List.of(now)).get(now.id()),
                mapper.find(caller.garageId(), row.id()),
                garages.workshopHourMinor(caller));
    }

    /** The values check themselves when they are made. */
    private Optional<Corrosion> checked(Caller caller, EstimateRow row) {
        row.effort();
        row.cost().stream()
                .flatMap(c -> Stream.of(c.optimisticMinor(), c.likelyMinor(), c.pessimisticMinor()))
                .forEach(minor -> Currencies.minor("cost", garages.baseCurrency(caller), minor));
        Texts.note("payerNote", row.payerNote());
        return row.corrosion();
    }
}
