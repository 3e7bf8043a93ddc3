package ofisino.core.plan.solve;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Reason;

/**
 * Why an activity does not start one slot sooner, all else as it is: of the slots in which its people are in the garage, the one before is tried,
 * and what forbids it is the reason.
 */
final class Reasons {
    private final ScheduleGeneration pass;
    private final Moves moves;
    private final Instance in;
    private final TimeGrid time;

    Reasons(ScheduleGeneration pass) {
        this.pass = pass;
        this.moves = new Moves(pass);
        this.in = pass.in;
        this.time = in.time;
    }

    /** Of a placed activity; never empty. */
    List<Reason> of(int a) {
        if (in.isFixed(a)) return List.of(limit(Reason.ReasonKind.FIXED, "", in.fixed[a]));
        int[] slots = moves.takeOut(a);
        try {
            return in.work[a] == 0 ? withoutWork(a) : withWork(a);
        } finally {
            moves.putBack(a, slots);
        }
    }

    private List<Reason> withoutWork(int a) {
        int before = in.openBefore(a, pass.start[a]);
        List<Reason> binding = startLimits(a).stream()
                .filter(l -> time.secondsAt(l.until()) > before)
                .toList();
        if (before < time.now && pass.start[a] > time.now)
            return List.of(limit(Reason.ReasonKind.CLOSED, id(a), pass.start[a]));
        if (!binding.isEmpty()) return binding;
        return List.of(apartOrMoney(a, before, in.endFrom(a, before))
                .orElse(limit(Reason.ReasonKind.KEPT, "", pass.start[a])));
    }

    private List<Reason> withWork(int a) {
        int[] crew = in.crews[a][pass.crew[a]];
        int before = pass.first[a] - 1;
        while (before >= 0 && !pass.shed.allIn(crew, before)) before--;
        if (before < 0) return nobodyBefore(a, crew);
        int slot = before;
        List<Reason> limits = startLimits(a).stream()
                .filter(l -> time.liveAt(time.secondsAt(l.until())) > slot)
                .toList();
        if (!limits.isEmpty()) return limits;
        Optional<Reason> blocked = blocked(a, crew, before).or(() -> goingOn(a, crew, slot));
        if (blocked.isPresent()) return List.of(blocked.get());
        int[] would = moves.foundSlots(a);
        return List.of(apartOrMoney(a, time.startOf(before), time.endOf(would[would.length - 1]) + in.wait[a])
                .orElse(limit(Reason.ReasonKind.KEPT, "", pass.start[a])));
    }

    private List<Reason> nobodyBefore(int a, int[] crew) {
        List<Reason> past = startLimits(a).stream()
                .filter(l -> l.kind() != Reason.ReasonKind.NOW && time.secondsAt(l.until()) > 0)
                .toList();
        if (pass.start[a] > time.now && crew.length > 0)
            return List.of(limit(Reason.ReasonKind.NO_TIME, person(crew, pass.first[a] - 1), pass.start[a]));
        return past.isEmpty() ? List.of(limit(Reason.ReasonKind.NOW, "", time.now)) : past;
    }

    /** Everything but people, room and money that keeps it from starting sooner, each with the instant from which it no longer does. */
    List<Reason> startLimits(int a) {
        List<Reason> limits = new ArrayList<>();
        limits.add(limit(Reason.ReasonKind.NOW, "", time.now));
        if (in.activity[a].timing().notBefore().isPresent())
            limits.add(limit(Reason.ReasonKind.NOT_BEFORE, id(a), in.notBefore[a]));
        for (Instance.Link l : in.before[a])
            if (pass.placed[l.other()]) {
                boolean order = in.activity[l.other()].kind() == Activity.ActivityKind.ORDER;
                limits.add(limit(
                        order ? Reason.ReasonKind.ARRIVAL : Reason.ReasonKind.AFTER,
                        id(l.other()),
                        pass.end[l.other()] + l.lag()));
            }
        if (in.opens[a] != Instance.NONE) {
            for (int other : in.sameWay[in.opens[a]])
                if (pass.placed[in.refit[other]] && pass.end[in.refit[other]] <= pass.start[a])
                    limits.add(limit(Reason.ReasonKind.OTHER_STAY, id(in.refit[other]), pass.end[in.refit[other]]));
            for (int b : in.stripDownApartFrom[in.opens[a]])
                if (pass.placed[b] && pass.end[b] <= pass.start[a])
                    limits.add(limit(Reason.ReasonKind.STATE, id(b), pass.end[b]));
        }
        int over = pass.openPieces.overBefore(a, pass.start, pass.end);
        if (over != Instance.NONE) limits.add(limit(Reason.ReasonKind.OTHER_PIECE, id(over), pass.end[over]));
        int freed = pass.shelf.freedBy(a);
        if (freed != Instance.NONE) limits.add(limit(Reason.ReasonKind.SHELF_FULL, id(freed), pass.end[freed]));
        return limits;
    }

    private Optional<Reason> blocked(int a, int[] crew, int t) {
        for (int p : crew)
            if (pass.shed.at[p][t] >= 0)
                return Optional.of(limit(Reason.ReasonKind.BUSY, id(pass.shed.at[p][t]), time.endOf(t)));
        return noRoom(a, t);
    }

    private Optional<Reason> noRoom(int a, int t) {
        if (!pass.shed.hasPlace(a, t))
            return Optional.of(limit(Reason.ReasonKind.PLACE_FULL, in.capacityId[in.place[a]], time.endOf(t)));
        int resource = pass.shed.resourceShort(a, t);
        return resource < 0
                ? Optional.empty()
                : Optional.of(limit(Reason.ReasonKind.RESOURCE_FULL, in.capacityId[resource], time.endOf(t)));
    }

    /** Why it could begin in this slot and not be finished from there. */
    private Optional<Reason> goingOn(int a, int[] crew, int from) {
        if (moves.fitsFrom(a, from)) return Optional.empty();
        if (in.inOneGo[a]) return Optional.of(limit(Reason.ReasonKind.TOO_SHORT, id(a), time.endOf(from)));
        int done = 1;
        for (int t = from + 1; t < time.live && done < in.work[a]; t++) {
            if (!pass.shed.hasPlace(a, t) && in.holdsBegun[a]) return noRoom(a, t);
            if (!pass.shed.allIn(crew, t) || !pass.shed.isRoom(a, t)) continue;
            int later = -1;
            boolean busy = false;
            for (int p : crew) {
                int other = pass.shed.at[p][t];
                if (other < 0) continue;
                busy = true;
                if (in.isFixed(other) || pass.first[other] < from) later = Integer.MIN_VALUE;
                else if (later >= -1) later = other;
            }
            if (!busy) done++;
            else if (later >= 0) return Optional.of(limit(Reason.ReasonKind.LAID_ASIDE, id(later), time.endOf(t)));
        }
        if (done == in.work[a] && in.holdsWaiting[a])
            return Optional.of(limit(Reason.ReasonKind.PLACE_FULL, in.capacityId[in.place[a]], time.endOf(from)));
        return Optional.of(limit(Reason.ReasonKind.NO_TIME, crew.length == 0 ? "" : person(crew, from), time.horizon));
    }

    private Optional<Reason> apartOrMoney(int a, int from, int to) {
        for (int b : in.apart[a])
            if (pass.placed[b] && from < pass.end[b] && pass.start[b] < to)
                return Optional.of(limit(Reason.ReasonKind.STATE, id(b), pass.end[b]));
        for (int o : in.apartFromStripDown[a])
            if (pass.placed[in.refit[o]] && from < pass.end[in.refit[o]] && pass.opened(o) < to)
                return Optional.of(limit(Reason.ReasonKind.STATE, id(in.refit[o]), pass.end[in.refit[o]]));
        int later = pass.earliestPlace.later(a, from, to);
        return later < 0 ? Optional.empty() : Optional.of(limit(Reason.ReasonKind.MONEY, "", later));
    }

    /** The first of the crew who is out, or else the last of it. */
    private String person(int[] crew, int t) {
        for (int p : crew)
            if (t < 0 || time.window[p][t] == TimeGrid.OUT)
                return in.problem.people().get(p).id();
        return in.problem.people().get(crew[crew.length - 1]).id();
    }

    private String id(int a) {
        return in.activity[a].id().value();
    }

    Reason limit(Reason.ReasonKind kind, String id, int until) {
        return new Reason(kind, id, time.instantAt(until));
    }
}
