package ofisino.standins.sellers;

/**
 * How a seller answers from now on.
 *
 * @param delayMillis    before each answer
 * @param failures       so many of the next requests get no proper answer
 * @param diesHalfWay    the answer is cut off in the middle instead
 * @param isContradictory what it says on an order is not what it said before: another price, another day
 */
record Behaviour(int delayMillis, int failures, boolean diesHalfWay, boolean isContradictory) {
    static final Behaviour PROPER = new Behaviour(0, 0, false, false);

    Behaviour afterAFailure() {
        return new Behaviour(delayMillis, failures - 1, diesHalfWay, isContradictory);
    }
}
