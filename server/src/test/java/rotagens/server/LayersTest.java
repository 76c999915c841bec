package rotagens.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.util.Set;
import java.util.stream.Stream;
import rotagens.server.inspection.Readings;
import rotagens.server.web.ProblemException;

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
    static final ArchRule STORES_ALONE_KNOW_TABLES = noClasses()
            .that()
            .resideOutsideOfPackage("rotagens.server.storage..")
            .and(DescribedPredicate.describe("are not part of a store", (JavaClass one) -> !isStore(one)))
            .should()
            .dependOnClassesThat()
            .resideInAPackage("rotagens.server.storage.generated..")
            .because("a table is read and written in one place, by name; what it means is told from there");

    private static boolean isStore(JavaClass one) {
        return one.getEnclosingClass()
                .map(LayersTest::isStore)
                .orElseGet(() -> one.getSimpleName().endsWith("Store"));
    }

    @ArchTest
    static final ArchRule NO_ROW_LEAVES_A_STORE = methods()
            .that()
            .areDeclaredInClassesThat()
            .haveSimpleNameEndingWith("Store")
            .and()
            .areNotPrivate()
            .should(new ArchCondition<>("show a row of a table to no class but a store") {
                @Override
                public void check(JavaMethod method, ConditionEvents events) {
                    boolean hasRow = Stream.concat(
                                    method.getReturnType().getAllInvolvedRawTypes().stream(),
                                    method.getParameterTypes().stream()
                                            .flatMap(type -> type.getAllInvolvedRawTypes().stream()))
                            .anyMatch(type -> type.getPackageName().startsWith(GENERATED));
                    if (hasRow) {
                        method.getCallsOfSelf().stream()
                                .filter(call -> !isStore(call.getOriginOwner()))
                                .forEach(call ->
                                        events.add(SimpleConditionEvent.violated(method, call.getDescription())));
                    }
                }
            })
            .because("a row of a table is its owner's; others get what it means");

    private static final String GENERATED = "rotagens.server.storage.generated";

    @ArchTest
    static final ArchRule RECORDS_ANSWER_NO_REQUEST = noClasses()
            .that()
            .areRecords()
            .should()
            .dependOnClassesThat()
            .areAssignableTo(ProblemException.class)
            .because("what is refused, and in which words, is said where a request is answered");
}
