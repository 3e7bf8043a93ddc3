/** The arithmetic of the bench: calculators with units, limits and their formula. */
package ofisino.core.bench;
