package ofisino.core.plan.referee;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import java.util.Arrays;

/** Proven optimum of a textbook instance by a constraint solver (OR-Tools CP-SAT 9.15). Only a referee: the product does not contain it. */
final class ExactTextbook {
    private ExactTextbook() {}

    /** @param optimal the bound equals the makespan */
    record Answer(int makespan, int bound, boolean optimal) {}

    /** @param seconds by the solver's own clock, which counts what it did: a busy machine proves as much as an idle one */
    static Answer solve(Textbook t, double seconds) {
        Loader.loadNativeLibraries();
        var model = new CpModel();
        int horizon = Arrays.stream(t.duration()).sum();
        IntVar[] start = new IntVar[t.duration().length];
        IntervalVar[] interval = new IntervalVar[start.length];
        IntVar end = model.newIntVar(0, horizon, "end");
        for (int a = 0; a < start.length; a++) {
            start[a] = model.newIntVar(0, horizon, "s" + a);
            interval[a] = model.newFixedSizeIntervalVar(start[a], t.duration()[a], "i" + a);
            model.addGreaterOrEqual(end, LinearExpr.newBuilder().add(start[a]).add(t.duration()[a]));
        }
        for (int a = 0; a < start.length; a++)
            for (int b : t.after()[a])
                model.addGreaterOrEqual(
                        start[b], LinearExpr.newBuilder().add(start[a]).add(t.duration()[a]));
        for (int r = 0; r < t.capacity().length; r++) {
            var cumulative = model.addCumulative(t.capacity()[r]);
            for (int a = 0; a < start.length; a++)
                if (t.use()[a][r] > 0) cumulative.addDemand(interval[a], t.use()[a][r]);
        }
        model.minimize(end);
        var solver = new CpSolver();
        solver.getParameters().setNumSearchWorkers(1).setRandomSeed(1).setMaxDeterministicTime(seconds);
        CpSolverStatus status = solver.solve(model);
        return new Answer(
                (int) solver.objectiveValue(),
                (int) Math.ceil(solver.bestObjectiveBound() - 1e-6),
                status == CpSolverStatus.OPTIMAL);
    }
}
