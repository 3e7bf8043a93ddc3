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
import java.util.stream.Stream;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.body.Bodies;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.Item;
import ofisino.core.vehicle.equipment.Make;
import ofisino.core.vehicle.equipment.Vehicles;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.Proposal;
import ofisino.core.vehicle.finding.ProposalRules;
import ofisino.core.vehicle.finding.SafetyClass;
import ofisino.core.vehicle.reading.Limit;
import ofisino.core.vehicle.reading.Limits;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class CatalogueTest {
    private static final Catalogue CATALOGUE = Catalogue.load();
    private static final Bodies BODIES = Bodies.load();

    @Test
    void holdsAtLeast180ChecksOfEveryTheme() {
        assertThat(CATALOGUE.checks()).hasSizeGreaterThanOrEqualTo(180);
        assertThat(CATALOGUE.checks().stream().map(Check::theme).distinct()).hasSize(10);
    }

    /** A check that is nowhere to be done is filler; a place that no drawing has is a slip. */
    @Test
    void everyCheckAppliesSomewhereAndEveryPlaceExists() {
        Set<String> used = new HashSet<>();
        Set<String> places = new HashSet<>(Set.of(Catalogue.PAPERS, Catalogue.ROAD));
        for (BodyStyle style : BodyStyle.values()) {
            BODIES.of(style).zones().stream().map(Zone::place).forEach(places::add);
        }
        for (Make make : Vehicles.makes(1955, 1977, 2012)) {
            Body body = BODIES.of(make.body(), make.layout());
            Stream.concat(
                            CATALOGUE.of(body, Vehicles.of(make)).stream(),
                            CATALOGUE.waiting(body, Vehicles.of(make)).stream())
                    .forEach(p -> used.add(p.check().id()));
        }
        assertThat(CATALOGUE.checks().stream().map(Check::id).filter(id -> !used.contains(id)))
                .isEmpty();
        assertThat(CATALOGUE.checks().stream().flatMap(c -> c.places().stream()).filter(p -> !places.contains(p)))
                .isEmpty();
    }

    /** Only papers and the road are the same for all; whatever is done at a place of the vehicle belongs to some bodies and not to others. */
    @Test
    void noCheckOfAPlaceOnlyCarsHaveReachesTheMotorcycle() {
        Set<String> ofMotorcycle = ids(BodyStyle.MOTORCYCLE, 1977);
        assertThat(ofMotorcycle)
                .contains("head-bearing-notch", "chain-stretch", "tread-depth", "papers-numbers-agree", "road-straight")
                .doesNotContain("sill-tap", "belt-webbing", "wipers", "drive-shaft-boots", "lamp-reverse");
        assertThat(ids(BodyStyle.HATCHBACK, 2004))
                .contains("airbag-covers", "timing-belt-date", "drive-shaft-boots", "catalyst-rattle", "fault-codes")
                .doesNotContain("propshaft-joints", "carburettor-spindle", "points-gap", "frame-cracks");
        assertThat(ids(BodyStyle.VAN, 1969))
                .contains("cargo-floor-members", "van-door-hinges")
                .doesNotContain("boot-lid-seal");
    }

    private Set<String> waiting(Equipment vehicle) {
        return Walks.waiting(vehicle).stream().map(p -> p.check().id()).collect(Collectors.toSet());
    }

    private Set<String> asked(Equipment vehicle) {
        return Walks.of(vehicle).stream().map(p -> p.check().id()).collect(Collectors.toSet());
    }

    /** What is usual is looked at, what else may be there waits behind a question, and only what was seen not to be is neither. */
    @Test
    void whatItHasDecides() {
        Equipment unknown = Vehicles.of(BodyStyle.ESTATE, 1969);
        assertThat(asked(unknown)).contains("choke", "coolant-look", "drum-cylinder");
        assertThat(waiting(unknown)).contains("servo-vacuum", "disc-thickness", "front-drum-cylinder");
        Equipment drums =
                Vehicles.of(BodyStyle.ESTATE, 1969, "servo:none", "brakes-front:drum papers", "cooling:air said");
        assertThat(asked(drums))
                .contains("front-drum-cylinder", "cooling-ducts")
                .doesNotContain("coolant-look");
        assertThat(waiting(drums)).contains("coolant-look").doesNotContain("servo-vacuum", "disc-thickness");
    }

    /** What fires is asked for at once: nobody opens a seat because nobody said that it has an airbag. */
    @Test
    void whatMayFireIsAskedForAtOnce() {
        assertThat(asked(Vehicles.of(BodyStyle.SALOON, 1994)))
                .contains("airbag-lamp", "airbag-covers", "pretensioner-length");
        assertThat(asked(Vehicles.of(BodyStyle.SALOON, 1994, "airbags:none", "pretensioners:none")))
                .doesNotContain("airbag-lamp", "pretensioner-length");
    }

    /** A question stands for as many checks as wait for it, the gravest first; once it is answered none waits for it. */
    @Test
    void aQuestionStandsForWhatWaits() {
        Equipment unknown = Vehicles.of(BodyStyle.SALOON, 1966);
        List<Question> questions = Question.of(CATALOGUE.waiting(BODIES.of(BodyStyle.SALOON), unknown), unknown);
        assertThat(questions).extracting(Question::gravest).isSorted();
        Question first = questions.get(0);
        assertThat(first.gravest()).isEqualTo(SafetyClass.A);
        for (Item.Value value : Vehicles.LIBRARY.require(first.item()).values()) {
            Equipment said = Vehicles.of(BodyStyle.SALOON, 1966, first.item() + ":" + value.id());
            assertThat(Question.of(CATALOGUE.waiting(BODIES.of(BodyStyle.SALOON), said), said))
                    .extracting(Question::item)
                    .doesNotContain(first.item());
        }
    }

    /** A pair of lamps is one look; its fault is found at one of them, and there alone. */
    @Test
    void oneLookAnswersForAPair() {
        PlacedCheck dipped = Walks.of(BodyStyle.ESTATE, 1969).stream()
                .filter(p -> p.check().id().equals("lamp-dipped"))
                .reduce((a, b) -> {
                    throw new AssertionError("asked twice");
                })
                .orElseThrow();
        String other = dipped.also().get(0).id();
        assertThat(Set.of(dipped.place(), other)).containsExactlyInAnyOrder("front-lamps-left", "front-lamps-right");
        assertThat(dipped.foundAt(other).place()).isEqualTo(other);
        assertThat(dipped.foundAt(dipped.place()).also()).isEmpty();
        assertThatThrownBy(() -> dipped.foundAt("roof-front")).isInstanceOf(InvalidValue.class);
        Answer whole =
                new Answer("lamp-dipped", dipped.place(), Answer.Seen.GOOD, HowSeen.WALKED_ROUND, false, false, true);
        Answer one =
                new Answer("lamp-dipped", dipped.place(), Answer.Seen.GOOD, HowSeen.WALKED_ROUND, false, false, false);
        Answer bad = new Answer("lamp-dipped", other, Answer.Seen.BAD, HowSeen.WALKED_ROUND, false, false, false);
        assertThat(new LastAnswers(List.of(whole)).to(dipped)).contains(whole);
        assertThat(new LastAnswers(List.of(one)).to(dipped))
                .as("of one lamp only")
                .isEmpty();
        assertThat(new LastAnswers(List.of(one, bad)).to(dipped)).contains(bad);
    }

    @ParameterizedTest
    @CsvSource({"1980, false", "1981, true", "1982, true"})
    void buildYearsDecideWithBothBoundsInclusive(int year, boolean applies) {
        assertThat(ids(BodyStyle.ESTATE, year).contains("papers-check-digit")).isEqualTo(applies);
    }

    @Test
    void whatIsMeasuredHasALimitWithItsSource() {
        Limits limits = Limits.load();
        assertThat(CATALOGUE.checks())
                .filteredOn(c -> c.method() == Check.Method.MEASURE)
                .hasSizeGreaterThan(20)
                .allSatisfy(c -> assertThat(
                                limits.require(c.limit().orElseThrow()).source().work())
                        .isNotBlank());
        assertThat(limits.all())
                .filteredOn(l -> !l.isAge()) // an age is read off a part whenever one sees it
                .extracting(Limit::id)
                .allSatisfy(id -> assertThat(CATALOGUE.checks().stream().flatMap(c -> c.limit().stream()))
                        .contains(id));
    }

    /** What a check shows is what its finding has, at each place of each body; and it is never milder than the check itself says. */
    @ParameterizedTest
    @EnumSource(BodyStyle.class)
    void theClassThatIsShownIsTheClassOfTheFinding(BodyStyle style) {
        for (int year : new int[] {1955, 1969, 1977, 2008})
            assertThat(Walks.of(style, year)).allSatisfy(c -> {
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
        assertThat(Walks.of(style, 2000))
                .filteredOn(c -> c.check().id().equals(check))
                .isNotEmpty()
                .allSatisfy(c -> assertThat(c.ifBad()).isLessThanOrEqualTo(atLeast));
    }

    @ParameterizedTest
    @EnumSource(BodyStyle.class)
    void theWalkBeginsWithThePapersAndEndsOnTheRoad(BodyStyle style) {
        List<PlacedCheck> walk = Walks.of(style, 1969);
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
        assertThat(Walks.of(BodyStyle.ESTATE, 1969))
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
        assertThat(Walks.of(BodyStyle.ESTATE, 1969))
                .filteredOn(p -> p.check().seen() == HowSeen.ON_STANDS)
                .allSatisfy(p -> assertThat(p.cautions()).contains(Caution.STANDS));
    }

    @Test
    void restraintBrakesAndSteeringAreNeverCosmetic() {
        assertThat(CATALOGUE.checks())
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
        refused("- {" + good.replace("look", "measure") + "}", "measures without a limit");
        refused("- {" + good + ", reading: tread-depth}", "has one without measuring");
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
        return Walks.of(BodyStyle.ESTATE, 1969).stream()
                .filter(p -> p.check().id().equals(check) && p.place().equals(place))
                .findFirst()
                .orElseThrow();
    }

    private Set<String> ids(BodyStyle style, int year) {
        return Walks.of(style, year).stream().map(p -> p.check().id()).collect(Collectors.toSet());
    }
}
