/** What becomes of an order: it comes, late or in part; it is looked at, tried on, sent back; and what that says of its seller. */
package ofisino.core.parts.order;
