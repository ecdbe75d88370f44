package retazo.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import org.junit.jupiter.api.Test;
import org.springframework.modulith.core.ApplicationModules;

/** Features use each other one way, and only what the other shows. */
class ArchitectureTest {

    @Test
    void features_have_no_cycles_and_keep_their_parts_to_themselves() {
        DescribedPredicate<JavaClass> test = DescribedPredicate.describe("tests", type ->
                type.getSource().filter(source -> source.getUri().toString().contains("/test-classes/")).isPresent());

        ApplicationModules.of(App.class, test).verify();
    }

    @Test
    void controllers_use_no_repository() {
        noClasses().that().haveSimpleNameEndingWith("Controller")
                .should().dependOnClassesThat().haveSimpleNameEndingWith("Repository")
                .check(new ClassFileImporter().withImportOption(location -> !location.contains("/test-classes/")).importPackages("retazo.app"));
    }
}
