package ofisino.server.money.otherway;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.money.forecast.Span;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.risk.Dates;
import ofisino.core.plan.risk.TotalDraws;
import ofisino.server.money.otherway.OtherWayController.OtherWayFields;
import ofisino.server.money.otherway.OtherWayController.PartBoughtSo;
import ofisino.server.money.otherway.OtherWayController.WayBeside;
import ofisino.server.money.otherway.OtherWayController.WayCost;
import ofisino.server.money.otherway.OtherWayController.WayDates;
import ofisino.server.money.otherway.OtherWayController.WayDifference;
import ofisino.server.plan.Plans;
import ofisino.server.plan.RoadDates.Runs;
import org.jspecify.annotations.Nullable;

/** What is said of each way, and of what it differs in from the one that is planned. */
record WaysBeside(WayLookedAt now, Map<UUID, String> titles, ZoneId zone) {
    WayBeside asPlanned() {
        return said(null, now, null);
    }

    WayBeside other(OtherWayFields fields, WayLookedAt way) {
        return said(fields, way, difference(way));
    }

    private WayBeside said(@Nullable OtherWayFields fields, WayLookedAt way, @Nullable WayDifference difference) {
        return new WayBeside(
                fields,
                undated(way.plan()),
                ownMinutes(way.plan().problem()),
                way.leftOut().stream()
                        .flatMap(id -> Optional.ofNullable(titles.get(id)).stream())
                        .sorted()
                        .toList(),
                way.bought().stream()
                        .map(b -> new PartBoughtSo(
                                b.need().title(),
                                b.need().quantity(),
                                b.need().unit(),
                                b.need().estimateMinor(),
                                b.landedMinor(),
                                b.leadDays()))
                        .sorted(Comparator.comparing(PartBoughtSo::title))
                        .toList(),
                way.bareMetal().orElse(null),
                way.plan().isNotBefore(Aim.ROAD_READY) || way.plan().isWithoutDate(Aim.ROAD_READY),
                way.plan().milestones().stream().map(m -> dates(m, way)).toList(),
                cost(way),
                difference);
    }

    private static List<String> undated(Plans.Planned plan) {
        return plan.problem().activities().stream()
                .filter(a -> plan.plan().of(a.id()).isEmpty())
                .flatMap(a -> Optional.ofNullable(plan.subjects().get(a.id().value())).stream())
                .map(Plans.Subject::title)
                .filter(title -> !title.isEmpty())
                .distinct()
                .sorted()
                .toList();
    }

    private static long ownMinutes(PlanProblem problem) {
        return problem.activities().stream()
                .mapToLong(a -> (long) a.workSlots() * a.crew().size() * PlanProblem.SLOT.toMinutes())
                .sum();
    }

    private WayDates dates(Plans.Milestone m, WayLookedAt way) {
        Optional<Dates> dates = way.runs().flatMap(Runs::dates);
        return new WayDates(
                m.aim(),
                day(m.reached().finish()),
                dates.flatMap(d -> d.inTen(m.aim(), 5)).map(this::day).orElse(null),
                dates.flatMap(d -> d.inTen(m.aim(), 8)).map(this::day).orElse(null));
    }

    private LocalDate day(Instant at) {
        return at.atZone(zone).toLocalDate();
    }

    private static WayCost cost(WayLookedAt way) {
        Span ends = way.cost().forecast().ends(way.cost().draws());
        return new WayCost(ends.lowMinor(), ends.likelyMinor(), ends.highMinor());
    }

    private WayDifference difference(WayLookedAt way) {
        TotalDraws draws = way.cost().draws();
        TotalDraws before = now.cost().draws();
        return new WayDifference(
                later(way, 1),
                later(way, 5),
                later(way, 9),
                Math.round(draws.moreThan(before, 1)),
                Math.round(draws.moreThan(before, 5)),
                Math.round(draws.moreThan(before, 9)));
    }

    private @Nullable Long later(WayLookedAt way, int tenths) {
        Optional<Dates> before = now.runs().flatMap(Runs::dates);
        Optional<Dates> after = way.runs().flatMap(Runs::dates);
        return before.flatMap(b -> after.flatMap(a -> a.laterThan(b, Aim.ROAD_READY, tenths)))
                .map(Duration::toDays)
                .orElse(null);
    }
}
