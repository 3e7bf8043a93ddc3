package ofisino.core.parts.basket;

/**
 * What has to be bought.
 *
 * @param quantity at least 1
 * @param daysLeft until it has to be at the door, so that nothing in the plan gets later; below 0 where that day is past
 */
public record Want(String id, int quantity, int daysLeft) {
    public Want {
        if (quantity < 1) throw new IllegalArgumentException("Nothing is wanted of " + id);
    }
}
