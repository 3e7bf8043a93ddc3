package ofisino.core.kernel;

import java.util.Locale;

/**
 * The code on a bag, a place or a job: short, speakable, with a check character, for instance {@code K7M}.
 *
 * <p>The format is fixed for ever, because printed labels outlive code. 23 characters are used, none of which is mistaken for
 * another by eye: no vowels (no words arise), none of B I O Q S V Z G (look like 8 1 0 5 2 6 or sound like a neighbour), no 0 or 1.
 * A code has 3 to 6 characters; the last is the check character: with values v and weights 2, 3, 4 … counted from the right,
 * the check value c solves c + Σ weight·v ≡ 0 (mod 23). As 23 is prime and the weights differ and are not 0 modulo 23, every single
 * wrong character and every swap of two neighbours is noticed (the argument of ISO/IEC 7064 for pure systems with a prime modulus).
 *
 * @param value upper case, valid
 */
public record SpeakableCode(String value) {
    static final String ALPHABET = "23456789CDFHJKLMNPRTWXY";
    private static final int BASE = ALPHABET.length();
    private static final int SHORTEST = 3;
    private static final int LONGEST = 6;
    /** Spreads consecutive numbers over the alphabet, so that two codes given in one evening do not look alike. Coprime to 23. */
    private static final long SPREAD = 211;

    public SpeakableCode {
        value = value.strip().toUpperCase(Locale.ROOT);
        if (value.length() < SHORTEST
                || value.length() > LONGEST
                || value.chars().anyMatch(c -> ALPHABET.indexOf(c) < 0))
            throw InvalidValue.of(
                    "code.unreadable",
                    "“%s” is not a code.",
                    "Codes have 3 to 6 of the characters %s.",
                    value,
                    ALPHABET);
        if (checkSum(value) != 0)
            throw InvalidValue.of(
                    "code.mistyped", "“%s” has a wrong character.", "Read the label again, letter by letter.", value);
    }

    /**
     * The code of the n-th labelled thing of a garage.
     *
     * @param number counted from 0; up to 23² − 1 gives three characters, then four, and so on
     * @throws InvalidValue when the number is negative or beyond 6 436 363
     */
    public static SpeakableCode ofNumber(long number) {
        if (number < 0)
            throw InvalidValue.of("code.number", "%d cannot be the number of a label.", "Use 0 or more.", number);
        long left = number;
        long block = (long) BASE * BASE;
        for (int digits = SHORTEST - 1; digits < LONGEST; digits++, block *= BASE) {
            if (left < block) return withCheck(digits(left * SPREAD % block, digits));
            left -= block;
        }
        throw InvalidValue.of(
                "code.number",
                "All %d labels of this garage are used up.",
                "Use the labels of things that are gone.",
                number);
    }

    private static SpeakableCode withCheck(String digits) {
        int check = Math.floorMod(-checkSum(digits + ALPHABET.charAt(0)), BASE);
        return new SpeakableCode(digits + ALPHABET.charAt(check));
    }

    private static String digits(long number, int count) {
        var text = new StringBuilder();
        for (int i = 0; i < count; i++, number /= BASE) text.insert(0, ALPHABET.charAt((int) (number % BASE)));
        return text.toString();
    }

    private static int checkSum(String text) {
        int sum = 0;
        for (int i = 0; i < text.length(); i++) {
            int fromRight = text.length() - 1 - i;
            sum += (fromRight + 1) * ALPHABET.indexOf(text.charAt(i));
        }
        return sum % BASE;
    }

    @Override
    public String toString() {
        return value;
    }
}
