/**
 * The dated plan. {@link ofisino.core.plan.schedule.PlanProblem} states the whole problem; {@link ofisino.core.plan.schedule.Planner} answers it.
 *
 * <p>Time is counted in slots of 15 minutes on the instant line, so that a change of clocks neither adds nor loses work.
 */
package ofisino.core.plan.schedule;
