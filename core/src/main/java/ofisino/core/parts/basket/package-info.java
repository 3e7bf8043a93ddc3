/** What to buy where: the cheapest, the soonest and the fewest parcels, over all that is needed and all that is offered. */
package ofisino.core.parts.basket;
