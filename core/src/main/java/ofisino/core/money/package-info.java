/** Money: the ledger, and what it comes to. Amounts are integer minor units; labour is never in the ledger. */
package ofisino.core.money;
