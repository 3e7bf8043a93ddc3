/** What the bank says was paid, and which receipts it stands for. */
package ofisino.core.money.bank;
