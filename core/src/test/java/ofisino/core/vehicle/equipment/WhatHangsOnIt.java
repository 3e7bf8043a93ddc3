package ofisino.core.vehicle.equipment;

import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.parts.consumable.Consumables;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.interlock.Interlocks;
import ofisino.core.plan.interlock.Reconnection;
import ofisino.core.plan.recipe.Recipes;
import ofisino.core.plan.recipe.ToDo;
import ofisino.core.roadready.gate.Proofs;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.body.Bodies;
import ofisino.core.vehicle.body.Nearby;
import ofisino.core.vehicle.check.Walks;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.reading.Limit;
import ofisino.core.vehicle.reading.Limits;

/** All that the whole product asks, allows and demands of a vehicle, each in a word: {@code "check abs-lamp"}, {@code "way radiator-out"}. */
public final class WhatHangsOnIt {
    private static final AccessLibrary WAYS = AccessLibrary.load();
    private static final Interlocks INTERLOCKS = Interlocks.load();
    private static final Limits LIMITS = Limits.load();
    private static final Proofs PROOFS = Proofs.load();
    private static final Reconnection RESETS = Reconnection.load();
    private static final Recipes RECIPES = Recipes.load(Anatomy.load(), Consumables.load(), WAYS);

    private static final Bodies BODIES = Bodies.load();
    private static final Nearby NEARBY = Nearby.load();

    private WhatHangsOnIt() {}

    public static Set<String> of(Equipment vehicle) {
        return Stream.of(
                        Walks.of(vehicle).stream().map(c -> "check " + c.check().id()),
                        WAYS.of(vehicle).all().stream().map(w -> "way " + w.id()),
                        INTERLOCKS.rules().stream()
                                .filter(r -> r.applies().to(vehicle))
                                .map(r -> "condition " + r.id()),
                        LIMITS.of(vehicle).stream().map(WhatHangsOnIt::limit),
                        PROOFS.of(vehicle).stream().map(p -> "proof " + p.id()),
                        RESETS.of(vehicle).stream().map(r -> "reset " + r.name().toLowerCase(java.util.Locale.ROOT)),
                        recipes(vehicle),
                        NEARBY.places().stream()
                                .filter(p -> NEARBY.near(p, vehicle).contains("fuel-tank"))
                                .map(p -> "tank behind " + p),
                        BODIES.of(vehicle.make().body(), vehicle.make().layout()).drawing(vehicle).zones().stream()
                                .map(z -> "place " + z.id() + " " + z.view()))
                .flatMap(s -> s)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static String limit(Limit l) {
        return "limit %s %s..%s%s"
                .formatted(
                        l.id(),
                        l.min().isPresent() ? number(l.min().getAsDouble()) : "",
                        l.max().isPresent() ? number(l.max().getAsDouble()) : "",
                        l.otherwise().isEmpty() ? "" : " or another");
    }

    private static String number(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }

    private static Stream<String> recipes(Equipment vehicle) {
        return BODIES.of(vehicle.make().body(), vehicle.make().layout()).drawing(vehicle).zones().stream()
                .flatMap(zone -> Stream.of(FindingKind.WORN, FindingKind.LEAK)
                        .flatMap(
                                kind -> RECIPES
                                        .propose(ToDo.at(zone.place(), zone.system(), kind, Decision.REPAIR), vehicle)
                                        .stream()))
                .flatMap(r -> Stream.concat(
                        Stream.of("recipe " + r.id()), r.then().stream().map(w -> "shared " + w.id())));
    }
}
