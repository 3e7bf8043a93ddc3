/** What a project will have cost in the end, line by line, from what is known to what is guessed. */
package ofisino.core.money.forecast;
