package ofisino.core.money.forecast;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Month by month what comes in, what is due, and what is left; what is left of one month is there in the next. In minor units of one
 * currency.
 *
 * @param months without a gap, the present one first
 */
public record Months(List<OneMonth> months) {
    /** Something that will be paid. @param canWait the road is reached without it */
    public record DuePayment(String what, LocalDate on, long minor, boolean canWait) {}

    /** @param in what may be spent in it, beside what was left @param leftMinor at its end; below 0 where it is short */
    public record OneMonth(YearMonth month, long in, List<DuePayment> due, long leftMinor) {
        public OneMonth {
            due = List.copyOf(due);
        }

        /** What is paid in it. */
        public long dueMinor() {
            return sum(due);
        }
    }

    public Months {
        months = List.copyOf(months);
    }

    /**
     * @param leftNow of this month, before what is still due in it
     * @param monthly from the next month on
     * @param due     in any order; what is past is due now
     * @param running counted from the next month on: of the present one nobody knows whether it is paid
     */
    public static Months of(
            LocalDate today, long leftNow, long monthly, List<DuePayment> due, List<RunningCost> running) {
        YearMonth first = YearMonth.from(today);
        YearMonth last = due.stream()
                .map(d -> YearMonth.from(d.on()))
                .filter(first::isBefore)
                .max(YearMonth::compareTo)
                .orElse(first);
        List<OneMonth> months = new ArrayList<>();
        long left = 0;
        for (YearMonth month = first; !month.isAfter(last); month = month.plusMonths(1)) {
            boolean isFirst = month.equals(first);
            List<DuePayment> its = new ArrayList<>(paidIn(month, isFirst, due));
            if (!isFirst) its.addAll(running(month, running));
            long in = isFirst ? leftNow : monthly;
            left = Math.subtractExact(Math.addExact(left, in), sum(its));
            months.add(new OneMonth(month, in, its, left));
        }
        return new Months(months);
    }

    private static List<DuePayment> paidIn(YearMonth month, boolean isFirst, List<DuePayment> due) {
        return due.stream()
                .filter(d -> YearMonth.from(d.on()).equals(month)
                        || isFirst && YearMonth.from(d.on()).isBefore(month))
                .toList();
    }

    private static List<DuePayment> running(YearMonth month, List<RunningCost> all) {
        return all.stream()
                .filter(r -> r.isOn(month.atDay(1)))
                .map(r -> new DuePayment(r.name(), month.atDay(1), r.perMonthMinor(), false))
                .toList();
    }

    private static long sum(List<DuePayment> due) {
        return due.stream().mapToLong(DuePayment::minor).reduce(0, Math::addExact);
    }

    /** The first in which more is due than is there. */
    public Optional<OneMonth> firstShort() {
        return months.stream().filter(m -> m.leftMinor() < 0).findFirst();
    }

    /**
     * What is due by the first short month and can wait, the dearest first, as much as it takes to be short no more; all of it where that is
     * not enough. The road waits for none of it.
     */
    public List<DuePayment> putOff() {
        return firstShort().map(this::putOff).orElse(List.of());
    }

    private List<DuePayment> putOff(OneMonth shortOf) {
        List<DuePayment> waits = new ArrayList<>();
        long lacks = -shortOf.leftMinor();
        List<DuePayment> canWait = months.stream()
                .filter(m -> !m.month().isAfter(shortOf.month()))
                .flatMap(m -> m.due().stream())
                .filter(DuePayment::canWait)
                .sorted(Comparator.comparingLong(DuePayment::minor).reversed())
                .toList();
        for (DuePayment d : canWait) {
            if (lacks <= 0) break;
            waits.add(d);
            lacks -= d.minor();
        }
        return waits;
    }
}
