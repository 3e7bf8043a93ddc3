package ofisino.core.plan.clearance;

import ofisino.core.kernel.InvalidValue;

/** How high, wide and long a vehicle stands, in millimetres. */
public record Envelope(int heightMm, int widthMm, int lengthMm) {
    private static final int LARGEST_MM = 15_000;

    public Envelope {
        mustBeASize("heightMm", heightMm);
        mustBeASize("widthMm", widthMm);
        mustBeASize("lengthMm", lengthMm);
    }

    static void mustBeASize(String field, int mm) {
        if (mm <= 0 || mm > LARGEST_MM)
            throw InvalidValue.at(
                    field, "clearance.size", "%d mm is no size.", "Measure it and enter millimetres.", mm);
    }

    Envelope changed(Change by) {
        return new Envelope(heightMm + by.heightMm(), widthMm + by.widthMm(), lengthMm + by.lengthMm());
    }

    /** What a job does to the envelope; taller tyres lift it by half of what their diameter grows. */
    public record Change(String jobId, int heightMm, int widthMm, int lengthMm) {
        private static final int MOST_MM = 3000;

        public Change {
            for (int mm : new int[] {heightMm, widthMm, lengthMm})
                if (mm < -MOST_MM || mm > MOST_MM)
                    throw InvalidValue.of(
                            "clearance.change",
                            "A change by %d mm is more than a vehicle can grow or shrink.",
                            "Enter millimetres.",
                            mm);
        }

        /** The vehicle stands higher by half of what the tyres grow. Diameters in millimetres. */
        public static Change ofTyres(String jobId, int diameterBeforeMm, int diameterAfterMm) {
            return new Change(jobId, (diameterAfterMm - diameterBeforeMm) / 2, 0, 0);
        }
    }
}
