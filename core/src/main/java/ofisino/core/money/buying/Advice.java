package ofisino.core.money.buying;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalLong;
import java.util.stream.IntStream;
import ofisino.core.money.buying.BuyingCase.Hidden;
import ofisino.core.money.buying.BuyingCase.Repair;
import ofisino.core.plan.risk.Chance;
import ofisino.core.plan.risk.ThreePoint;
import ofisino.core.plan.risk.TotalDraws;

/**
 * What to do about a vehicle that is for sale.
 *
 * @param lowered by how much each repair lowers the ceiling, the most first
 * @param movers what moves the ceiling most, the strongest first
 * @param looks  what looking at each unseen place is worth at the asked price, the most first; empty without an asked price
 */
public record Advice(Word word, Ceiling ceiling, List<Lowered> lowered, List<Mover> movers, List<Look> looks) {
    /** What to do, in one word. */
    public enum Word {
        /** Not even a gift pays for what it needs. */
        WALK_AWAY,
        /** The ceiling is below what is asked, or nothing is asked. */
        BID_UP_TO,
        /** What is asked is not above the ceiling. */
        FAIR
    }

    /** What the ceiling hangs on. */
    public enum Input {
        TITLE,
        VALUE,
        REPAIR,
        UNSEEN
    }

    /** @param title of the repair; @param by how much higher the ceiling would be without it */
    public record Lowered(String title, long by) {}

    /** How far the ceiling falls and rises when one input goes from its worst to its best. */
    public record Mover(Input input, String title, long atWorst, long atBest) {
        long span() {
            return atBest - atWorst;
        }
    }

    /** @param worth minor units of money that knowing it before the bid is worth, less the cost of looking; may be negative */
    public record Look(String place, long worth) {}

    /**
     * @param asked what the seller wants, if anything was said
     * @param valueLow the low end of the comparables
     * @param valueHigh their high end
     */
    public static Advice on(BuyingCase c, OptionalLong asked, long valueLow, long valueHigh) {
        TotalDraws draws = TotalDraws.of(c.chances(), c.seed());
        Ceiling ceiling = Ceiling.of(c, draws);
        List<Seen> seen = c.unseen().parallelStream()
                .map(h -> new Seen(h, damaged(c, draws, ceiling.value(), h), sound(c, draws, ceiling.value(), h)))
                .toList();
        return new Advice(
                word(ceiling, asked),
                ceiling,
                lowered(c, draws, ceiling),
                movers(c, draws, ceiling, seen, valueLow, valueHigh),
                asked.isPresent() ? looks(seen, asked.getAsLong()) : List.of());
    }

    /** The ceiling after somebody looked and found the damage, or found nothing. */
    private record Seen(Hidden hidden, long damaged, long sound) {}

    private static Word word(Ceiling ceiling, OptionalLong asked) {
        if (ceiling.price() <= 0) return Word.WALK_AWAY;
        return asked.isPresent() && asked.getAsLong() <= ceiling.price() ? Word.FAIR : Word.BID_UP_TO;
    }

    private static List<Lowered> lowered(BuyingCase c, TotalDraws draws, Ceiling ceiling) {
        return IntStream.range(0, c.repairs().size())
                .parallel()
                .filter(i -> !c.repairs().get(i).othersPay())
                .mapToObj(i -> new Lowered(
                        c.repairs().get(i).title(),
                        Ceiling.price(c, ceiling.value(), draws.without(BuyingCase.nameOf(i))) - ceiling.price()))
                .filter(l -> l.by() > 0)
                .sorted(Comparator.comparingLong(Lowered::by).reversed())
                .toList();
    }

    private static List<Mover> movers(
            BuyingCase c, TotalDraws draws, Ceiling ceiling, List<Seen> seen, long valueLow, long valueHigh) {
        List<Mover> movers = new ArrayList<>();
        movers.add(new Mover(Input.TITLE, "", ceiling.atLow(), ceiling.atHigh()));
        movers.add(new Mover(
                Input.VALUE,
                "",
                Ceiling.price(c, c.title().middle(valueLow), draws),
                Ceiling.price(c, c.title().middle(valueHigh), draws)));
        movers.addAll(IntStream.range(0, c.repairs().size())
                .parallel()
                .filter(i -> !c.repairs().get(i).othersPay())
                .mapToObj(i -> repair(c, draws, ceiling, i))
                .toList());
        for (Seen s : seen) movers.add(new Mover(Input.UNSEEN, s.hidden().place(), s.damaged(), s.sound()));
        return movers.stream()
                .filter(m -> m.span() != 0)
                .sorted(Comparator.comparingLong(Mover::span).reversed())
                .toList();
    }

    private static Mover repair(BuyingCase c, TotalDraws draws, Ceiling ceiling, int i) {
        Repair r = c.repairs().get(i);
        String name = BuyingCase.nameOf(i);
        return new Mover(
                Input.REPAIR,
                r.title(),
                Ceiling.price(
                        c, ceiling.value(), draws.with(name, certain(r.minor().pessimistic()))),
                Ceiling.price(
                        c, ceiling.value(), draws.with(name, certain(r.minor().optimistic()))));
    }

    private static Chance certain(double minor) {
        return Chance.sure(ThreePoint.certain(minor));
    }

    private static long damaged(BuyingCase c, TotalDraws draws, long value, Hidden h) {
        return Ceiling.price(c, value, draws.surely(BuyingCase.nameOf(h)));
    }

    private static long sound(BuyingCase c, TotalDraws draws, long value, Hidden h) {
        return Ceiling.price(c, value, draws.without(BuyingCase.nameOf(h)));
    }

    /**
     * Value of looking: the mean over what looking may show of max(0, ceiling − price), less max(0, mean ceiling − price), less the cost of
     * looking. It is the value of perfect information (Howard, IEEE Trans. SSC-2, 1966, from memory) for a buyer who may walk away.
     */
    private static List<Look> looks(List<Seen> seen, long asked) {
        List<Look> looks = new ArrayList<>();
        for (Seen s : seen) {
            double p = s.hidden().damage().probability();
            double knowing = p * Math.max(0, s.damaged() - asked) + (1 - p) * Math.max(0, s.sound() - asked);
            double notKnowing = Math.max(0, p * s.damaged() + (1 - p) * s.sound() - asked);
            looks.add(new Look(
                    s.hidden().place(),
                    Math.round(knowing - notKnowing) - s.hidden().costOfLooking()));
        }
        return looks.stream()
                .sorted(Comparator.comparingLong(Look::worth).reversed())
                .toList();
    }
}
