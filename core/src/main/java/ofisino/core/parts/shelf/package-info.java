/** What lies in the garage: where from, in which condition, how much is left, and what becomes of it. */
package ofisino.core.parts.shelf;
