package ofisino.core.vehicle.shortlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Side;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.check.Answer;
import ofisino.core.vehicle.check.Answer.Seen;
import ofisino.core.vehicle.check.Catalogue;
import ofisino.core.vehicle.check.Check;
import ofisino.core.vehicle.check.LastAnswers;
import ofisino.core.vehicle.check.PlacedCheck;
import ofisino.core.vehicle.check.Unseen;
import ofisino.core.vehicle.check.Walks;
import ofisino.core.vehicle.equipment.Layout;
import ofisino.core.vehicle.equipment.Make;
import ofisino.core.vehicle.equipment.Vehicles;
import ofisino.core.vehicle.shortlook.ShortLook.LookKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Thirty cards in about thirty minutes. The lists, their minutes and weights are common practice, no source. */
class ShortLookTest {
    private static final ShortLooks LOOKS = ShortLooks.load();
    private static final LastAnswers NOTHING = new LastAnswers(List.of());

    @ParameterizedTest
    @CsvSource({"OLD_CAR, 30, 31, 109, 10", "RECENT_CAR, 30, 32, 102, 10", "MOTORCYCLE, 15, 15, 56, 8"})
    void hasItsCardsMinutesAndWeights(LookKind kind, int cards, int minutes, int weight, int inTen) {
        List<Card> all = LOOKS.of(kind).cards();
        assertThat(all).hasSize(cards);
        assertThat(all.stream().mapToInt(c -> c.asks().minutes()).sum()).isEqualTo(minutes);
        assertThat(all.stream().mapToInt(c -> c.asks().weight()).sum()).isEqualTo(weight);
        assertThat(all.stream().filter(c -> c.asks().inTen())).hasSize(inTen);
    }

    @ParameterizedTest
    @EnumSource(LookKind.class)
    void standsForChecksThatThereAre(LookKind kind) {
        Set<String> ids = Catalogue.load().checks().stream().map(Check::id).collect(Collectors.toSet());
        for (Card card : LOOKS.of(kind).cards())
            assertThat(Stream.concat(card.checks().stream(), card.finds().stream()))
                    .as(card.id())
                    .doesNotHaveDuplicates()
                    .isSubsetOf(ids);
    }

    @Test
    void everyCardIsOfUseToSomeVehicle() {
        Set<String> used = new HashSet<>();
        for (Make make : Vehicles.makes(1935, 1958, 1975, 1992, 2006))
            for (LookKind kind : LookKind.possibleFor(make))
                LOOKS.of(kind)
                        .at(possible(make))
                        .forEach(c -> used.add(kind + " " + c.card().id()));
        for (LookKind kind : LookKind.values())
            for (Card card : LOOKS.of(kind).cards()) assertThat(used).contains(kind + " " + card.id());
    }

    @Test
    void asksNothingTwiceAndLeavesFewCardsOut() {
        for (Make make : Vehicles.makes(1935, 1958, 1975, 1992, 2006)) {
            List<PlacedCard> cards = LOOKS.of(LookKind.of(make)).at(possible(make));
            assertThat(cards.stream()
                            .flatMap(c -> c.answers().stream())
                            .map(c -> c.check().id() + " " + c.place()))
                    .as(make.toString())
                    .doesNotHaveDuplicates();
            assertThat(cards.size())
                    .as(make.toString())
                    .isGreaterThanOrEqualTo(LookKind.of(make) == LookKind.MOTORCYCLE ? 14 : 27);
        }
    }

    @Test
    void theYearProposesTheList() {
        assertThat(LookKind.of(make(BodyStyle.SALOON, 1990))).isEqualTo(LookKind.OLD_CAR);
        assertThat(LookKind.of(make(BodyStyle.SALOON, 1991))).isEqualTo(LookKind.RECENT_CAR);
        assertThat(LookKind.of(new Make(BodyStyle.MOTORCYCLE, 2005, Layout.MOTORCYCLE)))
                .isEqualTo(LookKind.MOTORCYCLE);
        assertThat(LookKind.possibleFor(make(BodyStyle.VAN, 1991)))
                .containsExactly(LookKind.OLD_CAR, LookKind.RECENT_CAR);
    }

    /** All answered as good: a bid may count on what was seen, and the road on none of it. What must be opened stays unseen for both. */
    @Test
    void aGoodLookSettlesTheBidAndNoCheck() {
        List<PlacedCheck> checks = Walks.of(BodyStyle.SALOON, 1974);
        List<PlacedCard> cards = LOOKS.of(LookKind.OLD_CAR).at(checks);
        List<Answer> answers = cards.stream()
                .flatMap(c -> c.answers().stream())
                .map(c -> answer(c, Seen.GOOD))
                .toList();
        assertThat(ShortLook.left(cards, new LastAnswers(answers)).cards()).isZero();
        assertThat(Unseen.of(checks, answers).whole().share()).isEqualTo(1.0);
        assertThat(Unseen.unanswered(checks, answers)).isEqualTo(Unseen.unanswered(checks, List.of()));
        assertThat(Unseen.forABid(checks, answers).whole().share()).isBetween(0.5, 0.95);
        assertThat(Unseen.forABid(checks, answers).byPlace().get("front-brakes").share())
                .isEqualTo(1.0);
    }

    @Test
    void whatIsLeftIsCountedInCardsMinutesAndWeight() {
        List<PlacedCard> cards = LOOKS.of(LookKind.OLD_CAR).at(Walks.of(BodyStyle.SALOON, 1974));
        ShortLook.Left before = ShortLook.left(cards, NOTHING);
        PlacedCard turns = card(cards, "turns");
        ShortLook.Left after = ShortLook.left(
                cards, new LastAnswers(List.of(answer(turns.answers().get(0), Seen.BAD))));
        assertThat(before.weight()).isEqualTo(before.all());
        assertThat(after)
                .isEqualTo(new ShortLook.Left(
                        before.cards() - 1, before.minutes() - 2, before.weight() - 5, before.all()));
    }

    /** Two sills: one that is rotten is enough; good is said only when it is said of both. */
    @Test
    void theWorstThatWasSaidOfACardCounts() {
        PlacedCard card = card(LOOKS.of(LookKind.RECENT_CAR).at(Walks.of(BodyStyle.SALOON, 1998)), "sills");
        List<PlacedCheck> sills = card.answers().stream()
                .filter(c -> c.check().id().equals("sill-tap"))
                .toList();
        assertThat(sills).hasSize(2);
        assertThat(card.said(said(answer(sills.get(0), Seen.GOOD)))).isEmpty();
        assertThat(card.said(said(answer(sills.get(1), Seen.BAD)))).contains(Seen.BAD);
        assertThat(card.said(said(
                        sills.stream().map(a -> answer(a, Seen.NOT_ALLOWED)).toArray(Answer[]::new))))
                .contains(Seen.NOT_ALLOWED);
    }

    /** A look on the left answers nothing that one look answers for both sides; a fault may be there all the same. */
    @Test
    void oneSideAnswersForItselfAlone() {
        List<PlacedCard> cards = LOOKS.of(LookKind.OLD_CAR).at(Walks.of(BodyStyle.SALOON, 1974));
        for (PlacedCard c : cards)
            if (c.card().side() != Side.NONE)
                assertThat(c.answers())
                        .allMatch(p -> p.also().isEmpty()
                                && p.zone().orElseThrow().side() == c.card().side());
        assertThat(card(cards, "floor-left").finds())
                .anyMatch(p -> p.check().id().equals("floor-wet-carpet"));
    }

    @Test
    void aPhotoIsNoLook() {
        PlacedCard turns = card(LOOKS.of(LookKind.OLD_CAR).at(Walks.of(BodyStyle.SALOON, 1974)), "turns");
        PlacedCheck check = turns.answers().get(0);
        Answer photo = new Answer(check.check().id(), check.place(), Seen.GOOD, HowSeen.PHOTO, false, false, true);
        assertThat(turns.said(said(photo))).isEmpty();
        assertThat(turns.answered(Seen.GOOD, Optional.empty(), said(photo)))
                .extracting(PlacedCard.At::check)
                .contains(check);
    }

    /** Found good with the car on stands, then "can't see it" in the yard: the better look stays. */
    @Test
    void aCardTakesNoBetterLookBack() {
        PlacedCard sill = card(LOOKS.of(LookKind.OLD_CAR).at(Walks.of(BodyStyle.SALOON, 1974)), "sill-left");
        PlacedCheck check = sill.answers().get(0);
        Answer opened = new Answer(check.check().id(), check.place(), Seen.GOOD, HowSeen.OPENED, false, false, true);
        Answer bad = answer(check, Seen.BAD);
        assertThat(answered(sill, Seen.GOOD, opened)).doesNotContain(check);
        assertThat(answered(sill, Seen.COVERED, opened)).doesNotContain(check);
        assertThat(answered(sill, Seen.COVERED, bad)).doesNotContain(check);
        assertThat(answered(sill, Seen.GOOD, bad))
                .as("its own answer is changed")
                .contains(check);
        Answer rotten =
                new Answer(check.check().id(), check.place(), Seen.BAD, HowSeen.WALKED_ROUND, false, false, true);
        assertThat(answered(sill, Seen.GOOD, rotten))
                .as("a better look found it")
                .doesNotContain(check);
        assertThat(answered(sill, Seen.GOOD)).contains(check);
    }

    /** A fault speaks for its own check, at the place where it was found, and for nothing that the card does not look at. */
    @Test
    void aFaultSpeaksForItselfAlone() {
        PlacedCard wheels = card(LOOKS.of(LookKind.OLD_CAR).at(Walks.of(BodyStyle.SALOON, 1974)), "wheels");
        var fault = new PlacedCard.Fault("tyre-age", "rear-wheel-right");
        assertThat(wheels.answered(Seen.BAD, Optional.of(fault), NOTHING))
                .singleElement()
                .satisfies(at -> {
                    assertThat(at.check().check().id()).isEqualTo("tyre-age");
                    assertThat(at.foundAt()).contains("rear-wheel-right");
                });
        assertThat(wheels.answered(Seen.DOUBTFUL, Optional.empty(), NOTHING))
                .singleElement()
                .satisfies(
                        at -> assertThat(at.check()).isEqualTo(wheels.answers().get(0)));
        assertThatThrownBy(() ->
                        wheels.answered(Seen.BAD, Optional.of(new PlacedCard.Fault("sill-tap", "sill-left")), NOTHING))
                .hasMessageContaining("none of what this card looks at");
    }

    @Test
    void stopsForWhatMustBeSettledAndForADonor() {
        assertThat(LOOKS.of(LookKind.OLD_CAR).cards().stream()
                        .map(Card::stop)
                        .flatMap(Optional::stream)
                        .map(Card.Stop::meaning))
                .contains(Card.Stop.Meaning.SETTLE_FIRST, Card.Stop.Meaning.DONOR);
        assertThat(LOOKS.of(LookKind.RECENT_CAR).cards().stream()
                        .filter(c -> c.stop().isPresent())
                        .map(Card::id))
                .containsExactly("papers", "airbags", "carpets");
    }

    private static List<PlacedCheck> possible(Make make) {
        return Stream.concat(Walks.of(Vehicles.of(make)).stream(), Walks.waiting(Vehicles.of(make)).stream())
                .toList();
    }

    private static Make make(BodyStyle body, int year) {
        return new Make(body, year, Layout.FRONT_ENGINE_REAR_DRIVE);
    }

    private static List<PlacedCheck> answered(PlacedCard card, Seen seen, Answer... known) {
        return card.answered(seen, Optional.empty(), said(known)).stream()
                .map(PlacedCard.At::check)
                .toList();
    }

    private static PlacedCard card(List<PlacedCard> cards, String id) {
        return cards.stream().filter(c -> c.card().id().equals(id)).findFirst().orElseThrow();
    }

    private static Answer answer(PlacedCheck check, Seen seen) {
        return new Answer(check.check().id(), check.place(), seen, HowSeen.GLANCED, false, false, true);
    }

    private static LastAnswers said(Answer... answers) {
        return new LastAnswers(List.of(answers));
    }
}
