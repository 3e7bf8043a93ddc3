/** What a finished plan says: when a milestone is reached and what holds it, and how the money goes. */
package ofisino.core.plan.explain;
