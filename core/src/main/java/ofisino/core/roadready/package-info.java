/** What stands between the car and the road, and the one page that says where everything stands. */
package ofisino.core.roadready;
