package rotagens.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.Set;

/** Imports point only downward, and the core knows nothing but the JDK. */
@AnalyzeClasses(packages = "rotagens.core", importOptions = ImportOption.DoNotIncludeTests.class)
class LayersTest {

    @ArchTest
    static final ArchRule DOWNWARD = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("planning")
            .definedBy("rotagens.core.planning", "rotagens.core.outlook")
            .layer("doing")
            .definedBy("rotagens.core.jobsheet", "rotagens.core.rotation", "rotagens.core.sensor", "rotagens.core.shop")
            .layer("inspection")
            .definedBy("rotagens.core.inspection")
            .layer("alert")
            .definedBy("rotagens.core.alert")
            .layer("fact")
            .definedBy("rotagens.core.fact")
            .layer("pressure")
            .definedBy("rotagens.core.pressure")
            .layer("weighing")
            .definedBy("rotagens.core.weighing")
            .layer("wear")
            .definedBy("rotagens.core.wear")
            .layer("vehicle")
            .definedBy("rotagens.core.vehicle")
            .layer("tire")
            .definedBy("rotagens.core.tire")
            .layer("policy")
            .definedBy("rotagens.core.policy")
            .layer("measure")
            .definedBy("rotagens.core.measure")
            .whereLayer("planning")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("doing")
            .mayOnlyBeAccessedByLayers("planning")
            .whereLayer("inspection")
            .mayOnlyBeAccessedByLayers("planning", "doing")
            .whereLayer("alert")
            .mayOnlyBeAccessedByLayers("doing", "inspection", "planning")
            .whereLayer("fact")
            .mayOnlyBeAccessedByLayers("doing", "inspection", "planning", "alert")
            .whereLayer("pressure")
            .mayOnlyBeAccessedByLayers("doing", "inspection", "planning", "alert")
            .whereLayer("weighing")
            .mayOnlyBeAccessedByLayers("doing", "inspection", "planning", "pressure")
            .whereLayer("wear")
            .mayOnlyBeAccessedByLayers("doing", "inspection", "planning", "pressure", "alert", "fact")
            .whereLayer("vehicle")
            .mayOnlyBeAccessedByLayers(
                    "doing", "planning", "inspection", "alert", "fact", "pressure", "weighing", "wear")
            .whereLayer("tire")
            .mayOnlyBeAccessedByLayers("doing", "planning", "inspection", "pressure", "weighing", "wear", "vehicle")
            .whereLayer("policy")
            .mayOnlyBeAccessedByLayers(
                    "doing", "planning", "inspection", "pressure", "weighing", "wear", "vehicle", "tire");

    @ArchTest
    static final ArchRule ONE_GUARD = noClasses()
            .that()
            .doNotHaveSimpleName("Guard")
            .should()
            .callMethodWhere(DescribedPredicate.describe(
                    "offering a pressure",
                    call -> call.getTargetOwner().getSimpleName().equals("Candidate")
                            && call.getName().equals("passed")))
            .because("no pressure is offered that the guard hasn't seen");

    @ArchTest
    static final ArchRule ALERTS_COME_FROM_THE_FOLD = noClasses()
            .that()
            .resideOutsideOfPackage("rotagens.core.alert..")
            .should()
            .callMethodWhere(DescribedPredicate.describe(
                    "opening or clearing an alert",
                    call -> call.getTargetOwner().getSimpleName().equals("Alert")
                            && Set.of("opened", "clearedBy").contains(call.getName())
                            && !call.getTarget().getRawParameterTypes().isEmpty()))
            .because("an alert is opened and cleared by the fold of the ledger alone");

    @ArchTest
    static final ArchRule PLAIN_JAVA = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage("rotagens.core..", "java..", "com.ibm.icu..");

    @ArchTest
    static final ArchRule GRAMMAR_IN_ONE_PLACE = noClasses()
            .that()
            .doNotHaveFullyQualifiedName("rotagens.core.measure.Phrase")
            .and()
            .haveNameNotMatching("rotagens.core.measure.Phrase\\$.*")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("com.ibm.icu..")
            .because("a sentence is put together in one place, whoever says it");
}
