package ofisino.core.vehicle.body;

import java.util.List;

/**
 * One face of the unrolled vehicle.
 *
 * @param id       {@code "left"}, {@code "top"} …
 * @param column   place in the unrolled net, counted from 0
 * @param mirrored whether outlines and details are to be flipped left to right when drawn
 * @param details  SVG paths drawn without being pressable: wheels, lamps, shut lines
 */
record BodyView(
        String id,
        String name,
        int column,
        int row,
        double width,
        double height,
        boolean mirrored,
        List<String> details) {
    public BodyView {
        details = List.copyOf(details);
    }
}
