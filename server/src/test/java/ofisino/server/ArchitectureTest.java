package ofisino.server;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import java.util.List;
import java.util.Set;
import ofisino.core.roadready.gate.Rule;
import ofisino.core.vehicle.finding.FindingEvent;
import ofisino.server.db.PlantedLookRight;
import ofisino.server.vehicle.planted.PlantedPublicController;
import org.junit.jupiter.api.Test;

/** The walls of the server; each rule is shown to catch a planted breach. */
class ArchitectureTest {
    /** Left to right: a domain sees itself and what is to its left. */
    private static final List<String> ORDER = List.of(
            "db",
            "web",
            "identity",
            "history",
            "attachments",
            "bench",
            "vehicle",
            "parts",
            "plan",
            "logbook",
            "money",
            "roadready",
            "exchange");

    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("ofisino");

    private static final JavaClasses SERVER = ALL.that(resideInAPackage("ofisino.server.."));

    private static final ArchRule LOOK_LEFT = between(
            "look left along " + ORDER,
            (from, to) -> ORDER.indexOf(from.domain) >= 0
                    && ORDER.indexOf(to.domain) >= 0
                    && ORDER.indexOf(to.domain) <= ORDER.indexOf(from.domain));

    private static final ArchRule MEET_AT_THE_DOOR = between(
            "meet other domains at the door",
            (from, to) ->
                    from.domain.equals(to.domain) || to.isDoor || to.domain.equals("db") || to.domain.equals("web"));

    private static final ArchRule STAY_INSIDE = ArchRuleDefinition.classes()
            .that()
            .haveSimpleNameEndingWith("Controller")
            .or()
            .haveSimpleNameEndingWith("Mapper")
            .or()
            .haveSimpleNameEndingWith("Service")
            .should()
            .bePackagePrivate();

    private static final ArchRule CONTROLLERS_ONLY_TRANSLATE = ArchRuleDefinition.noClasses()
            .that()
            .haveSimpleNameEndingWith("Controller")
            .should(new ArchCondition<>("call a mapper") {
                @Override
                public void check(JavaClass item, ConditionEvents events) {
                    item.getMethodCallsFromSelf().stream()
                            .filter(call ->
                                    call.getTargetOwner().getSimpleName().endsWith("Mapper"))
                            .forEach(call -> events.add(SimpleConditionEvent.satisfied(call, call.getDescription())));
                }
            });

    private record Place(String domain, boolean isDoor) {
        static Place of(JavaClass c) {
            String[] parts = c.getPackageName()
                    .replace("ofisino.server", "")
                    .replaceFirst("^\\.", "")
                    .split("\\.");
            return new Place(parts[0], parts.length == 1);
        }
    }

    private interface Allowed {
        boolean test(Place from, Place to);
    }

    private static ArchRule between(String description, Allowed allowed) {
        return ArchRuleDefinition.classes()
                .that()
                .resideInAPackage("ofisino.server.(*)..")
                .should(new ArchCondition<>(description) {
                    @Override
                    public void check(JavaClass item, ConditionEvents events) {
                        for (Dependency d : item.getDirectDependenciesFromSelf()) {
                            if (!d.getTargetClass().getPackageName().startsWith("ofisino.server.")) continue;
                            if (!allowed.test(Place.of(item), Place.of(d.getTargetClass())))
                                events.add(SimpleConditionEvent.violated(d, d.getDescription()));
                        }
                    }
                });
    }

    @Test
    void domainsLookLeft() {
        LOOK_LEFT.check(SERVER);
        assertThat(caught(LOOK_LEFT, PlantedLookRight.class)).isTrue();
    }

    @Test
    void domainsMeetAtTheDoor() {
        MEET_AT_THE_DOOR.check(SERVER);
        assertThat(caught(MEET_AT_THE_DOOR, PlantedPublicController.class)).isTrue();
    }

    @Test
    void domainsFormNoCircle() {
        slices().matching("ofisino.server.(*)..").should().beFreeOfCycles().check(SERVER);
    }

    @Test
    void webAndSqlStayInsideTheirTopic() {
        STAY_INSIDE.check(SERVER);
        assertThat(caught(STAY_INSIDE, PlantedPublicController.class)).isTrue();
    }

    @Test
    void controllersOnlyTranslate() {
        CONTROLLERS_ONLY_TRANSLATE.check(SERVER);
        assertThat(caught(CONTROLLERS_ONLY_TRANSLATE, PlantedPublicController.class))
                .isTrue();
    }

    @Test
    void packagesHideMoreThanTheyShow() {
        long shown = SERVER.stream()
                .filter(c -> c.isTopLevelClass() && c.getModifiers().contains(JavaModifier.PUBLIC))
                .count();
        assertThat(shown)
                .isLessThan(SERVER.stream().filter(JavaClass::isTopLevelClass).count() / 2);
    }

    private static boolean caught(ArchRule rule, Class<?> planted) {
        return rule.evaluate(new ClassFileImporter().importClasses(planted)).hasViolation();
    }

    /** Others hold them inside of something else: a blocker has its rule, a move its events. */
    private static final Set<Class<?>> HELD = Set.of(Rule.class, FindingEvent.class);

    /** What core shows, somebody outside its own package needs. */
    @Test
    void coreShowsNothingThatNobodyNeeds() {
        assertThat(ALL.stream()
                        .filter(c -> c.getPackageName().startsWith("ofisino.core"))
                        .filter(c -> c.isTopLevelClass() && c.getModifiers().contains(JavaModifier.PUBLIC))
                        .filter(c -> c.getDirectDependenciesToSelf().stream()
                                .allMatch(
                                        d -> d.getOriginClass().getPackageName().equals(c.getPackageName())))
                        .map(JavaClass::getName))
                .containsExactlyInAnyOrderElementsOf(
                        HELD.stream().map(Class::getName).toList());
    }
}
