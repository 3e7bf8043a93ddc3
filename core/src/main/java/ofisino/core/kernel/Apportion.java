package ofisino.core.kernel;

import java.math.BigInteger;
import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;

/**
 * Splits an amount of minor units by weights so that the parts sum to the whole.
 *
 * <p>Largest remainder (Hamilton's method): the integer part of each exact share, then one unit each to the largest fractional parts,
 * ties by order. Not monotone: a larger total may lower one part (the Alabama paradox). A negative total mirrors the positive one.
 */
public final class Apportion {
    private Apportion() {}

    /**
     * @param total   minor units, of any sign
     * @param weights at least one; none negative; not all zero
     * @return as many parts as weights, in their order, summing to {@code total}
     */
    public static long[] byLargestRemainder(long total, long... weights) {
        if (Arrays.stream(weights).anyMatch(w -> w < 0)
                || Arrays.stream(weights).allMatch(w -> w == 0))
            throw InvalidValue.of(
                    "split.weights", "No weight may be negative, and one must be above 0.", "Correct the shares.");
        if (total < 0)
            return Arrays.stream(byLargestRemainder(Math.negateExact(total), weights))
                    .map(part -> -part)
                    .toArray();
        BigInteger sum = Arrays.stream(weights).mapToObj(BigInteger::valueOf).reduce(BigInteger.ZERO, BigInteger::add);
        BigInteger[][] shares = Arrays.stream(weights)
                .mapToObj(w -> BigInteger.valueOf(total)
                        .multiply(BigInteger.valueOf(w))
                        .divideAndRemainder(sum))
                .toArray(BigInteger[][]::new);
        long[] parts =
                Arrays.stream(shares).mapToLong(s -> s[0].longValueExact()).toArray();
        int missing = (int) (total - Arrays.stream(parts).sum());
        IntStream.range(0, weights.length)
                .boxed()
                .sorted(Comparator.comparing((Integer i) -> shares[i][1].negate()))
                .limit(missing)
                .forEach(i -> parts[i]++);
        return parts;
    }
}
