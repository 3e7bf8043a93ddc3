/** What the work uses up, and in which packs it is bought. */
package ofisino.core.parts.consumable;
