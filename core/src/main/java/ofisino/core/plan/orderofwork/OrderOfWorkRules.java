package ofisino.core.plan.orderofwork;

import java.io.Reader;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Source;
import ofisino.core.plan.job.JobMatcher;
import ofisino.core.plan.job.Precedence;
import ofisino.core.plan.orderofwork.OtherSide.Wish;

/** The rules of order that ship with Ofisino, from {@code order-of-work.yaml} beside this class, and what they say of the jobs at hand. */
public final class OrderOfWorkRules {
    private final List<OrderOfWorkRule> rules;

    private OrderOfWorkRules(List<OrderOfWorkRule> rules) {
        this.rules = List.copyOf(rules);
        Set<String> ids = new HashSet<>();
        for (OrderOfWorkRule rule : rules)
            if (!ids.add(rule.id()))
                throw InvalidValue.of(
                        "order-of-work.twice", "There is rule %s twice.", "Give one of them another id.", rule.id());
    }

    /** Reads order-of-work.yaml. @throws InvalidValue naming the entry that is wrong */
    public static OrderOfWorkRules load() {
        return Entry.readBeside(OrderOfWorkRules.class, "order-of-work.yaml", OrderOfWorkRules::read);
    }

    static OrderOfWorkRules read(Reader yaml) {
        return new OrderOfWorkRules(Entry.listOf("the rules of order", yaml).stream()
                .map(e -> rule(e.named("id")))
                .toList());
    }

    private static OrderOfWorkRule rule(Entry e) {
        e.only("id", "before", "after", "near", "strength", "gate", "demanded", "within_hours", "reason", "source");
        String strength = e.text("strength");
        if (!strength.equals("must") && !strength.equals("should"))
            throw InvalidValue.of(
                    "order-of-work.strength", "%s is “%s”.", "Write must or should.", e.where(), strength);
        return new OrderOfWorkRule(
                e.text("id"),
                anyOf(e.list("before")),
                anyOf(e.list("after")),
                e.choice("near", OrderOfWorkRule.Near.class),
                strength.equals("must"),
                e.has("gate"),
                e.has("demanded"),
                e.has("within_hours") ? Optional.of(Duration.ofHours(e.whole("within_hours"))) : Optional.empty(),
                e.text("reason"),
                e.has("source") ? Source.fromMemory(e.text("source"), "", "") : Source.COMMON_PRACTICE);
    }

    private static AnyOf anyOf(List<Entry> alternatives) {
        return new AnyOf(alternatives.stream()
                .map(e -> JobMatcher.read(e.only("operations", "details", "systems")))
                .toList());
    }

    /** In the order of the file. */
    public List<OrderOfWorkRule> all() {
        return rules;
    }

    /** How soon the one should begin after the other, by the strictest rule; empty where no rule says so. */
    public Optional<Duration> within(Work<?> first, Work<?> second) {
        return rules.stream()
                .filter(r -> r.orders(first, second))
                .flatMap(r -> r.within().stream())
                .min(Duration::compareTo);
    }

    /** One job has to be over before another begins, by one rule. */
    public record Edge<J>(OrderOfWorkRule rule, J before, J after) {}

    /** An order that cannot be kept, since other links say the contrary. @param circle in working order, beginning with the one that would come first */
    public record Refused<J>(Edge<J> edge, List<J> circle) {}

    /** Something that a rule demands and no job does. */
    public record Missing<J>(OrderOfWorkRule rule, J job) {}

    /** @param waived rule and jobs that a person excused with a reason */
    public record Waiver<J>(String rule, J before, J after) {}

    /**
     * What the rules propose beyond the links that are there: no link that others imply, none between jobs of which the first is over.
     * Rules that must hold come first, so that a rule that only should hold gives way in a circle.
     */
    public record Proposed<J>(List<Edge<J>> edges, List<Refused<J>> refused, List<Missing<J>> missing) {
        public Proposed {
            edges = List.copyOf(edges);
            refused = List.copyOf(refused);
            missing = List.copyOf(missing);
        }
    }

    /** Which job should wait for which, by rule. @param links that are there already @param waived that a person took back */
    public <J> Proposed<J> propose(
            Collection<Work<J>> jobs, Collection<Precedence.Link<J>> links, Set<Waiver<J>> waived) {
        List<Edge<J>> accepted = new ArrayList<>();
        List<Refused<J>> refused = new ArrayList<>();
        Precedence<J> order = new Precedence<>(links);
        for (Wish<J> wish : wanted(jobs, waived)) {
            Edge<J> edge = kept(wish, order);
            if (order.isBefore(edge.before(), edge.after())) continue;
            Optional<List<J>> circle = order.circleClosedBy(edge.before(), edge.after());
            if (circle.isPresent()) {
                refused.add(new Refused<>(edge, circle.get()));
            } else {
                order.add(new Precedence.Link<>(edge.before(), edge.after()));
                accepted.add(edge);
            }
        }
        return new Proposed<>(withoutImplied(accepted, links), refused, missing(jobs, waived));
    }

    /** Orders that must hold beyond the links that are there: they are in every plan, taken or not. One that would close a circle is left out. */
    public <J> List<Edge<J>> binding(
            Collection<Work<J>> jobs, Collection<Precedence.Link<J>> links, Set<Waiver<J>> waived) {
        List<Edge<J>> binding = new ArrayList<>();
        Precedence<J> order = new Precedence<>(links);
        for (Wish<J> wish : wanted(jobs, waived)) {
            Edge<J> edge = kept(wish, order);
            if (!edge.rule().must() || order.isBefore(edge.before(), edge.after())) continue;
            if (order.circleClosedBy(edge.before(), edge.after()).isPresent()) continue;
            order.add(new Precedence.Link<>(edge.before(), edge.after()));
            binding.add(edge);
        }
        return binding;
    }

    /** What is wished, or what holds as well where the wish would close a circle. */
    private static <J> Edge<J> kept(Wish<J> wish, Precedence<J> order) {
        Edge<J> edge = wish.edge();
        return wish.orElse()
                .filter(other -> order.circleClosedBy(edge.before(), edge.after())
                                .isPresent()
                        && order.circleClosedBy(other.before(), other.after()).isEmpty())
                .orElse(edge);
    }

    private <J> List<Wish<J>> wanted(Collection<Work<J>> jobs, Set<Waiver<J>> waived) {
        List<Wish<J>> must = new ArrayList<>();
        List<Wish<J>> should = new ArrayList<>();
        for (OrderOfWorkRule rule : rules)
            for (Wish<J> wish : rule.isOfTwoSides() ? new OtherSide<>(rule, jobs).wishes() : wishes(rule, jobs)) {
                var waiver = new Waiver<>(
                        rule.id(), wish.edge().before(), wish.edge().after());
                if (rule.must()) must.add(wish);
                else if (!waived.contains(waiver)) should.add(wish);
            }
        must.addAll(should);
        return must;
    }

    private static <J> List<Wish<J>> wishes(OrderOfWorkRule rule, Collection<Work<J>> jobs) {
        List<Work<J>> firsts =
                jobs.stream().filter(j -> !j.over() && rule.before().fits(j)).toList();
        List<Wish<J>> found = new ArrayList<>();
        for (Work<J> second : jobs)
            if (!second.over() && rule.comesAfter(second))
                for (Work<J> first : firsts)
                    if (!first.id().equals(second.id()) && rule.near().holds(first, second))
                        found.add(new Wish<>(new Edge<>(rule, first.id(), second.id()), Optional.empty()));
        return found;
    }

    private static <J> List<Edge<J>> withoutImplied(List<Edge<J>> edges, Collection<Precedence.Link<J>> links) {
        Precedence<J> others = new Precedence<>(links);
        for (Edge<J> edge : edges) others.add(new Precedence.Link<>(edge.before(), edge.after()));
        List<Edge<J>> kept = new ArrayList<>();
        for (Edge<J> edge : edges) {
            Precedence.Link<J> link = new Precedence.Link<>(edge.before(), edge.after());
            others.remove(link);
            if (others.isBefore(edge.before(), edge.after())) continue;
            others.add(link);
            kept.add(edge);
        }
        return kept;
    }

    private <J> List<Missing<J>> missing(Collection<Work<J>> jobs, Set<Waiver<J>> waived) {
        List<Missing<J>> found = new ArrayList<>();
        for (OrderOfWorkRule rule : rules)
            for (Work<J> second : jobs)
                if (!second.over()
                        && isMissed(rule, second, jobs)
                        && !waived.contains(new Waiver<>(rule.id(), second.id(), second.id())))
                    found.add(new Missing<>(rule, second.id()));
        return found;
    }

    private static <J> boolean isMissed(OrderOfWorkRule rule, Work<J> second, Collection<Work<J>> jobs) {
        if (rule.isOfTwoSides())
            return new OtherSide<>(rule, jobs).holdBack(second).anyMatch(Optional::isEmpty);
        return rule.demanded()
                && rule.comesAfter(second)
                && jobs.stream().noneMatch(first -> first.exists() && rule.orders(first, second));
    }

    /** Why a job may not begin: what must be over first and is not, and what is demanded and nobody does. */
    public <J> List<Blocked<J>> blocks(Work<J> job, Collection<Work<J>> jobs, Set<Waiver<J>> waived) {
        List<Blocked<J>> blocks = new ArrayList<>();
        for (OrderOfWorkRule rule : rules)
            if (rule.isOfTwoSides())
                new OtherSide<>(rule, jobs)
                        .holdBack(job)
                        .filter(Optional::isPresent)
                        .distinct()
                        .forEach(by -> blocks.add(new Blocked<>(rule, by)));
            else if (rule.must())
                for (Work<J> first : jobs)
                    if (!first.over() && !first.id().equals(job.id()) && rule.orders(first, job))
                        blocks.add(new Blocked<>(rule, Optional.of(first.id())));
        missing(jobs, waived).stream()
                .filter(m -> m.job().equals(job.id()))
                .forEach(m -> blocks.add(new Blocked<>(m.rule(), Optional.empty())));
        return blocks;
    }

    /** @param by the job that has to be over first; empty when nobody does it at all */
    public record Blocked<J>(OrderOfWorkRule rule, Optional<J> by) {}
}
