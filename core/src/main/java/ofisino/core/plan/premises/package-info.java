/** What the place in which one works allows: warmth, noise, room for what comes off. */
package ofisino.core.plan.premises;
