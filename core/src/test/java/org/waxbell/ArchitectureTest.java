package org.waxbell;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** Holds the arrows of the architecture inside core. */
@AnalyzeClasses(packages = "org.waxbell", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule CORE_KNOWS_ONLY_ITSELF = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "org.waxbell..",
                    "java.lang..",
                    "java.util..",
                    "java.time..",
                    "java.security..",
                    "java.nio.charset..",
                    "com.ibm.icu..",
                    "org.ahocorasick..",
                    "com.google.re2j..",
                    "dev.cel..",
                    "com.carrotsearch.hppc..",
                    "org.apache.lucene..",
                    // What Lucene declares to throw, though an index in memory never does.
                    "java.io..",
                    "org.jspecify..");

    @ArchTest
    static final ArchRule NO_THREADS_OR_RANDOM = noClasses()
            .should()
            .dependOnClassesThat()
            .haveNameMatching(
                    "java\\.lang\\.Thread|java\\.util\\.Random|java\\.util\\.concurrent\\..*|java\\.security\\.SecureRandom");

    @ArchTest
    static final ArchRule NO_WALL_CLOCK = noClasses()
            .should()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(System.class, "nanoTime")
            .orShould()
            .callMethod(java.time.Instant.class, "now");

    @ArchTest
    static final ArchRule NO_CIRCLES =
            slices().matching("org.waxbell.(*)..").should().beFreeOfCycles();
}
