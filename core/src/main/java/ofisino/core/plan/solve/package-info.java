/**
 * From the statement to the dated plan. {@link ofisino.core.plan.solve.Planner} is the door; what lies behind it is the scheduling literature's:
 * a time grid, resource profiles, serial schedule generation over activity lists, priority rules, and a search over lists.
 *
 * <p>Time is counted in slots of 15 minutes on the instant line, so that a change of clocks neither adds nor loses work.
 */
package ofisino.core.plan.solve;
