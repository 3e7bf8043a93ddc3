package ofisino.core.vehicle.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.body.Bodies;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.body.BodyStyle;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.equipment.Drive;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.EquipmentLibrary;
import ofisino.core.vehicle.equipment.HowKnown;
import ofisino.core.vehicle.equipment.Make;
import ofisino.core.vehicle.inspection.FindingKind;
import ofisino.core.vehicle.inspection.Proposal;
import ofisino.core.vehicle.inspection.ProposalRules;
import ofisino.core.vehicle.inspection.SafetyClass;
import ofisino.core.vehicle.reading.Limit;
import ofisino.core.vehicle.reading.Limits;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class CatalogueTest {
    private final Catalogue catalogue = Catalogue.load();
    private final Bodies bodies = Bodies.load();

    @Test
    void holdsAtLeast180ChecksOfEveryTheme() {
        assertThat(catalogue.checks()).hasSizeGreaterThanOrEqualTo(180);
        assertThat(catalogue.checks().stream().map(Check::theme).distinct()).hasSize(10);
    }

    /** A check that is nowhere to be done is filler; a place that no drawing has is a slip. */
    @Test
    void everyCheckAppliesSomewhereAndEveryPlaceExists() {
        Set<String> used = new HashSet<>();
        Set<String> places = new HashSet<>(Set.of(Catalogue.PAPERS, Catalogue.ROAD));
        for (BodyStyle style : BodyStyle.values()) {
            bodies.of(style).zones().stream().map(Zone::place).forEach(places::add);
            for (int year : new int[] {1955, 1969, 1977, 2008})
                catalogue
                        .of(bodies.of(style), year)
                        .forEach(p -> used.add(p.check().id()));
        }
        assertThat(catalogue.checks()).allSatisfy(c -> {
            assertThat(used).contains(c.id());
            assertThat(places).containsAll(c.places());
        });
    }

    /** Only papers and the road are the same for all; whatever is done at a place of the vehicle belongs to some bodies and not to others. */
    @Test
    void noCheckOfAPlaceOnlyCarsHaveReachesTheMotorcycle() {
        Set<String> ofMotorcycle = ids(BodyStyle.MOTORCYCLE, 1977);
        assertThat(ofMotorcycle)
                .contains("head-bearing-notch", "chain-stretch", "tread-depth", "papers-numbers-agree", "road-straight")
                .doesNotContain("sill-tap", "belt-webbing", "wipers", "drive-shaft-boots", "lamp-reverse");
        assertThat(ids(BodyStyle.HATCHBACK, 2008))
                .contains("airbag-covers", "timing-belt-date", "drive-shaft-boots", "catalyst-rattle", "fault-codes")
                .doesNotContain("propshaft-joints", "carburettor-spindle", "points-gap", "frame-cracks");
        assertThat(ids(BodyStyle.VAN, 1969))
                .contains("cargo-floor-members", "van-door-hinges")
                .doesNotContain("boot-lid-seal");
    }

    /** What may be there is looked at; what was seen not to be is not asked for. */
    @Test
    void whatItHasDecides() {
        Set<String> unknown = ids(BodyStyle.ESTATE, 1969);
        assertThat(unknown).contains("servo-vacuum", "disc-thickness", "choke", "coolant-look");
        Set<String> seen = catalogue
                .of(
                        bodies.of(BodyStyle.ESTATE),
                        Equipment.of(
                                EquipmentLibrary.load(),
                                new Make(BodyStyle.ESTATE, 1969, Drive.REAR),
                                List.of(
                                        new Equipment.Fact("servo", "none", HowKnown.SEEN),
                                        new Equipment.Fact("brakes-front", "drum", HowKnown.PAPERS),
                                        new Equipment.Fact("cooling", "air", HowKnown.SAID))))
                .stream()
                .map(p -> p.check().id())
                .collect(Collectors.toSet());
        assertThat(seen).contains("choke", "coolant-look").doesNotContain("servo-vacuum", "disc-thickness");
        assertThat(unknown).containsAll(seen);
    }

    @ParameterizedTest
    @CsvSource({"1974, true", "1975, true", "1976, false"})
    void buildYearsDecideWithBothBoundsInclusive(int year, boolean applies) {
        assertThat(ids(BodyStyle.ESTATE, year).contains("polarity")).isEqualTo(applies);
    }

    @Test
    void whatIsMeasuredHasALimitWithItsSource() {
        Limits limits = Limits.load();
        assertThat(catalogue.checks())
                .filteredOn(c -> c.method() == Check.Method.MEASURE)
                .hasSizeGreaterThan(20)
                .allSatisfy(c -> assertThat(
                                limits.require(c.limit().orElseThrow()).source().work())
                        .isNotBlank());
        assertThat(limits.all())
                .filteredOn(l -> !l.isAge()) // an age is read off a part whenever one sees it
                .extracting(Limit::id)
                .allSatisfy(id -> assertThat(catalogue.checks().stream().flatMap(c -> c.limit().stream()))
                        .contains(id));
    }

    /** What a check shows is what its finding has, at each place of each body; and it is never milder than the check itself says. */
    @ParameterizedTest
    @EnumSource(BodyStyle.class)
    void theClassThatIsShownIsTheClassOfTheFinding(BodyStyle style) {
        for (int year : new int[] {1955, 1969, 1977, 2008})
            assertThat(catalogue.of(bodies.of(style), year)).allSatisfy(c -> {
                SafetyClass found = ProposalRules.propose(
                                c.foundIn(),
                                c.check().kind(),
                                Map.of(Proposal.Reason.CHECK_FAILED, c.check().ifBad()),
                                Optional.empty())
                        .safetyClass();
                assertThat(c.ifBad())
                        .isEqualTo(found)
                        .isLessThanOrEqualTo(c.check().ifBad());
            });
    }

    /** Common practice, no source. What was a C by place and kind alone: lamps that others must see, a steering lock, a drive-shaft boot. */
    @ParameterizedTest
    @CsvSource({
        "SALOON, lamp-brake, B",
        "SALOON, lamp-dipped, B",
        "SALOON, lamp-indicators, B",
        "ESTATE, road-brake-pull, A",
        "ESTATE, papers-open-recall, B",
        "HATCHBACK, drive-shaft-boots, B",
        "MOTORCYCLE, chassis-stability, A"
    })
    void aFailedCheckIsAtLeastAsGraveAsItSays(BodyStyle style, String check, SafetyClass atLeast) {
        assertThat(catalogue.of(bodies.of(style), 2000))
                .filteredOn(c -> c.check().id().equals(check))
                .isNotEmpty()
                .allSatisfy(c -> assertThat(c.ifBad()).isLessThanOrEqualTo(atLeast));
    }

    @ParameterizedTest
    @EnumSource(BodyStyle.class)
    void theWalkBeginsWithThePapersAndEndsOnTheRoad(BodyStyle style) {
        List<PlacedCheck> walk = catalogue.of(bodies.of(style), 1969);
        assertThat(walk.get(0).place()).isEqualTo("papers");
        assertThat(walk.get(walk.size() - 1).place()).isEqualTo("road");
        assertThat(walk.stream().map(p -> p.check().id() + p.place())).doesNotHaveDuplicates();
        List<String> faces = walk.stream()
                .flatMap(p -> p.zone().stream())
                .map(Zone::view)
                .distinct()
                .toList();
        assertThat(faces)
                .isEqualTo(Arrays.asList("front", "left", "rear", "right", "top", "engine", "cabin", "under").stream()
                        .filter(faces::contains)
                        .toList());
    }

    @Test
    void aPlaceWithTwoSidesIsCheckedOnBoth() {
        assertThat(catalogue.of(bodies.of(BodyStyle.ESTATE), 1969))
                .filteredOn(p -> p.check().id().equals("sill-tap"))
                .extracting(PlacedCheck::place)
                .containsExactly("sill-left", "sill-right");
    }

    /** Weights by hand: class A counts 8, and the sill is a known costly trap, so twice that. */
    @Test
    void safetyAndCostlyTrapsWeighMore() {
        assertThat(placed("sill-tap", "sill-left").weight()).isEqualTo(16);
        assertThat(placed("pedal-hold", "pedals").weight()).isEqualTo(8);
        assertThat(placed("bonnet-gaps", "bonnet").weight()).isEqualTo(1);
    }

    @Test
    void onlyWhatWasSeenToBeWrongProposesAFinding() {
        Check tap = placed("sill-tap", "sill-left").check();
        assertThat(tap.finding(Answer.Seen.BAD)).contains(FindingKind.RUST_THROUGH);
        assertThat(tap.finding(Answer.Seen.DOUBTFUL)).contains(FindingKind.DOUBT);
        assertThat(tap.finding(Answer.Seen.MISSING)).contains(FindingKind.MISSING);
        assertThat(tap.finding(Answer.Seen.GOOD)).isEmpty();
        assertThat(tap.finding(Answer.Seen.COVERED)).isEmpty();
        assertThat(placed("sill-drain-holes", "sill-left").check().settledBy())
                .containsExactly(HowSeen.ON_STANDS, HowSeen.OPENED);
    }

    @Test
    void dangersStandBeforeTheFirstStep() {
        assertThat(placed("jacking-bears", "jacking-front-left").cautions()).containsExactly(Caution.STANDS);
        assertThat(placed("fuel-smell", "fuel-tank").cautions()).containsExactly(Caution.FUEL);
        assertThat(placed("drum-lining", "rear-brakes").cautions()).contains(Caution.STANDS, Caution.ASBESTOS);
        assertThat(placed("battery-charge", "battery-tray").cautions()).contains(Caution.BATTERY);
        assertThat(placed("road-brake-pull", "road").cautions()).contains(Caution.BRAKES);
        assertThat(placed("bonnet-gaps", "bonnet").cautions()).isEmpty();
        assertThat(catalogue.of(bodies.of(BodyStyle.ESTATE), 1969))
                .filteredOn(p -> p.check().seen() == HowSeen.ON_STANDS)
                .allSatisfy(p -> assertThat(p.cautions()).contains(Caution.STANDS));
    }

    @Test
    void restraintBrakesAndSteeringAreNeverCosmetic() {
        assertThat(catalogue.checks())
                .filteredOn(c -> c.theme().equals("brakes"))
                .allSatisfy(c -> assertThat(c.ifBad()).isNotEqualTo(SafetyClass.D));
    }

    @Test
    void aSlipInAFileIsNamed() {
        String good =
                "id: a, places: [sill], method: look, how: h, good: g, means: m, endangers: e, bad: A, kind: leak";
        assertThat(Catalogue.read("x", new StringReader("- {" + good + "}"))).hasSize(1);
        refused("- {" + good + ", sean: opened}", "unknown key “sean”");
        refused("- {" + good.replace("bad: A", "bad: E") + "}", "none of [a, b, c, d]");
        refused("- {" + good.replace("look", "measure") + "}", "must name what a measured value is compared with");
        refused("- {" + good + ", reading: tread-depth}", "and only then");
        refused("- {" + good.replace("[sill]", "[]") + "}", "nowhere");
        refused("- {" + good + ", from: 1980, to: 1970}", "reversed");
        refused("- {" + good + "}\n- {" + good.replace("id: a", "id: b") + "}", "does and finds what another one does");
        refused("- {" + good + "}\n- {" + good.replace("how: h", "how: other") + "}", "check a twice");
        refused("id: a", "is not a list");
    }

    private static void refused(String yaml, String message) {
        assertThatThrownBy(() -> new Catalogue(Catalogue.read("x", new StringReader(yaml))))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining(message);
    }

    private PlacedCheck placed(String check, String place) {
        return catalogue.of(bodies.of(BodyStyle.ESTATE), 1969).stream()
                .filter(p -> p.check().id().equals(check) && p.place().equals(place))
                .findFirst()
                .orElseThrow();
    }

    private Set<String> ids(BodyStyle style, int year) {
        Body body = bodies.of(style);
        return catalogue.of(body, year).stream().map(p -> p.check().id()).collect(Collectors.toSet());
    }
}
