package ofisino.core.vehicle.check;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.finding.SafetyClass;

/**
 * What nobody has seen of a vehicle, though checks hang on it: until somebody says what it has they wait behind the question.
 *
 * @param item    of the equipment
 * @param gravest class of the gravest check that waits
 * @param checks  how many wait
 */
public record Question(String item, SafetyClass gravest, int checks) {
    /** The gravest first, then what brings most. @param waiting checks that wait */
    public static List<Question> of(List<PlacedCheck> waiting, Equipment vehicle) {
        Map<String, Map<SafetyClass, Integer>> byItem = new LinkedHashMap<>();
        for (PlacedCheck c : waiting)
            for (String item : c.check().applies().having().items())
                if (!vehicle.isSure(item))
                    byItem.computeIfAbsent(item, i -> new EnumMap<>(SafetyClass.class))
                            .merge(c.ifBad(), 1, Integer::sum);
        return byItem.entrySet().stream()
                .map(e -> new Question(
                        e.getKey(),
                        e.getValue().keySet().iterator().next(),
                        e.getValue().values().stream().mapToInt(n -> n).sum()))
                .sorted(Comparator.comparing(Question::gravest).thenComparing(q -> -q.checks()))
                .toList();
    }
}
