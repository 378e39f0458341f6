package org.crispwhorl.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.testng.annotations.Test;

public class ArchitectureTest {
    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("org.crispwhorl");

    @Test
    public void dependenciesRunFromServerToFilesToCore() {
        noClasses()
                .that()
                .resideInAPackage("..core..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("..files..", "..server..")
                .check(ALL);
        noClasses()
                .that()
                .resideInAPackage("..files..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("..server..")
                .check(ALL);
    }

    @Test
    public void filesKnowNoWebAndNoDatabase() {
        noClasses()
                .that()
                .resideInAPackage("..files..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.springframework..", "jakarta..", "org.hibernate..")
                .check(ALL);
    }

    @Test
    public void theServersRoomsDoNotLeanOnEachOtherInCircles() {
        slices().matching("org.crispwhorl.server.(*)..")
                .should()
                .beFreeOfCycles()
                .check(ALL);
    }

    @Test
    public void formatsDoNotLeanOnEachOtherInCircles() {
        slices().matching("org.crispwhorl.files.(*)..")
                .should()
                .beFreeOfCycles()
                .check(ALL);
    }

    @Test
    public void nobodyIsCalledManagerOrHelper() {
        noClasses().should().haveNameMatching(".*(Manager|Helper|Utils|Impl)$").check(ALL);
    }
}
