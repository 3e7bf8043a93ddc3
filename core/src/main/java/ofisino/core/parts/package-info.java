/** Parts: what is needed, where it comes from, where it lies. */
package ofisino.core.parts;
