package ofisino.core.parts.basket;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.HashMap;
import java.util.Map;

/** The same question put to an exact solver (OR-Tools CP-SAT) in its own words: all post is paid, unless enough is bought there. */
final class ExactBasket {
    static {
        Loader.loadNativeLibraries();
    }

    private ExactBasket() {}

    /** Least landed cost with risk, in millionths of a minor unit; proven. */
    static long cheapestMillionths(Shopping shopping) {
        var model = new CpModel();
        Map<String, IntVar> counts = new HashMap<>();
        LinearExprBuilder cost = LinearExpr.newBuilder();
        Map<String, Want> wants = shopping.wantsById();
        for (Seller s : shopping.sellers()) {
            LinearExprBuilder goods = LinearExpr.newBuilder();
            LinearExprBuilder pieces = LinearExpr.newBuilder();
            for (Offer o : shopping.offers()) {
                if (!o.seller().equals(s.id())) continue;
                IntVar count = model.newIntVar(0, o.useful(wants), o.id());
                counts.put(o.id(), count);
                goods.addTerm(count, o.priceMinor());
                pieces.add(count);
                cost.addTerm(count, landed(s, o.priceMinor()) + o.riskMinor() * 1_000_000);
            }
            BoolVar pays = model.newBoolVar("pays " + s.id());
            BoolVar nothing = model.newBoolVar("nothing " + s.id());
            model.addEquality(pieces, 0).onlyEnforceIf(nothing);
            if (s.postFreeFrom().isPresent()) {
                BoolVar enough = model.newBoolVar("enough " + s.id());
                model.addGreaterOrEqual(goods, s.postFreeFrom().getAsLong()).onlyEnforceIf(enough);
                model.addBoolOr(new BoolVar[] {pays, nothing, enough});
            } else model.addBoolOr(new BoolVar[] {pays, nothing});
            cost.addTerm(pays, landed(s, s.postMinor()));
        }
        for (Want w : shopping.wants()) {
            LinearExprBuilder filled = LinearExpr.newBuilder();
            for (Offer o : shopping.offers())
                if (o.holds().containsKey(w.id()))
                    filled.addTerm(counts.get(o.id()), o.holds().get(w.id()));
            model.addGreaterOrEqual(filled, w.quantity());
        }
        model.minimize(cost);
        var solver = new CpSolver();
        solver.getParameters().setNumWorkers(2);
        if (solver.solve(model) != CpSolverStatus.OPTIMAL) throw new IllegalStateException("The referee gave up");
        return Math.round(solver.objectiveValue());
    }

    static long millionths(Shopping shopping, Basket basket) {
        long sum = 0;
        Map<String, Long> goods = new HashMap<>();
        for (Basket.Pick p : basket.picks()) {
            Offer o = shopping.offers().stream()
                    .filter(x -> x.id().equals(p.offer()))
                    .findFirst()
                    .orElseThrow();
            goods.merge(o.seller(), o.priceMinor() * p.count(), Long::sum);
            sum += o.riskMinor() * p.count() * 1_000_000;
        }
        for (Seller s : shopping.sellers())
            if (goods.containsKey(s.id())) sum += landed(s, goods.get(s.id()) + s.postOf(goods.get(s.id())));
        return sum;
    }

    /** Duty on it, and tax on both. */
    private static long landed(Seller s, long minor) {
        return minor * (1000 + s.levies().dutyPerMille()) * (1000 + s.levies().taxPerMille());
    }
}
