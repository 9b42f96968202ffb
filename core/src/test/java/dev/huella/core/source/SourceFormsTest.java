package dev.huella.core.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.huella.core.model.CodeType;
import dev.huella.core.project.Project;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.zip.GZIPOutputStream;
import org.apache.commons.compress.archivers.tar.TarArchiveEntry;
import org.apache.commons.compress.archivers.tar.TarArchiveOutputStream;
import org.eclipse.jgit.api.Git;
import org.eclipse.jgit.revwalk.RevCommit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The forms in which code arrives, and the rules for what of it is left out. */
class SourceFormsTest {
    @TempDir
    Path folder;

    private static List<String> types(Project project) {
        return project.model().types().stream().map(CodeType::name).toList();
    }

    private static Project read(String source, SourceFilter filter) throws SourceException {
        return Project.read(List.of(Path.of(source)), filter, Work.QUIET);
    }

    private Path write(String path, String text) throws Exception {
        Path file = folder.resolve(path);
        Files.createDirectories(file.getParent());
        return Files.writeString(file, text);
    }

    private Path tar(String name, String... entries) throws Exception {
        Path file = folder.resolve(name);
        try (OutputStream raw = Files.newOutputStream(file);
                OutputStream out = name.endsWith("gz") ? new GZIPOutputStream(raw) : raw;
                var tar = new TarArchiveOutputStream(out)) {
            for (String entry : entries) {
                byte[] text = "class Buoy {}".getBytes(StandardCharsets.UTF_8);
                var head = new TarArchiveEntry(entry, true);
                head.setSize(text.length);
                tar.putArchiveEntry(head);
                tar.write(text);
                tar.closeArchiveEntry();
            }
        }
        return file;
    }

    @ParameterizedTest
    @CsvSource({"code.tar", "code.tar.gz", "code.tgz"})
    void tapesAreRead(String name) throws Exception {
        Project project = read(tar(name, "a/Buoy.java", "a/notes.txt").toString(), SourceFilter.ALL);
        assertThat(types(project)).containsExactly("Buoy");
        assertThat(project.text("a/Buoy.java").utf8()).hasSize(13);
    }

    @Test
    void aNameThatLeavesTheTapeIsRefused() throws Exception {
        Project project = read(tar("bad.tar", "../out/Evil.java", "in/Good.java").toString(), SourceFilter.ALL);
        assertThat(types(project)).containsExactly("Buoy");
        assertThat(project.sources().problems().getFirst().message()).contains("outside the archive");
    }

    @Test
    void aRevisionIsReadWithoutCheckingItOut() throws Exception {
        try (Git git = Git.init().setDirectory(folder.toFile()).call()) {
            write("port/Quay.kt", "class Quay");
            git.add().addFilepattern(".").call();
            RevCommit first = git.commit()
                    .setMessage("quay")
                    .setAuthor("a", "a@aldera")
                    .setCommitter("a", "a@aldera")
                    .setSign(false)
                    .call();
            git.tag().setName("v1").setAnnotated(false).setObjectId(first).call();
            write("port/Quay.kt", "class Mole");
            assertThat(types(read(folder + "@v1", SourceFilter.ALL))).containsExactly("Quay");
            assertThat(types(read(folder.resolve("port") + "@" + first.name(), SourceFilter.ALL)))
                    .containsExactly("Quay");
            assertThat(types(read(folder.toString(), SourceFilter.ALL))).containsExactly("Mole");
            assertThatThrownBy(() -> read(folder + "@nowhere", SourceFilter.ALL))
                    .isInstanceOf(SourceException.class)
                    .hasMessageContaining("no branch, tag or commit \"nowhere\"");
        }
    }

    @Test
    void aFolderWithoutRepositoryHasNoRevision() throws Exception {
        write("a/A.java", "class A {}");
        assertThatThrownBy(() -> read(folder.resolve("a") + "@main", SourceFilter.ALL))
                .isInstanceOf(SourceException.class)
                .hasMessageContaining("not in a git repository");
    }

    @Test
    void whatGitIgnoresIsLeftOut() throws Exception {
        write(".gitignore", "drafts/\n*.gen.py\n!keep.gen.py\n");
        write("drafts/old.py", "class Old: pass");
        write("a.gen.py", "class Made: pass");
        write("keep.gen.py", "class Kept: pass");
        write("real.py", "class Real: pass");
        assertThat(types(read(folder.toString(), SourceFilter.ALL))).containsExactlyInAnyOrder("Kept", "Real");
        var all = new SourceFilter(List.of(), List.of(), Set.of(LeaveOut.IGNORED));
        assertThat(types(read(folder.toString(), all))).contains("Old", "Made");
    }

    @ParameterizedTest
    @CsvSource({"VENDORED, vendor/lib/Other.php, <?php class Other {}",
            "TESTS, tests/tide.py, class Other: pass", "TESTS, spec/tide_spec.rb, class Other; end",
            "VENDORED, external/tide.cpp, class Other {};",
            "TESTS, TideTest.java, import org.junit.Test; class Other {}",
            "GENERATED, a.cs, // <auto-generated/> class Other {}", "MINIFIED, lib.min.js, class Other {}",
            "GENERATED, api_pb2.py, class Other: pass",
            "GENERATED, a.js, class Other {}/> //# sourceMappingURL=a.js.map",
            "GENERATED, dist/types/a.d.ts, export declare class Other {}/> //# sourceMappingURL=a.d.ts.map",
            "GENERATED, b.js, function _is(o) { '@babel/helpers - is'; return o; } class Other {}"})
    void rulesLeaveOutAndCanBeSwitchedOff(LeaveOut rule, String path, String text) throws Exception {
        write(path, text.replace("/> ", "/>\n").replace('\'', '"'));
        write("Own.java", "class Own {}");
        Project project = read(folder.toString(), SourceFilter.ALL);
        assertThat(types(project)).containsExactly("Own");
        assertThat(project.sources().leftOut()).singleElement()
                .satisfies(left -> assertThat(left.path() + left.reason()).isEqualTo(path + rule.reason()));
        var taken = new SourceFilter(List.of(), List.of(), Set.of(rule));
        assertThat(types(read(folder.toString(), taken))).contains("Other");
    }

    @Test
    void typingsThatStandBesideAScriptAreTaken() throws Exception {
        write("tide.js", "export class Tide { rise() {} }");
        write("tide.d.ts", "export declare class Tide { rise(): number; }\n//# sourceMappingURL=tide.d.ts.map");
        Project project = read(folder.toString(), SourceFilter.ALL);
        assertThat(project.sources().leftOut()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"'<?xml version=\"1.0\"?><TS language=\"oc\"/>', false", "'\uFEFF<!DOCTYPE TS><TS/>', false",
            "'class Tide {}', true", "'<T>(tide: T) => tide; class Tide {}', true"})
    void aTranslationThatEndsLikeASourceIsNone(String text, boolean code) throws Exception {
        write("tide.ts", text);
        write("Own.java", "class Own {}");
        Project project = read(folder.toString(), SourceFilter.ALL);
        assertThat(types(project).contains("Tide")).isEqualTo(code);
        assertThat(project.sources().leftOut()).hasSize(code ? 0 : 1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"# Generated by a tide table", "# @generated", "# This file was automatically generated.",
            "# generated from tides.txt", "# Tides\n# Auto-generated code",
            "# Code generated by tidegen. DO NOT EDIT."})
    void aFileSaysThatAProgramWroteIt(String comment) throws Exception {
        write("tide.py", comment + "\nclass Tide: pass");
        write("own.py", "class Own: pass");
        assertThat(types(read(folder.toString(), SourceFilter.ALL))).containsExactly("Own");
    }

    @ParameterizedTest
    @ValueSource(strings = {"\"\"\"The tides generated by the moon\"\"\"", "# What reads the auto-generated keys",
            "# Waves come from wind, or are\n# generated by ships", "# Checks code generated by a tide table",
            "# Ours\n\nimport generated # do not edit"})
    void whatTellsOfThingsGeneratedWasWrittenByHand(String comment) throws Exception {
        write("tide.py", comment + "\nclass Tide: pass");
        assertThat(types(read(folder.toString(), SourceFilter.ALL))).containsExactly("Tide");
    }

    @ParameterizedTest
    @CsvSource({"aldera/vendor/Chandler.java", "aldera/external/Ferry.kt", "Aldera/Spec/Hull.cs",
            "aldera/spec/Hull.java"})
    void aPackageMayBeAboutVendorsAndSpecifications(String path) throws Exception {
        write(path, "class Own {}");
        assertThat(types(read(folder.toString(), SourceFilter.ALL))).containsExactly("Own");
    }

    @Test
    void aStubBesideItsSourceIsLeftOut() throws Exception {
        write("tide.py", "class Tide: pass");
        write("tide.pyi", "class Tide: ...");
        write("moon.pyi", "class Moon: ...");
        Project project = read(folder.toString(), SourceFilter.ALL);
        assertThat(types(project)).containsExactlyInAnyOrder("Tide", "Moon");
        assertThat(project.sources().leftOut()).extracting(SourceSet.LeftOut::path).containsExactly("tide.pyi");
    }

    @Test
    void aTestOfBloodIsNoTestCode() throws Exception {
        write("BloodTest.java", "class BloodTest { int drops; }");
        assertThat(types(read(folder.toString(), SourceFilter.ALL))).containsExactly("BloodTest");
    }

    @Test
    void whenNothingIsLeftTheReasonIsTold() throws Exception {
        write("a.py", "# Generated by a program\nclass A: pass");
        assertThatThrownBy(() -> read(folder.toString(), SourceFilter.ALL)).isInstanceOf(SourceException.class)
                .hasMessageContaining("written by a program")
                .hasMessageContaining("--take");
    }

    @Test
    void aHeaderOfAnotherLanguageHoldsNoTypes() throws Exception {
        write("a.h", "@interface Foo\n@end\n");
        write("b.h", "struct Bar { int x; };");
        assertThat(types(read(folder.toString(), SourceFilter.ALL))).containsExactly("Bar");
    }
}
