/** Keep, sell or stop: what finishing a vehicle costs from here on against what it adds, and what it left over once it is gone. */
package ofisino.core.money.keeping;
