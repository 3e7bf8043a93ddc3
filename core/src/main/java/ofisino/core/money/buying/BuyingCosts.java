package ofisino.core.money.buying;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import ofisino.core.kernel.InvalidValue;

/**
 * What buying costs beside the price, in minor units of one currency.
 *
 * <p>Order of an import by the value at the border: duty on price + freight + insurance; import tax on that + duty + the way inland.
 * Source: Regulation (EU) 952/2013 art. 70-71 and Directive 2006/112/EC art. 85-86, from memory. Rates vary and have reliefs: they are
 * typed in, never built in. Each line is rounded once, half to even.
 *
 * @param feeBasisPoints of the price, for instance an auction's fee
 * @param fixedFee       independent of the price
 * @param freight        to the border; transport at home goes to {@code inland}
 */
public record BuyingCosts(
        int feeBasisPoints,
        long fixedFee,
        long freight,
        long insurance,
        int dutyBasisPoints,
        int taxBasisPoints,
        long inland,
        long registration) {
    /** Nothing comes on top. */
    public static final BuyingCosts NONE = new BuyingCosts(0, 0, 0, 0, 0, 0, 0, 0);

    /** What comes on top of the price. */
    public enum CostKind {
        FEE,
        FREIGHT,
        INSURANCE,
        DUTY,
        IMPORT_TAX,
        TRANSPORT,
        REGISTRATION
    }

    /** @param minor base minor units */
    public record CostLine(CostKind kind, long minor) {}

    public BuyingCosts {
        if (fixedFee < 0 || freight < 0 || insurance < 0 || inland < 0 || registration < 0)
            throw InvalidValue.at(
                    "costs",
                    "costs.negative",
                    "A cost of buying cannot be negative.",
                    "Leave it empty if there is none.");
        if (feeBasisPoints < 0
                || dutyBasisPoints < 0
                || taxBasisPoints < 0
                || Math.max(feeBasisPoints, Math.max(dutyBasisPoints, taxBasisPoints)) > TitleFactor.WHOLE)
            throw InvalidValue.at(
                    "costs", "costs.rate", "A rate must lie between 0 and 100 %%.", "Check the decimal point.");
    }

    /** The lines at a price; those that come to nothing are left out. */
    public List<CostLine> at(long price) {
        long border = price + freight + insurance;
        long duty = share(border, dutyBasisPoints);
        List<CostLine> lines = new ArrayList<>();
        add(lines, CostKind.FEE, share(price, feeBasisPoints) + fixedFee);
        add(lines, CostKind.FREIGHT, freight);
        add(lines, CostKind.INSURANCE, insurance);
        add(lines, CostKind.DUTY, duty);
        add(lines, CostKind.IMPORT_TAX, share(border + duty + inland, taxBasisPoints));
        add(lines, CostKind.TRANSPORT, inland);
        add(lines, CostKind.REGISTRATION, registration);
        return lines;
    }

    /** All that comes on top at this price; base minor units. */
    public long sumAt(long price) {
        return at(price).stream().mapToLong(CostLine::minor).sum();
    }

    private static void add(List<CostLine> lines, CostKind kind, long minor) {
        if (minor != 0) lines.add(new CostLine(kind, minor));
    }

    private static long share(long minor, int basisPoints) {
        return BigDecimal.valueOf(minor)
                .multiply(BigDecimal.valueOf(basisPoints))
                .divide(BigDecimal.valueOf(TitleFactor.WHOLE), 0, RoundingMode.HALF_EVEN)
                .longValueExact();
    }
}
