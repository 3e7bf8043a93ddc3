/** The short look of a buyer in a stranger's yard: thirty cards in about thirty minutes, in walking order. */
package ofisino.core.vehicle.shortlook;
