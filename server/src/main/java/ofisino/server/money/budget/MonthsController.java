package ofisino.server.money.budget;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.money.forecast.Months;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api/projects/{projectId}/months")
record MonthsController(MonthsService service) {
    record DueMinor(String what, LocalDate on, long minor, boolean canWait) {
        static DueMinor of(Months.DuePayment due) {
            return new DueMinor(due.what(), due.on(), due.minor(), due.canWait());
        }
    }

    /** @param month its first day @param leftMinor at its end, with what was left of those before it */
    record MonthMinor(LocalDate month, long inMinor, long dueMinor, long leftMinor, List<DueMinor> due) {
        static MonthMinor of(Months.OneMonth m) {
            return new MonthMinor(
                    m.month().atDay(1),
                    m.in(),
                    m.dueMinor(),
                    m.leftMinor(),
                    m.due().stream().map(DueMinor::of).toList());
        }
    }

    /**
     * @param months     empty while nobody said what may be spent a month
     * @param firstShort the first day of that month; null where none is short
     * @param putOff     what can wait without moving the road
     * @param undatedMinor for what the plan has no day yet: it is in no month
     * @param unpriced     things to buy of which nobody named a price: the months say too little
     */
    record MonthsResponse(
            String currency,
            List<MonthMinor> months,
            @Nullable LocalDate firstShort,
            List<DueMinor> putOff,
            long undatedMinor,
            int unpriced) {}

    @GetMapping
    MonthsResponse months(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId);
    }
}
