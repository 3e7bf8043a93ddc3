package ofisino.core.plan.scope;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.job.Operation;

/** Pieces that are blasted, plated or painted in one session instead of many: one set-up, one mixing, one cleaning. */
public final class Batches {
    private Batches() {}

    /** One job as a step that others could share. @param pieces how many the same */
    public record Step<J>(J id, Operation operation, int pieces) {
        public Step {
            if (pieces < 1)
                throw InvalidValue.at(
                        "pieces", "pieces.number", "%d pieces are no batch.", "Enter at least 1.", pieces);
        }
    }

    /** @param pieces counted out and in */
    public record Batch<J>(Operation operation, List<J> jobs, int pieces) {
        public Batch {
            jobs = List.copyOf(jobs);
        }
    }

    /** Jobs that have not begun and go into one session; a single job is no batch. */
    public static <J> List<Batch<J>> of(Collection<Step<J>> notBegun) {
        Map<Operation, List<Step<J>>> by = new EnumMap<>(Operation.class);
        for (Step<J> s : notBegun)
            switch (s.operation()) {
                case BLAST, PRIME, PAINT, COAT ->
                    by.computeIfAbsent(s.operation(), o -> new ArrayList<>()).add(s);
                default -> {}
            }
        return by.entrySet().stream()
                .filter(e -> e.getValue().size() > 1)
                .map(e -> new Batch<>(
                        e.getKey(),
                        e.getValue().stream().map(Step::id).toList(),
                        e.getValue().stream().mapToInt(Step::pieces).sum()))
                .toList();
    }

    /** Containers for a session: coats × pieces ÷ what one container covers, rounded up to whole ones. */
    public static int containers(int coats, int pieces, int piecesPerContainerAndCoat) {
        if (coats < 1 || pieces < 1 || piecesPerContainerAndCoat < 1)
            throw InvalidValue.of(
                    "batch.numbers",
                    "Coats, pieces and what a container covers are whole numbers above 0.",
                    "Enter at least 1 of each.");
        int needed = Math.multiplyExact(coats, pieces);
        return needed / piecesPerContainerAndCoat + (needed % piecesPerContainerAndCoat == 0 ? 0 : 1);
    }
}
