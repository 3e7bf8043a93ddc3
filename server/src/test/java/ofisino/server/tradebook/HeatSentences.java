package ofisino.server.tradebook;

import static ofisino.server.tradebook.Sentence.sentence;
import static ofisino.server.tradebook.Sentence.that;

import java.time.Duration;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.stream.Stream;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.server.tradebook.Plan.Span;
import ofisino.server.tradebook.Plan.Work;
import ofisino.server.tradebook.Sentence.Case;

/** A: structure and heat. */
final class HeatSentences {
    private static final String[] TANK_OFF = {"tank-off", "bike-tank-off"};
    private static final String[] ISOLATED = {"battery-isolated", "bike-battery-isolated"};
    private static final ZoneId ZONE = ZoneId.of("Europe/Vienna");

    private HeatSentences() {}

    static List<Sentence> all() {
        return List.of(
                sentence(1, "No tank is on near a place that is hot", HeatSentences::tankAwayFromHeat),
                sentence(
                        2,
                        "Nothing hot is done to a tank at home",
                        plan -> plan.work(j -> j.isAt("fuel-tank")).map(j -> that(j.title(), !j.isHot()))),
                sentence(
                        3,
                        "No carpet and no seat is in near a hot floor or sill",
                        plan -> hot(plan)
                                .filter(j -> j.isAt("floor", "sill"))
                                .map(j -> that(
                                        j.title(),
                                        plan.isOpen(j, "carpets-out") && plan.isOpen(j, "front-seats-out")))),
                sentence(
                        4,
                        "Wires and pipes are out of the heat before anything sparks",
                        plan -> plan.work(j -> j.has(Detail.WELD_OUT))
                                .flatMap(out -> Stream.concat(Stream.of(out), plan.with(out))
                                        .filter(Work::isHot)
                                        .map(h -> that(
                                                h.title(),
                                                plan.with(h)
                                                        .anyMatch(j -> j.has(Detail.SHIELD)
                                                                && !j.end().isAfter(h.start())))))),
                sentence(
                        5,
                        "The battery is isolated while anything is welded",
                        plan -> plan.work(j -> j.does(Operation.WELD))
                                .map(j -> that(j.title(), plan.isOpen(j, ISOLATED)))),
                sentence(
                        6,
                        "What is cut is measured before, and again between welding out and priming",
                        plan -> cuts(plan).map(cut -> that(cut.title(), isMeasuredBeforeAndAfter(plan, cut)))),
                sentence(
                        7,
                        "An opening is braced before a sill or pillar is cut",
                        plan -> cuts(plan)
                                .filter(c -> c.isAt("sill", "belt-pillar", "screen-pillar"))
                                .map(cut -> that(
                                        cut.title(),
                                        plan.with(cut)
                                                .anyMatch(j -> j.says("Brace")
                                                        && !j.end().isAfter(cut.start()))))),
                sentence(8, "Never are both sills cut and not welded", HeatSentences::oneSillAtATime),
                sentence(
                        9,
                        "Tacked, then hung and read, then welded out",
                        plan -> plan.work(j -> j.has(Detail.WELD_OUT))
                                .map(out -> that(out.title(), isReadOnItsTacks(plan, out)))),
                sentence(
                        11,
                        "The fire is watched for an hour: a visit ends at one, the last spark at noon",
                        plan -> hot(plan)
                                .flatMap(j -> j.stretches().stream()
                                        .filter(HeatSentences::isOwn)
                                        .map(s -> that(
                                                j.title(),
                                                !s.to().atZone(ZONE)
                                                        .toLocalTime()
                                                        .isAfter(LocalTime.NOON))))),
                sentence(
                        12,
                        "A motorcycle's frame, arm and yokes are not welded at home",
                        plan -> Stream.of(plan)
                                .filter(Plan::motorcycle)
                                .flatMap(p -> p.work(j -> j.isIn("STRUCTURE")
                                        || j.isAt(
                                                "fork",
                                                "steering-head",
                                                "swinging-arm",
                                                "frame-front",
                                                "frame-cradle")))
                                .map(j -> that(j.title(), !j.does(Operation.WELD, Operation.CUT)))));
    }

    static Stream<Work> hot(Plan plan) {
        return plan.work(Work::isHot);
    }

    /** Whoever else does it, for days, watches it himself. */
    private static boolean isOwn(Span stretch) {
        return stretch.to().isBefore(stretch.from().plus(Duration.ofDays(1)));
    }

    private static Stream<Case> tankAwayFromHeat(Plan plan) {
        return hot(plan)
                .filter(j -> plan.isNear(j.place(), "fuel-tank"))
                .map(j -> that(j.title(), plan.isOpen(j, TANK_OFF)));
    }

    private static Stream<Work> cuts(Plan plan) {
        return plan.work(j -> j.does(Operation.CUT)
                && j.isIn("STRUCTURE", "BODY")
                && plan.with(j).anyMatch(o -> o.has(Detail.WELD_OUT)));
    }

    private static boolean isMeasuredBeforeAndAfter(Plan plan, Work cut) {
        Work out =
                plan.with(cut).filter(j -> j.has(Detail.WELD_OUT)).findFirst().orElseThrow();
        return plan.with(cut).anyMatch(j -> j.has(Detail.MEASURE) && !j.end().isAfter(cut.start()))
                && plan.with(cut)
                        .anyMatch(j -> j.has(Detail.MEASURE) && !j.start().isBefore(out.end()));
    }

    private static Stream<Case> oneSillAtATime(Plan plan) {
        return cuts(plan)
                .filter(c -> c.zone().equals("sill-left"))
                .flatMap(left -> cuts(plan)
                        .filter(c -> c.zone().equals("sill-right"))
                        .map(right -> that(
                                "both sills",
                                !weldedOut(plan, left).start().isAfter(right.start())
                                                && !weldedOut(plan, left).end().isAfter(right.start())
                                        || !weldedOut(plan, right).end().isAfter(left.start()))));
    }

    private static Work weldedOut(Plan plan, Work cut) {
        return plan.with(cut).filter(j -> j.has(Detail.WELD_OUT)).findFirst().orElseThrow();
    }

    private static boolean isReadOnItsTacks(Plan plan, Work out) {
        return plan.with(out)
                .filter(hung -> hung.does(Operation.DRY_FIT) && !hung.end().isAfter(out.start()))
                .anyMatch(hung -> plan.with(out)
                        .anyMatch(t -> t.has(Detail.TACK) && !t.end().isAfter(hung.start())));
    }
}
