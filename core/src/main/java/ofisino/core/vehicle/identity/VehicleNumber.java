package ofisino.core.vehicle.identity;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What can be said of a vehicle's number without any register. Numbers from before 1981 have any length and characters and are taken as they
 * are. A wrong check digit only warns: it is required for North America alone.
 *
 * <p>Source: 49 CFR 565.15(c) and ISO 3779, from memory.
 *
 * @param number  in capitals, without blanks
 * @param remarks what is odd about it; empty when nothing is
 */
public record VehicleNumber(String number, List<Remark> remarks) {
    private static final String WEIGHTS_FROM_THE_LEFT = "8765432X098765432";
    private static final int LENGTH = 17;
    private static final int FIRST_YEAR = 1981;

    /** What is odd about a number; it only warns. */
    public enum Remark {
        /** Seventeen characters became the rule with the model year 1981; this one has another number of them. */
        NOT_SEVENTEEN,
        /** I, O and Q are never used: they look like 1 and 0. */
        HAS_I_O_OR_Q,
        /** The ninth character does not fit the others. Only North American numbers must fit. */
        CHECK_DIGIT_WRONG
    }

    /** @param text as stamped or typed, blanks left out */
    public static VehicleNumber of(String text, int builtYear) {
        String number = text.replaceAll("\\s", "").toUpperCase(Locale.ROOT);
        List<Remark> remarks = new ArrayList<>();
        if (number.isEmpty() || builtYear < FIRST_YEAR) return new VehicleNumber(number, remarks);
        if (!number.matches("[A-Z0-9]{17}")) remarks.add(Remark.NOT_SEVENTEEN);
        else if (number.matches(".*[IOQ].*")) remarks.add(Remark.HAS_I_O_OR_Q);
        else if (number.charAt(8) != checkDigit(number)) remarks.add(Remark.CHECK_DIGIT_WRONG);
        return new VehicleNumber(number, remarks);
    }

    public VehicleNumber {
        remarks = List.copyOf(remarks);
    }

    /** Σ value × weight, modulo 11; 10 is written X. */
    private static char checkDigit(String number) {
        int sum = 0;
        for (int i = 0; i < LENGTH; i++) {
            char weight = WEIGHTS_FROM_THE_LEFT.charAt(i);
            sum += value(number.charAt(i)) * (weight == 'X' ? 10 : weight - '0');
        }
        return sum % 11 == 10 ? 'X' : (char) ('0' + sum % 11);
    }

    private static int value(char c) {
        return Character.isDigit(c) ? c - '0' : "12345678.12345.7.923456789".charAt(c - 'A') - '0';
    }
}
