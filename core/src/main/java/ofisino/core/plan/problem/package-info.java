/**
 * What is to be planned, and what an answer looks like: {@link ofisino.core.plan.problem.PlanProblem} is the whole statement,
 * {@link ofisino.core.plan.problem.PlanOutcome} the answer, with a {@link ofisino.core.plan.problem.Reason} for each start.
 */
package ofisino.core.plan.problem;
