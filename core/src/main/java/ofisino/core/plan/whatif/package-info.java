/** The same problem, changed: what would bring a milestone sooner or make a plan possible, strip-downs joined or split, cars that share a garage. */
package ofisino.core.plan.whatif;
