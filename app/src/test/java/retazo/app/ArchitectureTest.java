package retazo.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
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
import org.springframework.modulith.core.ApplicationModules;

/** Features use each other as {@code docs/architecture.md} draws it, one way, and only what the other shows. */
class ArchitectureTest {

    private static final JavaClasses APP = new ClassFileImporter().withImportOption(location -> !location.contains("/test-classes/"))
            .importPackages("retazo.app");

    @Test
    void features_have_no_cycles_and_keep_their_parts_to_themselves() {
        DescribedPredicate<JavaClass> test = DescribedPredicate.describe("tests",
                type -> type.getSource().filter(source -> source.getUri().toString().contains("/test-classes/")).isPresent());

        ApplicationModules.of(App.class, test).verify();
    }

    @Test
    void rooms_use_each_other_as_the_drawing_says() throws IOException {
        Map<String, Set<String>> drawn = new TreeMap<>();
        for (String line : Files.readAllLines(Path.of("..", "docs", "architecture.md"))) {
            Matcher arrow = Pattern.compile("    app\\.(\\S+) +─▶ ?(.*)").matcher(line);
            if (arrow.matches()) {
                drawn.put(arrow.group(1), new TreeSet<>(List.of(arrow.group(2).strip().split(" +"))));
            }
        }

        Map<String, Set<String>> built = new TreeMap<>();
        APP.forEach(type -> type.getDirectDependenciesFromSelf().stream()
                .map(one -> one.getTargetClass().getPackageName())
                .filter(used -> used.startsWith("retazo.app.") && !used.equals(type.getPackageName()))
                .forEach(used -> built.computeIfAbsent(room(type.getPackageName()), name -> new TreeSet<>()).add(room(used))));
        assertThat(built).isEqualTo(drawn);
    }

    @Test
    void rooms_have_no_circle() {
        slices().matching("retazo.app.(**)").should().beFreeOfCycles().check(APP);
    }

    @Test
    void no_room_is_a_hall() {
        Map<String, Long> files = APP.stream().filter(JavaClass::isTopLevelClass)
                .collect(Collectors.groupingBy(JavaClass::getPackageName, Collectors.counting()));

        assertThat(files).allSatisfy((name, count) -> assertThat(count).isLessThanOrEqualTo(26));
    }

    @Test
    void controllers_use_no_repository() {
        noClasses().that().haveSimpleNameEndingWith("Controller")
                .should().dependOnClassesThat().haveSimpleNameEndingWith("Repository").check(APP);
    }

    private static String room(String packageName) {
        return packageName.replaceFirst("retazo\\.app\\.", "");
    }
}
