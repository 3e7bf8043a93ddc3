package ofisino.server.tradebook;

import static ofisino.server.tradebook.Sentence.sentence;
import static ofisino.server.tradebook.Sentence.that;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.server.tradebook.Plan.Work;
import ofisino.server.tradebook.Sentence.Case;

/** C: steering, suspension, wheels. */
final class ChassisSentences {
    private static final String CHASSIS = "STEERING_AND_SUSPENSION";
    private static final Set<String> IN_PAIRS = Set.of(
            "ball-joint-lower",
            "ball-joint-upper",
            "front-damper",
            "rear-damper",
            "track-rod-end",
            "front-coil-spring",
            "rear-coil-spring",
            "rear-leaf-spring",
            "tyre");
    private static final String[] SPRUNG = {"front-coil-spring", "rear-coil-spring", "front-strut", "torsion-bar"};

    private static final String[] PAST_THE_EXHAUST = {
        "gearbox-out", "engine-out", "sump-off-front-drive", "subframe-dropped", "bike-engine-out"
    };

    private ChassisSentences() {}

    static List<Sentence> all() {
        return List.of(
                sentence(23, "Tracking is set once, after the last of what moves it", ChassisSentences::trackedLast),
                sentence(
                        24,
                        "Rubber bushes are tightened on the wheels, engine in, before the tracking",
                        ChassisSentences::tightenedLoaded),
                sentence(
                        25,
                        "Springs, dampers, joints and tyres come in pairs",
                        plan -> plan.bought().stream()
                                .filter(b -> !plan.motorcycle()
                                        && b.item().filter(IN_PAIRS::contains).isPresent())
                                .map(b -> that(b.title(), b.quantity() % 2 == 0))),
                sentence(
                        26,
                        "A spring under load is warned of",
                        plan -> plan.work(j -> j.isAbout(SPRUNG) && j.does(Operation.STRIP, Operation.REPLACE))
                                .map(j -> that(j.title(), j.cautions().contains("SPRINGS")))),
                sentence(
                        94,
                        "What comes out past the exhaust goes out with the old one off, and is in before a new one is on",
                        ChassisSentences::pastTheExhaust),
                sentence(
                        28,
                        "What is put on names the fasteners that must hold",
                        plan -> plan.work(j -> j.does(Operation.REPLACE, Operation.ASSEMBLE)
                                        && j.things().stream()
                                                .anyMatch(c -> !c.fasteners().isEmpty()))
                                .map(j -> that(j.title(), !j.holding().isEmpty()))),
                sentence(
                        29,
                        "What is used once is bought with what it holds",
                        plan -> plan.work(j -> j.does(Operation.REPLACE))
                                .flatMap(j -> plan.boughtFor(j)
                                        .flatMap(b -> b.item().map(plan.made()::get).stream())
                                        .flatMap(c -> c.comesWith().stream()
                                                .filter(plan.made()::containsKey)
                                                .map(with -> that(
                                                        j.title() + ": " + with,
                                                        plan.boughtFor(j)
                                                                .anyMatch(b -> b.item()
                                                                        .filter(with::equals)
                                                                        .isPresent())))))),
                sentence(
                        32,
                        "A fork goes in before its wheel's brake is tested",
                        plan -> plan.work(j -> plan.motorcycle() && j.isAt("fork") && j.does(Operation.ASSEMBLE))
                                .flatMap(fork -> plan.work(t -> t.has(Detail.BRAKE_TEST))
                                        .map(t -> that(fork.title(), !t.start().isBefore(fork.end()))))));
    }

    private static Stream<Case> trackedLast(Plan plan) {
        List<Work> tracked = plan.work(j -> j.does(Operation.ALIGN)).toList();
        return plan.work(j -> j.isIn(CHASSIS, "WHEELS_AND_TYRES") && j.does(Operation.REPLACE) && !tracked.isEmpty())
                .map(j -> that(
                        j.title(),
                        tracked.size() == 1 && !tracked.get(0).start().isBefore(j.end())));
    }

    private static Stream<Case> tightenedLoaded(Plan plan) {
        return plan.work(j -> j.has(Detail.RIDE_HEIGHT))
                .flatMap(ride -> Stream.of(
                                plan.work(j -> j.isIn(CHASSIS) && j.does(Operation.REPLACE, Operation.ASSEMBLE))
                                        .map(j -> that(j.title(), !ride.start().isBefore(j.end()))),
                                plan.open(
                                                "engine-out",
                                                "engine-out-front-drive",
                                                "engine-out-rear",
                                                "engine-out-mid",
                                                "on-stands")
                                        .map(o -> that(
                                                o.refit(),
                                                !ride.start().isBefore(o.refitTo())
                                                        || !ride.end().isAfter(o.stripFrom()))),
                                plan.work(j -> j.does(Operation.ALIGN))
                                        .map(j -> that(j.title(), !j.start().isBefore(ride.end()))))
                        .flatMap(s -> s));
    }

    /** Of several pieces of work on an exhaust the first takes it off and the last puts it on. */
    private static Stream<Case> pastTheExhaust(Plan plan) {
        List<Work> exhaust = plan.work(j -> j.isAt("exhaust") && j.does(Operation.STRIP, Operation.REPLACE))
                .filter(j -> plan.open("exhaust-front-off", "exhaust-off", "bike-exhaust-off")
                        .noneMatch(o -> o.jobs().contains(j.id())))
                .filter(j -> !j.isAbout("exhaust-clamps", "exhaust-hanger", "exhaust-gasket", "heat-shield"))
                .sorted(Comparator.comparing(Work::start))
                .toList();
        if (exhaust.isEmpty()) return Stream.empty();
        Work off = exhaust.get(0);
        Work on = exhaust.get(exhaust.size() - 1);
        return plan.open(PAST_THE_EXHAUST)
                .flatMap(o -> Stream.of(
                        that(
                                off.title() + " before " + o.access(),
                                !off.end().isAfter(o.stripFrom()) || isOffBefore(plan, o)),
                        that(on.title() + " after " + o.refit(), !on.start().isBefore(o.refitTo()))));
    }

    /** Taken off by itself, where it is not renewed meanwhile. */
    private static boolean isOffBefore(Plan plan, Plan.Opened o) {
        return plan.open("exhaust-front-off", "bike-exhaust-off")
                .anyMatch(e -> !e.stripTo().isAfter(o.stripFrom()));
    }
}
