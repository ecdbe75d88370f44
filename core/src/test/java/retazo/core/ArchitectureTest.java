package retazo.core;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noMethods;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The rooms of the core use each other as {@code docs/architecture.md} draws it, and nothing but plain Java. */
class ArchitectureTest {

    private static final JavaClasses CORE = new ClassFileImporter().withImportOption(location -> !location.contains("/test-classes/"))
            .importPackages("retazo.core");

    @Test
    void rooms_use_each_other_as_the_drawing_says() throws IOException {
        Map<String, Set<String>> drawn = new TreeMap<>();
        for (String line : Files.readAllLines(Path.of("..", "docs", "architecture.md"))) {
            Matcher arrow = Pattern.compile("    core\\.(\\S+) +─▶ ?(.*)").matcher(line);
            if (arrow.matches()) {
                drawn.put(arrow.group(1), new TreeSet<>(List.of(arrow.group(2).strip().split(" +"))));
            }
        }

        Map<String, Set<String>> built = new TreeMap<>();
        CORE.forEach(type -> type.getDirectDependenciesFromSelf().stream()
                .map(one -> one.getTargetClass().getPackageName())
                .filter(used -> used.startsWith("retazo.core") && !used.equals(type.getPackageName()))
                .forEach(used -> built.computeIfAbsent(room(type.getPackageName()), name -> new TreeSet<>()).add(room(used))));
        assertThat(built).isEqualTo(drawn);
    }

    @Test
    void rooms_have_no_circle() {
        slices().matching("retazo.core.(**)").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void no_room_is_a_hall() {
        Map<String, Long> files = CORE.stream().filter(JavaClass::isTopLevelClass)
                .collect(Collectors.groupingBy(JavaClass::getPackageName, Collectors.counting()));

        assertThat(files).allSatisfy((name, count) -> assertThat(count).isLessThanOrEqualTo(26));
    }

    @Test
    void the_core_uses_plain_java_only() {
        classes().should().onlyDependOnClassesThat()
                .resideInAnyPackage("retazo.core..", "java.lang..", "java.util..", "java.math..", "java.time..", "org.jspecify..")
                .check(CORE);
    }

    /** How colours look is measured, not counted; all that is cut, counted or paid is exact. */
    @Test
    void no_public_method_takes_or_gives_a_floating_point_number() {
        noClasses().that().arePublic().should().dependOnClassesThat().haveNameMatching("java\\.lang\\.(Double|Float)").check(CORE);
        noMethods().that().areDeclaredInClassesThat().arePublic().should().haveRawReturnType(double.class)
                .check(CORE.that(DescribedPredicate.not(resideInAPackage("retazo.core.colour"))));
    }

    private static String room(String packageName) {
        return packageName.replaceFirst("retazo\\.core\\.", "");
    }
}
