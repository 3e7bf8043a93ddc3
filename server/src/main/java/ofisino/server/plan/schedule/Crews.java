package ofisino.server.plan.schedule;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import ofisino.core.plan.problem.Activity.Crew;
import ofisino.core.plan.problem.PlanProblem.Person;

/** Who does it: those who have time in the garage, and those who are missing. */
final class Crews {
    private final List<Person> there;
    private final List<Person> missing = new ArrayList<>();

    Crews(List<Person> there) {
        this.there = List.copyOf(there);
    }

    /** Where a person said how many it takes, whoever is missing is missed: he stands among the people without any time. */
    Crew exactly(int size) {
        while (there.size() + missing.size() < size)
            missing.add(new Person("somebody " + (there.size() + missing.size()), List.of()));
        return new Crew(
                size,
                people().stream()
                        .map(Person::id)
                        .limit(Math.max(size, there.size()))
                        .toList());
    }

    /** What an access usually takes; who is alone does it alone, longer than he would like. */
    Crew atMost(int size) {
        return new Crew(
                Math.min(size, there.size()), there.stream().map(Person::id).toList());
    }

    /** The names of those who are missing. */
    List<String> missing() {
        return missing.stream().map(Person::id).toList();
    }

    List<Person> people() {
        return Stream.concat(there.stream(), missing.stream()).toList();
    }
}
