package ofisino.core.money.budget;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Money that was left with somebody and comes back when the old part does. It is no cost while it can come back, and is one from the day
 * after its return date.
 *
 * @param baseMinor minor units of the base currency, positive
 * @param returnBy  the last day on which it comes back
 */
public record Deposit(String name, long baseMinor, LocalDate returnBy) {
    /**
     * What is still to come back today. What was returned is set against the earliest return dates first.
     *
     * @param returnedMinor of all of them together, positive
     */
    public static List<Deposit> dueBack(List<Deposit> paid, long returnedMinor, LocalDate today) {
        long returned = returnedMinor;
        List<Deposit> due = new ArrayList<>();
        for (Deposit d :
                paid.stream().sorted(Comparator.comparing(Deposit::returnBy)).toList()) {
            long rest = Math.max(0, d.baseMinor - returned);
            returned = Math.max(0, returned - d.baseMinor);
            if (rest > 0 && !d.returnBy.isBefore(today)) due.add(new Deposit(d.name, rest, d.returnBy));
        }
        return due;
    }
}
