package ofisino.core.parts.basket;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import org.ojalgo.function.special.MissingMath;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;
import org.ojalgo.optimisation.integer.IntegerStrategy;
import org.ojalgo.optimisation.integer.IntegerStrategy.GMICutConfiguration;

/**
 * An integer programme: how many of each offer, which parcels come, which of them post-free. Post is a fixed charge, and each offer opens its
 * seller's parcel by itself, so that the bound is close. Source: fixed-charge covering with disaggregated links, Nemhauser and Wolsey, Integer and
 * Combinatorial Optimization (1988), I.1.
 */
final class BasketSearch {
    private static final int NODES = 20_000;
    /** A person waits: where many sellers sell the same at nearly the same price, nodes alone would take minutes. */
    private static final long MILLIS = 1500;

    /** Cuts of the library cut the best away now and then: one in a hundred drawn baskets was dearer than that of an exact solver, and none without. */
    private static final IntegerStrategy WITHOUT_CUTS = IntegerStrategy.DEFAULT.withGMICutConfiguration(
            new GMICutConfiguration().withFractionality(0.5).withViolation(BigDecimal.TEN.pow(12)));

    private final Shopping shopping;
    private final Map<String, Want> wants;
    private final ExpressionsBasedModel model = new ExpressionsBasedModel();
    private final Map<Offer, Variable> counts = new LinkedHashMap<>();
    private final Map<Seller, Variable> parcels = new LinkedHashMap<>();

    BasketSearch(Shopping shopping) {
        this.shopping = shopping;
        this.wants = shopping.wantsById();
        model.options.iterations_abort = NODES;
        model.options.time_abort = MILLIS;
        model.options.integer(WITHOUT_CUTS);
        for (Seller s : shopping.sellers()) addSeller(s);
        for (Want w : shopping.wants()) fill(w);
    }

    /** More than is wanted in one counts as what is wanted; divided by what they have in common, so that the bound is close. */
    private void fill(Want w) {
        Map<Variable, Integer> of = new LinkedHashMap<>();
        counts.forEach((o, count) -> {
            if (o.holds().containsKey(w.id()))
                of.put(count, Math.min(w.quantity(), o.holds().get(w.id())));
        });
        int common = of.values().stream().reduce(0, MissingMath::gcd);
        Expression filled = model.addExpression().lower((w.quantity() + common - 1) / common);
        of.forEach((count, n) -> filled.set(count, n / common));
    }

    private void addSeller(Seller s) {
        List<Offer> his = shopping.offers().stream()
                .filter(o -> o.seller().equals(s.id()) && o.useful(wants) > 0)
                .toList();
        if (his.isEmpty()) return;
        Variable parcel = model.addVariable("parcel " + s.id()).binary();
        BigDecimal landed = s.levies().perMinor();
        parcel.weight(landed.multiply(BigDecimal.valueOf(s.postMinor())));
        parcels.put(s, parcel);
        for (Offer o : his) {
            int most = o.useful(wants);
            Variable count =
                    model.addVariable("count " + o.id()).integer().lower(0).upper(most);
            count.weight(landed.multiply(BigDecimal.valueOf(o.priceMinor())).add(BigDecimal.valueOf(o.riskMinor())));
            counts.put(o, count);
            model.addExpression().upper(0).set(count, 1).set(parcel, -most);
        }
        if (s.postFreeFrom().isPresent() && s.postMinor() > 0) addFreePost(s, parcel, his);
    }

    private void addFreePost(Seller s, Variable parcel, List<Offer> his) {
        Variable free = model.addVariable("free " + s.id()).binary();
        free.weight(s.levies().perMinor().multiply(BigDecimal.valueOf(-s.postMinor())));
        model.addExpression().upper(0).set(free, 1).set(parcel, -1);
        Expression enough =
                model.addExpression().lower(0).set(free, -s.postFreeFrom().getAsLong());
        for (Offer o : his) enough.set(counts.get(o), o.priceMinor());
    }

    Basket cheapest(List<String> without) {
        return read(model.minimise(), without);
    }

    /** How few parcels do comes first, by itself. */
    Basket fewestParcels(List<String> without) {
        List<BigDecimal> costs = model.getVariables().stream()
                .map(Variable::getContributionWeight)
                .toList();
        for (Variable v : model.getVariables()) v.weight(parcels.containsValue(v) ? 1 : 0);
        long fewest = Math.round(model.minimise().getValue());
        for (int i = 0; i < costs.size(); i++) model.getVariables().get(i).weight(costs.get(i));
        Expression atMost = model.addExpression().upper(fewest);
        parcels.values().forEach(p -> atMost.set(p, 1));
        return cheapest(without);
    }

    private Basket read(Optimisation.Result found, List<String> without) {
        Map<String, Integer> left = new HashMap<>();
        wants.values().forEach(w -> left.put(w.id(), -w.quantity()));
        List<Basket.Pick> picks = new ArrayList<>();
        Map<String, Long> goods = new HashMap<>();
        Map<String, Long> risk = new HashMap<>();
        int late = 0;
        for (var e : counts.entrySet()) {
            Offer o = e.getKey();
            int count = (int) Math.round(found.doubleValue(model.indexOf(e.getValue())));
            if (count == 0) continue;
            picks.add(new Basket.Pick(o.id(), count));
            goods.merge(o.seller(), count * o.priceMinor(), Math::addExact);
            risk.merge(o.seller(), count * o.riskMinor(), Math::addExact);
            o.holds().forEach((w, n) -> left.computeIfPresent(w, (id, now) -> now + n * count));
            late = Math.max(late, o.lateDays(wants));
        }
        left.values().removeIf(n -> n <= 0);
        return new Basket(
                picks,
                shopping.sellers().stream()
                        .filter(s -> goods.containsKey(s.id()))
                        .map(s -> s.parcel(goods.get(s.id()), risk.get(s.id())))
                        .toList(),
                without,
                left,
                late,
                dearer(found));
    }

    private OptionalLong dearer(Optimisation.Result found) {
        if (found.getState().isOptimal()) return OptionalLong.empty();
        if (!found.getState().isFeasible())
            throw new IllegalStateException("No basket, although all that is wanted is offered: " + shopping);
        model.relax(false);
        return OptionalLong.of(
                Math.max(0, (long) Math.ceil(found.getValue() - model.minimise().getValue())));
    }
}
