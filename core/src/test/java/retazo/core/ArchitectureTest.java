package retazo.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noMethods;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A package of the core may use those before it, never those after it; and nothing but plain Java. */
class ArchitectureTest {

    private static final List<String> IN_ORDER =
            List.of("measure", "explain", "cloth", "block", "quilt", "cutting", "precut", "kit", "verdict", "bolt");
    private static final JavaClasses CORE =
            new ClassFileImporter().withImportOption(location -> !location.contains("/test-classes/")).importPackages("retazo.core");

    @Test
    void packages_use_only_those_before_them() {
        for (int i = 0; i < IN_ORDER.size(); i++) {
            String[] after = IN_ORDER.subList(i + 1, IN_ORDER.size()).stream()
                    .map(name -> "retazo.core." + name + "..").toArray(String[]::new);
            if (after.length > 0) {
                noClasses().that().resideInAPackage("retazo.core." + IN_ORDER.get(i) + "..")
                        .should().dependOnClassesThat().resideInAnyPackage(after).check(CORE);
            }
        }
    }

    @Test
    void every_class_belongs_to_a_known_package() {
        String[] known = IN_ORDER.stream().map(name -> "retazo.core." + name).toArray(String[]::new);

        classes().should().resideInAnyPackage(known).check(CORE);
    }

    @Test
    void the_core_uses_plain_java_only() {
        classes().should().onlyDependOnClassesThat()
                .resideInAnyPackage("retazo.core..", "java.lang..", "java.util..", "java.math..", "org.jspecify..").check(CORE);
    }

    @Test
    void no_public_method_takes_or_gives_a_floating_point_number() {
        noClasses().that().arePublic().should().dependOnClassesThat().haveNameMatching("java\\.lang\\.(Double|Float)").check(CORE);
        noMethods().that().areDeclaredInClassesThat().arePublic().should().haveRawReturnType(double.class).check(CORE);
    }
}
