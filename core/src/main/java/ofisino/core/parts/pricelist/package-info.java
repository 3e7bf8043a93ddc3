/** Sellers' lists: read as they come, each bad line said. */
package ofisino.core.parts.pricelist;
