/** The work: jobs, the recipes that make them, and the dated plan. */
package ofisino.core.plan;
