package ofisino.core.vehicle.equipment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import ofisino.core.Seeds;
import ofisino.core.vehicle.BodyStyle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a vehicle may have, and what only what was seen takes away. Common practice, no source. */
class EquipmentTest {
    private static final EquipmentLibrary LIBRARY = EquipmentLibrary.load();

    private static Equipment bare(BodyStyle body, int year, Layout layout) {
        return Equipment.of(LIBRARY, new Make(body, year, layout), List.of());
    }

    /** By hand, before the data was read: what is guessed, and what may be there all the same. */
    @ParameterizedTest
    @CsvSource({
        "SALOON, 1998, FRONT_ENGINE_REAR_DRIVE, airbags, , none driver front side",
        "SALOON, 1999, FRONT_ENGINE_REAR_DRIVE, airbags, front, none driver front side",
        "SALOON, 1969, FRONT_ENGINE_REAR_DRIVE, airbags, none, none",
        "SALOON, 1955, FRONT_ENGINE_REAR_DRIVE, belts-front, , none lap",
        "ESTATE, 2008, FRONT_ENGINE_FRONT_DRIVE, catalyst, controlled, none controlled",
        "ESTATE, 1974, FRONT_ENGINE_REAR_DRIVE, voltage, v12, v6 v12",
        "VAN, 1994, FRONT_ENGINE_REAR_DRIVE, fuel, , petrol two-stroke diesel",
        "HATCHBACK, 1990, FRONT_ENGINE_FRONT_DRIVE, tank-place, under-seat, under-rear boot under-seat front",
        "SALOON, 1966, REAR_ENGINE, cooling, air, water air",
        "MOTORCYCLE, 1972, MOTORCYCLE, ignition, points, points magneto electronic distributorless compression",
        "MOTORCYCLE, 1972, MOTORCYCLE, airbags, , ",
        "SALOON, 1952, FRONT_ENGINE_REAR_DRIVE, earth, , negative positive",
        "SALOON, 1985, FRONT_ENGINE_FRONT_DRIVE, parking-brake, cable-rear, cable-rear cable-front transmission",
    })
    void guessesAndLeavesOpen(BodyStyle body, int year, Layout layout, String item, String guess, String possible) {
        Equipment e = bare(body, year, layout);
        assertThat(e.of(item).map(Equipment.Fact::value).orElse(null)).isEqualTo(guess);
        assertThat(e.possible(item)).isEqualTo(possible == null ? Set.of() : Set.of(possible.split(" ")));
    }

    /** A guess or a saying rules nothing out; what was seen does. */
    @Test
    void onlyWhatWasSeenTakesAway() {
        Make saloon = new Make(BodyStyle.SALOON, 1998, Layout.FRONT_ENGINE_REAR_DRIVE);
        for (HowKnown how : HowKnown.values()) {
            Equipment e = Equipment.of(LIBRARY, saloon, List.of(new Equipment.Fact("airbags", "none", how)));
            assertThat(e.mayHave("airbags", List.of("driver", "front", "side")))
                    .as(how.name())
                    .isEqualTo(how == HowKnown.SAID || how == HowKnown.GUESSED);
            assertThat(e.surelyHas("airbags", List.of("none"))).isEqualTo(how.rulesOut());
        }
    }

    /** An odd car exists: a disc on a car of 1950 that was converted is as it was seen. */
    @Test
    void whatWasSeenCountsAgainstTheYear() {
        Equipment e = Equipment.of(
                LIBRARY,
                new Make(BodyStyle.SALOON, 1950, Layout.FRONT_ENGINE_REAR_DRIVE),
                List.of(new Equipment.Fact("brakes-front", "disc", HowKnown.SEEN)));
        assertThat(e.possible("brakes-front")).containsExactly("disc");
    }

    /** What is known only adds: no fact makes something possible that is seen not to be, and none but a sure one takes away. */
    @Property(seed = Seeds.OF_THE_DAY)
    void unsureFactsTakeNothingAway(
            @ForAll BodyStyle body,
            @ForAll Layout layout,
            @ForAll @IntRange(min = 1920, max = 2026) int year,
            @ForAll @IntRange(max = 400) int which,
            @ForAll HowKnown how) {
        Make make = new Make(body, year, layout);
        List<Item> items = LIBRARY.of(make);
        Item item = items.get(which % items.size());
        Item.Value value = item.values().get(which % item.values().size());
        Equipment before = bare(body, year, layout);
        Equipment after = Equipment.of(LIBRARY, make, List.of(new Equipment.Fact(item.id(), value.id(), how)));
        if (how.rulesOut()) assertThat(after.possible(item.id())).containsExactly(value.id());
        else
            assertThat(after.possible(item.id()))
                    .as("odd cars exist: what is said is reckoned with too")
                    .containsAll(before.possible(item.id()))
                    .contains(value.id())
                    .hasSizeLessThanOrEqualTo(before.possible(item.id()).size() + 1);
        for (Item other : items)
            if (other != item) {
                Set<String> left = value.leaves().get(other.id());
                if (how.rulesOut() && left != null)
                    assertThat(before.possible(other.id())).containsAll(after.possible(other.id()));
                else assertThat(after.possible(other.id())).isEqualTo(before.possible(other.id()));
            }
    }

    /** A diesel that was seen or read has no points, no choke and no spark; one that was only said to be one may have. */
    @Test
    void whatWasSeenLeavesOnlyWhatGoesWithIt() {
        Equipment seen = Vehicles.of(BodyStyle.VAN, 1985, "fuel:diesel");
        assertThat(seen.possible("ignition")).containsExactly("compression");
        assertThat(seen.possible("choke")).containsExactly("none");
        assertThat(seen.possible("gas-conversion"))
                .as("diesels were converted too")
                .contains("lpg");
        assertThat(Vehicles.of(BodyStyle.VAN, 1985, "fuel:diesel said").possible("ignition"))
                .contains("points", "compression");
        assertThat(Vehicles.of(BodyStyle.VAN, 1985, "fuel:diesel", "ignition:points")
                        .possible("ignition"))
                .as("odd cars exist: what was seen itself stands")
                .containsExactly("points");
    }

    /** Of every vehicle each item leaves something possible, and what is guessed is possible. */
    @Property(seed = Seeds.OF_THE_DAY)
    void everythingHasAnAnswer(
            @ForAll BodyStyle body, @ForAll Layout layout, @ForAll @IntRange(min = 1920, max = 2026) int year) {
        Equipment e = bare(body, year, layout);
        for (Item item : LIBRARY.of(e.make())) {
            assertThat(e.possible(item.id())).as("%s of %d", item.id(), year).isNotEmpty();
            e.of(item.id()).ifPresent(f -> assertThat(e.possible(item.id())).contains(f.value()));
        }
    }

    @Test
    void aSlipInTheDataIsNamed() {
        assertThatThrownBy(
                        () -> EquipmentLibrary.read(new StringReader("- {id: a, name: A, values: [{id: x, name: X}]}")))
                .hasMessageContaining("leaves no choice");
        assertThatThrownBy(() -> EquipmentLibrary.read(new StringReader(
                        "- {id: a, name: A, values: [{id: x, name: X}, {id: y, name: Y}], guess: [{value: z}]}")))
                .hasMessageContaining("guesses “z”");
        assertThatThrownBy(() -> LIBRARY.require("wings")).hasMessageContaining("wings");
    }
}
