package ofisino.core.plan.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ofisino.core.plan.calendar.TimeWindow;

/** Who is where in which slot, while a plan is being made: the only mutable thing of the pass. */
final class Garage {
    private static final int OUT = -1;

    private final SlotAxis axis;
    /** By person: number of the window that each slot lies in, or {@link #OUT}. */
    private final Map<String, int[]> windows = new HashMap<>();
    /** By crew: the slots in which all of it are there. */
    private final Map<List<String>, BitSet> together = new HashMap<>();
    /** By person: the activity in each slot. */
    private final Map<String, Activity[]> working = new HashMap<>();

    private final Map<String, int[]> used = new HashMap<>();
    private final Map<String, Integer> capacity = new HashMap<>();
    private final Map<ActivityId, Integer> begins = new HashMap<>();

    Garage(PlanProblem problem, SlotAxis axis) {
        this.axis = axis;
        for (PlanProblem.Person person : problem.people()) {
            windows.put(person.id(), windowNumbers(person.windows()));
            working.put(person.id(), new Activity[axis.slots()]);
        }
        problem.places().forEach(this::addCapacity);
        problem.resources().forEach(this::addCapacity);
    }

    private void addCapacity(PlanProblem.Capacity c) {
        capacity.put(c.id(), c.units());
        used.put(c.id(), new int[axis.slots()]);
    }

    private int[] windowNumbers(List<TimeWindow> list) {
        int[] numbers = new int[axis.slots()];
        Arrays.fill(numbers, OUT);
        for (int w = 0; w < list.size(); w++) {
            int from = Math.max(0, axis.atOrAfter(list.get(w).from()));
            int to = Math.min(axis.slots(), axis.atOrAfter(list.get(w).to()));
            for (int slot = from; slot < to; slot++) numbers[slot] = w;
        }
        return numbers;
    }

    boolean allIn(List<String> crew, int slot) {
        return together(crew).get(slot);
    }

    /** The first slot from the given one on in which all of the crew are there; the end of the axis when there is none. */
    int nextIn(List<String> crew, int slot) {
        int next = together(crew).nextSetBit(slot);
        return next < 0 ? axis.slots() : next;
    }

    private BitSet together(List<String> crew) {
        return together.computeIfAbsent(crew, c -> {
            var slots = new BitSet(axis.slots());
            slots.set(0, axis.slots());
            for (String person : c) {
                int[] window = windows.get(person);
                for (int slot = 0; slot < window.length; slot++) if (window[slot] == OUT) slots.clear(slot);
            }
            return slots;
        });
    }

    boolean sameWindow(List<String> crew, int slot, int other) {
        return crew.stream().allMatch(p -> windows.get(p)[slot] == windows.get(p)[other]);
    }

    boolean allFree(List<String> crew, int slot) {
        return crew.stream().allMatch(p -> working.get(p)[slot] == null);
    }

    /** The first person of the crew who is not there, or else the last of it. */
    String whoIsOut(List<String> crew, int slot) {
        return crew.stream()
                .filter(p -> windows.get(p)[slot] == OUT)
                .findFirst()
                .orElse(crew.get(crew.size() - 1));
    }

    List<Activity> workOf(List<String> crew, int slot) {
        List<Activity> found = new ArrayList<>();
        for (String person : crew) if (working.get(person)[slot] != null) found.add(working.get(person)[slot]);
        return found;
    }

    int beginOf(ActivityId id) {
        return begins.get(id);
    }

    /** The place or resource that has no room for the activity in this slot, if any. */
    java.util.Optional<String> full(Activity activity, int slot, boolean placeOnly) {
        if (activity.demand().place().isPresent()) {
            String place = activity.demand().place().get();
            if (used.get(place)[slot] + 1 > capacity.get(place)) return java.util.Optional.of(place);
        }
        if (placeOnly) return java.util.Optional.empty();
        return activity.demand().resources().entrySet().stream()
                .filter(e -> used.get(e.getKey())[slot] + e.getValue() > capacity.get(e.getKey()))
                .map(Map.Entry::getKey)
                .sorted()
                .findFirst();
    }

    void take(Activity activity, List<String> crew, List<Integer> slots, int waitEnd) {
        if (slots.isEmpty()) return;
        int first = slots.get(0);
        int last = slots.get(slots.size() - 1);
        begins.put(activity.id(), first);
        for (int slot : slots) for (String person : crew) working.get(person)[slot] = activity;
        for (int slot : slots) activity.demand().resources().forEach((r, n) -> used.get(r)[slot] += n);
        activity.demand().place().ifPresent(place -> {
            int[] load = used.get(place);
            if (activity.demand().holdsPlaceWhileBegun()) for (int slot = first; slot <= last; slot++) load[slot]++;
            else for (int slot : slots) load[slot]++;
            if (activity.demand().holdsPlaceWhileWaiting())
                for (int slot = last + 1; slot < Math.min(waitEnd, axis.slots()); slot++) load[slot]++;
        });
    }
}
