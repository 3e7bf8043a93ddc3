package ofisino.server.tradebook;

import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.core.vehicle.anatomy.Component;

/**
 * The finished plan of a whole vehicle, as a restorer reads it: jobs, what is open when, and what is bought for what. It knows nothing of how it
 * was made.
 *
 * @param near by place, the places that heat there reaches
 * @param made by id, what the vehicle may be made of
 * @param sessions of the one person who works on it
 */
record Plan(
        boolean motorcycle,
        Map<String, Set<String>> near,
        Map<String, Component> made,
        List<Work> jobs,
        List<Opened> opened,
        List<Bought> bought,
        List<Session> sessions) {
    record Span(Instant from, Instant to) {
        Duration length() {
            return Duration.between(from, to);
        }
    }

    /** A stay in the garage in which something is planned. @param worked what is done in it, accesses opened and closed too */
    record Session(Span stay, List<Span> worked) {
        Duration left() {
            return stay.length().minus(worked.stream().map(Span::length).reduce(Duration.ZERO, Duration::plus));
        }

        /** The same, worked from the first minute to the last. */
        Session packed() {
            return new Session(stay, List.of(stay));
        }
    }

    /**
     * @param place   without its side; empty where it is done to the vehicle
     * @param zone    with its side
     * @param things  what its findings name
     * @param waits   after its end, before anything follows
     * @param chain   the piece of work that it belongs to
     * @param holding fasteners that it is to tighten
     */
    record Work(
            String id,
            String title,
            Operation operation,
            Set<Detail> details,
            String place,
            String zone,
            String system,
            String chain,
            int position,
            Set<String> findings,
            List<Component> things,
            Set<String> kinds,
            List<Span> stretches,
            Duration waits,
            List<String> cautions,
            List<String> holding) {
        Instant start() {
            return stretches.get(0).from();
        }

        Instant end() {
            return stretches.get(stretches.size() - 1).to();
        }

        /** When what follows may begin. */
        Instant free() {
            return end().plus(waits);
        }

        /** Somebody else does it: no session goes through the night. */
        boolean isByOthers() {
            return stretches.stream().anyMatch(s -> s.length().compareTo(Duration.ofHours(20)) > 0);
        }

        boolean does(Operation... any) {
            return Arrays.asList(any).contains(operation);
        }

        boolean has(Detail detail) {
            return details.contains(detail);
        }

        boolean isIn(String... any) {
            return Arrays.asList(any).contains(system);
        }

        boolean says(String words) {
            return title.contains(words);
        }

        boolean isAt(String... places) {
            return Arrays.asList(places).contains(place);
        }

        boolean isAbout(String... components) {
            return things.stream().anyMatch(c -> Arrays.asList(components).contains(c.id()));
        }

        /** Heat or sparks on the vehicle. */
        boolean isHot() {
            return does(Operation.WELD, Operation.CUT) || has(Detail.HEAT);
        }

        Work at(Instant from) {
            Duration by = Duration.between(start(), from);
            return new Work(
                    id,
                    title,
                    operation,
                    details,
                    place,
                    zone,
                    system,
                    chain,
                    position,
                    findings,
                    things,
                    kinds,
                    stretches.stream()
                            .map(s -> new Span(s.from().plus(by), s.to().plus(by)))
                            .toList(),
                    waits,
                    cautions,
                    holding);
        }

        Work doing(Operation other, Set<Detail> with) {
            return new Work(
                    id, title, other, with, place, zone, system, chain, position, findings, things, kinds, stretches,
                    waits, cautions, holding);
        }

        Work without() {
            return new Work(
                    id,
                    title,
                    operation,
                    details,
                    place,
                    zone,
                    system,
                    chain,
                    position,
                    findings,
                    things,
                    kinds,
                    stretches,
                    Duration.ZERO,
                    List.of(),
                    List.of());
        }
    }

    /** An access from when taking apart begins to when putting together ends. @param title what the refit is called @param minutes of both */
    record Opened(
            String id,
            String access,
            String refit,
            int minutes,
            Set<String> excludes,
            boolean drains,
            Set<String> jobs,
            Instant stripFrom,
            Instant stripTo,
            Instant refitFrom,
            Instant refitTo) {
        boolean is(String... accesses) {
            return Arrays.asList(accesses).contains(access);
        }

        /** Whether it is open for the whole of the work. */
        boolean holdsFor(Work work) {
            return !stripTo.isAfter(work.start()) && !refitFrom.isBefore(work.end());
        }

        Opened called(String other) {
            return new Opened(
                    id, access, other, minutes, excludes, drains, jobs, stripFrom, stripTo, refitFrom, refitTo);
        }

        Opened servingAlso(Set<String> others) {
            return new Opened(
                    id,
                    access,
                    refit,
                    minutes,
                    excludes,
                    drains,
                    Stream.concat(jobs.stream(), others.stream()).collect(Collectors.toSet()),
                    stripFrom,
                    stripTo,
                    refitFrom,
                    refitTo);
        }

        Opened closedAt(Instant when) {
            return new Opened(
                    id,
                    access,
                    refit,
                    minutes,
                    excludes,
                    drains,
                    jobs,
                    stripFrom,
                    stripTo,
                    when,
                    when.plus(Duration.between(refitFrom, refitTo)));
        }

        Opened from(Instant when) {
            Duration by = Duration.between(stripFrom, when);
            return new Opened(
                    id,
                    access,
                    refit,
                    minutes,
                    excludes,
                    drains,
                    jobs,
                    when,
                    stripTo.plus(by),
                    refitFrom.plus(by),
                    refitTo.plus(by));
        }
    }

    /** @param item the component or consumable, where it is known */
    record Bought(String job, Optional<String> item, String title, int quantity) {
        Bought one() {
            return new Bought(job, item, title, 1);
        }
    }

    Stream<Work> work(Predicate<Work> which) {
        return jobs.stream().filter(which);
    }

    Stream<Opened> open(String... accesses) {
        return opened.stream().filter(o -> o.is(accesses));
    }

    /** Whether one of these accesses is open for the whole of the work. */
    boolean isOpen(Work work, String... accesses) {
        return open(accesses).anyMatch(o -> o.holdsFor(work));
    }

    /** Other jobs of the same piece of work. */
    Stream<Work> with(Work work) {
        return work(j -> j.chain().equals(work.chain()) && !j.id().equals(work.id()));
    }

    boolean isNear(String hot, String place) {
        return near.getOrDefault(hot, Set.of()).contains(place) || hot.equals(place);
    }

    Stream<Bought> boughtFor(Work work) {
        return bought.stream().filter(b -> b.job().equals(work.id()));
    }

    /** The same plan with the works changed that are meant. */
    Plan changing(Predicate<Work> which, UnaryOperator<Work> how) {
        return with(jobs.stream().map(j -> which.test(j) ? how.apply(j) : j).toList(), opened, bought);
    }

    Plan without(Predicate<Work> which) {
        return with(jobs.stream().filter(which.negate()).toList(), opened, bought);
    }

    Plan adding(Work more) {
        return with(Stream.concat(jobs.stream(), Stream.of(more)).toList(), opened, bought);
    }

    Plan opening(Predicate<Opened> which, UnaryOperator<Opened> how) {
        return with(
                jobs, opened.stream().map(o -> which.test(o) ? how.apply(o) : o).toList(), bought);
    }

    Plan neverOpening(Predicate<Opened> which) {
        return with(jobs, opened.stream().filter(which.negate()).toList(), bought);
    }

    /** When anything begins. */
    Instant begin() {
        return jobs.stream().map(Work::start).min(Instant::compareTo).orElseThrow();
    }

    /** One of each, whatever comes in pairs. */
    Plan buyingOneOfEach() {
        return with(jobs, opened, bought.stream().map(Bought::one).toList());
    }

    Plan buying(Predicate<Bought> keep) {
        return with(jobs, opened, bought.stream().filter(keep).toList());
    }

    /** The same vehicle without a thing. */
    Plan lacking(String thing) {
        Map<String, Component> rest = new HashMap<>(made);
        rest.remove(thing);
        return new Plan(motorcycle, near, rest, jobs, opened, bought, sessions);
    }

    /** Each session worked from its first minute to its last. */
    Plan packed() {
        return new Plan(
                motorcycle,
                near,
                made,
                jobs,
                opened,
                bought,
                sessions.stream().map(Session::packed).toList());
    }

    private Plan with(List<Work> otherJobs, List<Opened> otherOpened, List<Bought> otherBought) {
        return new Plan(motorcycle, near, made, otherJobs, otherOpened, otherBought, sessions);
    }
}
