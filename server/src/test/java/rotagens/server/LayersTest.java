package rotagens.server;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.Set;
import rotagens.server.inspection.Readings;

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

    private static final Set<String> WRITES =
            Set.of("read", "found", "clear", "professional", "repaired", "voidReading", "stamp", "fold", "folded");

    @ArchTest
    static final ArchRule ONE_WAY_FOR_FACTS = noClasses()
            .that()
            .resideOutsideOfPackage("rotagens.server.facts..")
            .and()
            .areNotAssignableTo(Readings.class)
            .should()
            .callMethodWhere(DescribedPredicate.describe(
                    "a write of readings or findings",
                    call -> call.getTargetOwner().isEquivalentTo(Readings.class) && WRITES.contains(call.getName())))
            .because("whatever is read or found comes on record through the fact log, and through nothing else");

    @ArchTest
    static final ArchRule NO_ROW_LEAVES_A_STORE = methods()
            .that()
            .areDeclaredInClassesThat()
            .haveSimpleNameEndingWith("Store")
            .and()
            .arePublic()
            .should()
            .notHaveRawReturnType(assignableTo(org.jooq.Record.class))
            .because("a row of a table is its owner's; others get what it means");
}
