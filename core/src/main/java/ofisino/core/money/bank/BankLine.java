package ofisino.core.money.bank;

import java.time.LocalDate;
import java.util.UUID;

/**
 * One payment as the bank says it.
 *
 * @param id    made out of what the line says, and how many of the same stand before it: the same line of the same list has it again
 * @param minor minor units of the account's currency; less than nothing where it was paid
 * @param payee to or from whom; may be empty
 * @param purpose what for; may be empty
 */
public record BankLine(UUID id, LocalDate day, long minor, String payee, String purpose) {}
