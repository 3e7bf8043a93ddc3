/** The vehicle: its drawing and zones, and what was found on it. */
package ofisino.core.vehicle;
