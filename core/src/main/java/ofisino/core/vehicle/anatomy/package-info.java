/** What a vehicle is made of: its components, what can be wrong with each, how long it lasts and what it costs. */
package ofisino.core.vehicle.anatomy;
