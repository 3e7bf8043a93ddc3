/**
 * What every domain shares: errors, codes, money arithmetic, the vocabulary of aims, sides and systems.
 *
 * <p>Nothing in {@code core} is null: an absent value is an {@link java.util.Optional} or an empty list.
 */
package ofisino.core.kernel;
