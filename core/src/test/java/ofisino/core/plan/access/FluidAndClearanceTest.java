package ofisino.core.plan.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.access.FluidChoice.Choice;
import ofisino.core.plan.access.FluidChoice.FluidMove;
import ofisino.core.plan.clearance.Envelope;
import ofisino.core.plan.clearance.Envelope.Change;
import ofisino.core.plan.clearance.Passage;
import ofisino.core.plan.clearance.Passage.Fit;
import ofisino.core.plan.clearance.Passage.Verdict;
import org.junit.jupiter.api.Test;

/** Scenarios 6 and 7, and clearance by hand. */
class FluidAndClearanceTest {
    private static final LocalDate WEDNESDAY = LocalDate.of(2026, 3, 11);
    private static final LocalDate THURSDAY = WEDNESDAY.plusDays(1);

    /** Scenario 7: the cylinder comes on Thursday, the slot is on Wednesday, the next one nine days later. Brakes are never temporary. */
    @Test
    void theBrakesAreNotClosedForTheTimeBeingSoTheSlotIsMoved() {
        assertThat(FluidChoice.open(Circuit.BRAKE_FLUID, 0.9, THURSDAY, WEDNESDAY, WEDNESDAY.plusDays(9)))
                .containsExactly(
                        new Choice(FluidMove.MOVE_THE_DAY, Optional.of(WEDNESDAY.plusDays(9)), 1, 0.9, 0, false));
    }

    /** Scenario 7: with a coolant circuit of 5.2 l the temporary close is allowed: 2 drains, no new fluid wasted. */
    @Test
    void theCoolantMayBeClosedWithTheOldFilling() {
        List<Choice> choices = FluidChoice.open(Circuit.COOLANT, 5.2, THURSDAY, WEDNESDAY, WEDNESDAY.plusDays(9));
        assertThat(choices.get(0))
                .isEqualTo(new Choice(FluidMove.CLOSE_WITH_THE_OLD, Optional.of(WEDNESDAY), 2, 5.2, 0, true));
        assertThat(choices)
                .extracting(Choice::kind)
                .containsExactly(FluidMove.CLOSE_WITH_THE_OLD, FluidMove.MOVE_THE_DAY);
    }

    @Test
    void aPartThatComesInTimeLeavesNothingToChoose() {
        assertThat(FluidChoice.open(Circuit.COOLANT, 5.2, WEDNESDAY.minusDays(1), WEDNESDAY, THURSDAY))
                .extracting(Choice::kind)
                .containsExactly(FluidMove.NO_CONFLICT);
    }

    /** Scenario 6: space for a heater blower 160 mm: one of 185 is refused, one of 140 accepted with 20 spare. */
    @Test
    void aPartIsHeldAgainstItsSpace() {
        assertThat(Passage.part(160, 185, 5)).isEqualTo(new Verdict(Fit.STUCK, -25));
        assertThat(Passage.part(160, 140, 5)).isEqualTo(new Verdict(Fit.FITS, 20));
        assertThat(Passage.part(160, 157, 5)).isEqualTo(new Verdict(Fit.TIGHT, 3));
        assertThat(Passage.part(160, 160, 0)).isEqualTo(new Verdict(Fit.FITS, 0));
    }

    /**
     * Oracle: by hand. Door 2000 mm. Now 1960 high: 40 spare. Screen up +70: 2030, stuck by 30: the trap. Tyres from 600 to 660 mm before it: +30.
     * Without the screen it is 1990: through. Without the tyres 2000: just through.
     */
    @Test
    void theFirstJobThatTrapsTheCarIsNamedWithTheWaysOut() {
        Passage door = new Passage("Workshop door", 2000, 2400, OptionalInt.empty(), 20);
        Change tyres = Change.ofTyres("tyres", 600, 660);
        Change screen = new Change("screen", 70, 0, 0);
        Passage.Path path = door.follow(new Envelope(1930, 1700, 4100), List.of(tyres, screen));
        assertThat(tyres.heightMm()).isEqualTo(30);
        assertThat(path.now()).isEqualTo(new Verdict(Fit.FITS, 70));
        assertThat(path.steps().get(0).verdict()).isEqualTo(new Verdict(Fit.FITS, 40));
        assertThat(path.trap().orElseThrow().change()).isEqualTo(screen);
        assertThat(path.trap().orElseThrow().verdict().spareMm()).isEqualTo(-30);
        assertThat(path.waysOut()).containsExactly("tyres", "screen");
    }

    @Test
    void lengthCountsOnlyWhereItMatters() {
        Envelope car = new Envelope(1500, 1700, 4100);
        assertThat(new Passage("Trailer", 2500, 2100, OptionalInt.of(4000), 0)
                        .of(car)
                        .fit())
                .isEqualTo(Fit.STUCK);
        assertThat(new Passage("Door", 2500, 2100, OptionalInt.empty(), 0)
                        .of(car)
                        .fit())
                .isEqualTo(Fit.FITS);
    }

    @Test
    void aDoorwayOfNothingIsRefused() {
        assertThatThrownBy(() -> new Passage("Door", 0, 2400, OptionalInt.empty(), 0))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("0 mm");
        assertThatThrownBy(() -> new Passage("Door", 2000, 2400, OptionalInt.empty(), -1))
                .isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new Envelope(1500, -3, 4100)).isInstanceOf(InvalidValue.class);
    }
}
