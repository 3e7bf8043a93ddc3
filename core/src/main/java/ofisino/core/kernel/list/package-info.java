/** Lists as somebody has them: text in lines and columns, from a seller or a bank. */
package ofisino.core.kernel.list;
