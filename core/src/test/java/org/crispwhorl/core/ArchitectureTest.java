package org.crispwhorl.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.testng.annotations.Test;

public class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("org.crispwhorl.core");

    @Test
    public void theCoreRestsOnPlainJavaPlaneGeometryAndTheSolverAlone() {
        classes()
                .that()
                .resideInAPackage("org.crispwhorl.core..")
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "java..",
                        "javax.annotation.processing..",
                        "org.crispwhorl.core..",
                        "org.locationtech.jts..",
                        "com.google.ortools..")
                .check(CORE);
    }

    @Test
    public void theSolverIsAskedInOnePlaceAndByWhoHasAPlainerWay() {
        noClasses()
                .that()
                .resideOutsideOfPackages("..solver..", "..wire..", "..drawer..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("com.google.ortools..")
                .check(CORE);
    }

    @Test
    public void physicalModelsKnowNothingOfFindingsOrOrders() {
        classes()
                .that()
                .resideInAnyPackage(
                        "..outline..", "..thinning..", "..wire..", "..solid..", "..form..", "..drawing..", "..drying..")
                .should()
                .onlyDependOnClassesThat()
                .resideOutsideOfPackages("..finding..", "..order..", "..reckoning..")
                .check(CORE);
    }

    @Test
    public void packagesDependOneWay() {
        slices().matching("org.crispwhorl.core.(*)..").should().beFreeOfCycles().check(CORE);
    }
}
