package ofisino.core.money.buying;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ofisino.core.kernel.CostRange;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.risk.Chance;
import ofisino.core.plan.risk.ThreePoint;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.estimate.Estimates;

/**
 * Everything that a bid for one vehicle rests on, in minor units of one currency.
 *
 * @param finishedValue what it will likely fetch when finished, with a clean title
 * @param repairs       findings, each with what mending it costs
 * @param unseen        for each unseen place what it may hide
 * @param allowance     a fixed sum for the forgotten
 * @param margin        what shall be left over
 * @param seed          of the draws
 */
public record BuyingCase(
        long finishedValue,
        TitleFactor title,
        List<Repair> repairs,
        List<Hidden> unseen,
        long allowance,
        BuyingCosts costs,
        long margin,
        long seed) {
    /** @param othersPay somebody else owes it: a recall, an insurer, the seller. It costs nothing and still has to be done. */
    public record Repair(String title, ThreePoint minor, boolean othersPay) {}

    /** What an unseen place may hide. @param costOfLooking to find out */
    public record Hidden(String place, Chance damage, long costOfLooking) {
        /**
         * As its system usually does.
         *
         * @param unseen            share of the place that nobody has seen, 0 to 1
         * @param ownHourMinor      what an hour of one's own is worth; 0 where it costs nothing
         * @param workshopHourMinor in which parts and material are held
         */
        public static Hidden at(Zone zone, double unseen, Estimates usual, long ownHourMinor, long workshopHourMinor) {
            Estimates.Hidden usually = usual.hidden(zone.system());
            return new Hidden(
                    zone.id(),
                    new Chance(
                            usually.chanceAt(zone, unseen),
                            cost(
                                    usually.damage().effort(),
                                    usually.damage().material().costs(workshopHourMinor),
                                    ownHourMinor)),
                    Math.round(usually.lookingHours() * ownHourMinor));
        }
    }

    /** Parts and bought-in work, and the hours of one's own. */
    public static ThreePoint cost(Effort effort, CostRange cost, long ownHourMinor) {
        return new ThreePoint(
                cost.optimisticMinor() + own(effort.optimisticMinutes(), ownHourMinor),
                cost.likelyMinor() + own(effort.likelyMinutes(), ownHourMinor),
                cost.pessimisticMinor() + own(effort.pessimisticMinutes(), ownHourMinor));
    }

    private static double own(int minutes, long ownHourMinor) {
        return minutes / 60.0 * ownHourMinor;
    }

    public BuyingCase {
        repairs = List.copyOf(repairs);
        unseen = List.copyOf(unseen);
        if (finishedValue < 0 || allowance < 0 || margin < 0)
            throw InvalidValue.at(
                    "value", "buying.negative", "Value, allowance and margin cannot be negative.", "Enter 0 for none.");
        if (unseen.stream().map(Hidden::place).distinct().count() < unseen.size())
            throw InvalidValue.at(
                    "unseen", "buying.twice", "A place is named twice among the unseen.", "Keep one of them.");
    }

    /** All that mending may cost, each under its name in the draws. */
    Map<String, Chance> chances() {
        Map<String, Chance> chances = new LinkedHashMap<>();
        for (int i = 0; i < repairs.size(); i++)
            if (!repairs.get(i).othersPay())
                chances.put(nameOf(i), Chance.sure(repairs.get(i).minor()));
        for (Hidden h : unseen) chances.put(nameOf(h), h.damage());
        return chances;
    }

    static String nameOf(int repair) {
        return "repair " + repair;
    }

    static String nameOf(Hidden hidden) {
        return "hidden at " + hidden.place();
    }
}
