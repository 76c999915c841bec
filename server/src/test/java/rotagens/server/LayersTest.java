package rotagens.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The rooms of the server stay apart. */
@AnalyzeClasses(packages = "rotagens.server", importOptions = ImportOption.DoNotIncludeTests.class)
class LayersTest {

    @ArchTest
    static final ArchRule NO_CYCLES =
            slices().matching("rotagens.server.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule CONTROLLERS_ASK_SERVICES = noClasses()
            .that()
            .haveSimpleNameEndingWith("Controller")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.jooq..", "rotagens.server.storage..");

    @ArchTest
    static final ArchRule STORES_STAY_HOME =
            classes().that().haveSimpleNameEndingWith("Store").should().bePackagePrivate();
}
