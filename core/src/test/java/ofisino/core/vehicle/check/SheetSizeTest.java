package ofisino.core.vehicle.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import ofisino.core.Seeds;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.HowKnown;
import ofisino.core.vehicle.equipment.Item;
import ofisino.core.vehicle.equipment.Make;
import ofisino.core.vehicle.equipment.Vehicles;
import org.junit.jupiter.api.Test;

/** The whole sheet of a vehicle, whatever is known of it: somebody finishes it, and nothing is asked twice. */
class SheetSizeTest {
    /** A list that nobody would finish is none. Common practice, no source. */
    private static final int MOST = 250;

    @Test
    void noSheetOfAVehicleOfWhichNothingIsSaidIsTooLong() {
        for (Make make : Vehicles.makes(1925, 1956, 1974, 1985, 1994, 2008, 2020))
            assertThat(Walks.of(Vehicles.of(make)).size()).as(make.toString()).isLessThanOrEqualTo(MOST);
    }

    /**
     * Seen throughout, as cars come: most things as is usual, each tenth another way. Still no longer, no check twice at a place, and nothing left
     * behind a question.
     */
    @Property(seed = Seeds.OF_THE_DAY, tries = 300)
    void norIsThatOfOneOfWhichAllIsSeen(@ForAll Random random) {
        List<Make> makes = Vehicles.makes(1935, 1958, 1975, 1992, 2006);
        Make make = makes.get(random.nextInt(makes.size()));
        List<Equipment.Fact> facts = new ArrayList<>();
        for (Item item : Vehicles.LIBRARY.of(make)) {
            List<Item.Value> possible = item.possible(make);
            String usual = item.guess(make).orElse(possible.get(0).id());
            facts.add(new Equipment.Fact(
                    item.id(),
                    random.nextInt(10) > 0
                            ? usual
                            : possible.get(random.nextInt(possible.size())).id(),
                    HowKnown.SEEN));
        }
        Equipment vehicle = Equipment.of(Vehicles.LIBRARY, make, facts);
        List<PlacedCheck> sheet = Walks.of(vehicle);
        assertThat(sheet.size()).as(make.toString()).isLessThanOrEqualTo(MOST);
        assertThat(sheet.stream().map(c -> c.check().id() + " " + c.place())).doesNotHaveDuplicates();
        assertThat(Walks.waiting(vehicle).stream().map(c -> c.check().id())).isEmpty();
    }
}
