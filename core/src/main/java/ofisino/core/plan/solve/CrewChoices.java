package ofisino.core.plan.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Which crews could do some work. All of them where they are few. Of a large group not every choice is tried: for each number of people who are
 * ever in the garage together some who are there most, those first who are together longest.
 */
final class CrewChoices {
    /** A garage has a handful of people; more choices than this are a club. */
    private static final int MOST = 60;
    /** Of those who are together: whoever is busy elsewhere can be stood in for. */
    private static final int FROM_EACH = 4;

    private final TimeGrid time;
    /** By person: the live slots in which he is there. */
    private final int[] there;

    CrewChoices(TimeGrid time) {
        this.time = time;
        there = new int[time.window.length];
        for (int p = 0; p < there.length; p++) for (int number : time.window[p]) if (number != TimeGrid.OUT) there[p]++;
    }

    /** @param people who could do it, each once @param size how many it takes at once; each crew has its people in their order */
    int[][] of(int[] people, int size) {
        if (number(people.length, size) > MOST) return ofThoseTogether(people, size);
        List<int[]> found = new ArrayList<>();
        choose(people, 0, new int[size], 0, found);
        return found.toArray(int[][]::new);
    }

    /** Choices of so many out of so many, up to a few more than {@link #MOST}. */
    private static long number(int of, int size) {
        long found = 1;
        for (int i = 0; i < size && found <= MOST; i++) found = found * (of - i) / (i + 1);
        return found;
    }

    private static void choose(int[] people, int from, int[] chosen, int count, List<int[]> found) {
        if (count == chosen.length) {
            found.add(chosen.clone());
            return;
        }
        for (int p = from; p < people.length; p++) {
            chosen[count] = people[p];
            choose(people, p + 1, chosen, count + 1, found);
        }
    }

    private int[][] ofThoseTogether(int[] people, int size) {
        Map<BitSet, Integer> slots = new HashMap<>();
        for (int t = 0; t < time.live; t++) {
            var together = new BitSet();
            for (int p : people) if (time.window[p][t] != TimeGrid.OUT) together.set(p);
            if (together.cardinality() >= size) slots.merge(together, 1, Integer::sum);
        }
        List<int[]> found = new ArrayList<>();
        slots.entrySet().stream()
                .sorted(Map.Entry.<BitSet, Integer>comparingByValue()
                        .reversed()
                        .thenComparing(e -> e.getKey().toString()))
                .limit(MOST / FROM_EACH)
                .forEach(e -> addSome(people, e.getKey(), size, found));
        // never together: whoever asks why is told that nobody is there
        if (found.isEmpty()) found.add(Arrays.copyOf(people, size));
        return found.toArray(int[][]::new);
    }

    private void addSome(int[] people, BitSet together, int size, List<int[]> found) {
        int[] mostFirst = together.stream()
                .boxed()
                .sorted(Comparator.comparingInt((Integer p) -> -there[p]).thenComparingInt(p -> p))
                .mapToInt(Integer::intValue)
                .toArray();
        int shifts = Math.min(FROM_EACH, mostFirst.length - size + 1);
        for (int shift = 0; shift < shifts; shift++) {
            var chosen = new BitSet();
            for (int i = 0; i < size; i++) chosen.set(mostFirst[(shift * size + i) % mostFirst.length]);
            int[] crew = Arrays.stream(people).filter(chosen::get).toArray();
            if (found.stream().noneMatch(c -> Arrays.equals(c, crew))) found.add(crew);
        }
    }
}
