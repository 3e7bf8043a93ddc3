package ofisino.core.plan.referee;

/** How many small problems are solved exactly beside the planner: a few each day, all of them in {@code ./ofisino prove}. */
final class Instances {
    private static final boolean ALL = Boolean.getBoolean("ofisino.all-instances");

    private Instances() {}

    static int of(int daily, int all) {
        return ALL ? all : daily;
    }
}
