/** What a piece of work brought, measured before and after it: a belief is tested, and put beside what it cost. */
package ofisino.core.money.gain;
