package ofisino.server.money.budget;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.money.budget.Position;
import ofisino.core.money.budget.SpendingGroups;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.budget.BudgetMapper.GroupBudgetRow;
import ofisino.server.money.budget.GroupController.GroupBudgetRequest;
import ofisino.server.money.budget.GroupController.GroupPosition;
import ofisino.server.money.budget.GroupController.GroupsResponse;
import ofisino.server.plan.Jobs;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** The budget by group: what each may cost against what it has cost and will. */
@Service
record GroupService(BudgetMapper mapper, PositionService positions, Projects projects, Jobs jobs, Garages garages) {
    GroupsResponse of(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        var groups = new SpendingGroups(Jobs.systemsOf(jobs.of(caller, projectId)));
        PositionService.Lines lines = positions.lines(caller, projectId);
        Map<String, Long> budgets = mapper.of(caller.garageId(), projectId).stream()
                .collect(Collectors.toMap(GroupBudgetRow::grp, GroupBudgetRow::minor));
        Map<String, Long> spent = lines.spent().stream()
                .collect(Collectors.groupingBy(groups::of, Collectors.summingLong(s -> s.baseMinor())));
        Map<String, Long> ordered = byGroup(groups, lines.ordered());
        Map<String, Long> toOrder = byGroup(groups, lines.toOrder());
        Map<String, Long> agreed = byGroup(groups, lines.agreed());
        List<GroupPosition> all = SpendingGroups.ORDER.stream()
                .filter(g -> Stream.of(budgets, spent, ordered, toOrder, agreed).anyMatch(m -> m.containsKey(g)))
                .map(g -> GroupPosition.of(
                        g,
                        SpendingGroups.isSafety(g),
                        budgets.get(g),
                        new Position(
                                budgets.getOrDefault(g, 0L),
                                spent.getOrDefault(g, 0L),
                                ordered.getOrDefault(g, 0L),
                                toOrder.getOrDefault(g, 0L),
                                agreed.getOrDefault(g, 0L))))
                .toList();
        long given = budgets.values().stream().reduce(0L, Math::addExact);
        return new GroupsResponse(
                garages.baseCurrency(caller).getCode(), project.budgetMinor(), project.budgetMinor() - given, all);
    }

    private static Map<String, Long> byGroup(SpendingGroups groups, List<PositionService.Due> due) {
        return due.stream()
                .collect(Collectors.groupingBy(
                        d -> groups.ofJob(Optional.ofNullable(d.jobId())),
                        Collectors.summingLong(PositionService.Due::baseMinor)));
    }

    void give(Caller caller, UUID projectId, String group, GroupBudgetRequest said) {
        projects.requireOpen(caller, projectId);
        if (said.minor() < 0)
            throw InvalidValue.at(
                    "minor", "group-budget.negative", "A budget cannot be less than nothing.", "Enter 0 or more.");
        Currencies.minor("minor", garages.baseCurrency(caller), said.minor());
        mapper.put(caller.garageId(), projectId, new GroupBudgetRow(said.id(), known(group), said.minor()));
    }

    void takeBack(Caller caller, UUID projectId, String group) {
        projects.requireOpen(caller, projectId);
        mapper.delete(caller.garageId(), projectId, known(group));
    }

    private static String known(String group) {
        if (!SpendingGroups.ORDER.contains(group))
            throw InvalidValue.at(
                    "group",
                    "group-budget.unknown",
                    "Money is not grouped by that.",
                    "Choose one of the groups shown.");
        return group;
    }
}
