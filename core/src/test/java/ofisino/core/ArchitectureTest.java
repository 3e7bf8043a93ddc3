package ofisino.core;

import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaAccess;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The walls of core; each rule is shown to catch a planted breach. */
class ArchitectureTest {
    private static final List<String> ORDER =
            List.of("kernel", "bench", "vehicle", "parts", "plan", "logbook", "money", "roadready", "exchange");
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("ofisino.core");
    private static final Set<String> HIDDEN_INPUTS = Set.of(
            "java.time.LocalDate.now",
            "java.time.LocalDateTime.now",
            "java.time.Instant.now",
            "java.time.ZonedDateTime.now",
            "java.lang.System.currentTimeMillis",
            "java.lang.System.nanoTime",
            "java.lang.Math.random",
            "java.util.UUID.randomUUID",
            "java.util.Random.<init>");

    private static final ArchRule PURE = ArchRuleDefinition.classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "ofisino.core..",
                    "java.lang..",
                    "java.util..",
                    "java.math..",
                    "java.time..",
                    "java.io..",
                    "java.nio.charset..",
                    "org.joda.money..",
                    "org.jgrapht..",
                    "org.ojalgo..",
                    "org.apache.commons.csv..",
                    "org.apache.commons.rng..",
                    "org.apache.commons.numbers..",
                    "org.apache.commons.statistics..",
                    "javax.measure..",
                    "tech.units..",
                    "org.yaml.snakeyaml..",
                    "org.shredzone.commons.suncalc..");

    private static final ArchRule NO_HIDDEN_INPUTS = ArchRuleDefinition.noClasses()
            .should()
            .accessTargetWhere(new DescribedPredicate<JavaAccess<?>>("a clock or randomness that was not passed in") {
                @Override
                public boolean test(JavaAccess<?> access) {
                    return HIDDEN_INPUTS.contains(access.getTargetOwner().getName() + "."
                            + access.getTarget().getName());
                }
            });

    private static final ArchRule LOOK_LEFT = ArchRuleDefinition.classes()
            .should(new ArchCondition<>("look left along " + ORDER) {
                @Override
                public void check(JavaClass item, ConditionEvents events) {
                    for (Dependency d : item.getDirectDependenciesFromSelf()) {
                        String target = d.getTargetClass().getPackageName();
                        if (!target.startsWith("ofisino.core.")) continue;
                        int from = ORDER.indexOf(domain(item.getPackageName()));
                        int to = ORDER.indexOf(domain(target));
                        if (from < 0 || to < 0 || to > from)
                            events.add(SimpleConditionEvent.violated(d, d.getDescription()));
                    }
                }
            });

    private static String domain(String packageName) {
        return packageName.replace("ofisino.core.", "").split("\\.")[0];
    }

    @Test
    void coreIsPureJava() {
        PURE.check(CORE);
        assertThat(PURE.evaluate(only(PlantedBreach.class)).hasViolation()).isTrue();
    }

    @Test
    void nothingComesInUnseen() {
        NO_HIDDEN_INPUTS.check(CORE);
        assertThat(NO_HIDDEN_INPUTS.evaluate(only(PlantedBreach.class)).hasViolation())
                .isTrue();
    }

    @Test
    void domainsLookLeft() {
        LOOK_LEFT.check(CORE);
        assertThat(LOOK_LEFT
                        .evaluate(only(ofisino.core.kernel.PlantedLookRight.class))
                        .hasViolation())
                .isTrue();
    }

    @Test
    void domainsFormNoCircle() {
        slices().matching("ofisino.core.(*)..").should().beFreeOfCycles().check(CORE);
        slices().matching("ofisino.core.vehicle.(*)..")
                .should()
                .beFreeOfCycles()
                .check(CORE);
        slices().matching("ofisino.core.plan.(*)..").should().beFreeOfCycles().check(CORE);
    }

    private static JavaClasses only(Class<?> planted) {
        return new ClassFileImporter().importClasses(planted);
    }

    /** Never called: planted to be caught. */
    static final class PlantedBreach {
        Instant hidden() throws java.sql.SQLException {
            java.sql.DriverManager.getConnection("");
            return Instant.now();
        }
    }
}
