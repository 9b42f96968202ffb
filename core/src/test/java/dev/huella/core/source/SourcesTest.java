package dev.huella.core.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import dev.huella.core.project.Project;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SourcesTest {
    @TempDir
    Path folder;

    private Project read(Path... paths) throws SourceException {
        return Project.read(List.of(paths), SourceFilter.ALL, Work.QUIET);
    }

    private Path zip(String... names) throws IOException {
        Path zip = folder.resolve("code.zip");
        try (OutputStream out = Files.newOutputStream(zip); var archive = new ZipOutputStream(out)) {
            for (String name : names) {
                archive.putNextEntry(new ZipEntry(name));
                archive.write("class A {}".getBytes(StandardCharsets.UTF_8));
                archive.closeEntry();
            }
        }
        return zip;
    }

    @Test
    void aMissingPathIsASentence() {
        assertThatThrownBy(() -> read(folder.resolve("nowhere"))).isInstanceOf(SourceException.class)
                .hasMessageContaining("There is no")
                .hasMessageContaining("Name a folder");
    }

    @Test
    void anEmptyFolderIsASentence() {
        assertThatThrownBy(() -> read(folder)).isInstanceOf(SourceException.class)
                .hasMessageContaining("Nothing to read in");
    }

    @Test
    void aBinaryIsLeftOutAndTold() throws Exception {
        Files.write(folder.resolve("Bad.java"), new byte[]{(byte) 0xCA, (byte) 0xFE, 0, 0, 1});
        Files.writeString(folder.resolve("Good.java"), "class Good {}");
        Project project = read(folder);
        assertThat(project.model().types()).hasSize(1);
        assertThat(project.model().files().getFirst().problems().getFirst().message()).contains("zero bytes");
    }

    @Test
    void latin1IsRecognised() throws Exception {
        Files.write(folder.resolve("Port.java"), "class Muñoz { /* é */ }".getBytes(StandardCharsets.ISO_8859_1));
        assertThat(read(folder).model().types().getFirst().name()).isEqualTo("Muñoz");
    }

    @Test
    void scriptsInBinAreReadAndWhatABuildWroteThereIsNot() throws Exception {
        Files.createDirectories(folder.resolve("bin/Debug"));
        Files.createDirectories(folder.resolve("build"));
        Files.writeString(folder.resolve("bin/moor.rb"), "class Mooring\nend\n");
        Files.writeString(folder.resolve("build/bundle.js"), "class Bundle {}");
        Project project = read(folder);
        assertThat(project.model().types()).extracting(type -> type.name())
                .contains("Mooring")
                .doesNotContain("Bundle");
        assertThat(project.sources().leftOut()).singleElement()
                .satisfies(left -> assertThat(left.reason()).contains("builds write into"));
    }

    @Test
    void aHugeFileIsLeftOutWithTheReason() throws Exception {
        Files.writeString(folder.resolve("A.java"), "class A {}");
        Files.writeString(folder.resolve("Huge.java"), "class Huge { String s = \"" + "x".repeat(20 << 20) + "\"; }");
        Project project = read(folder);
        assertThat(project.sources().leftOut()).singleElement()
                .satisfies(left -> assertThat(left.reason()).contains("20 MB is more than the 8 MB"));
    }

    @Test
    void namesThatLeaveTheArchiveAreRefusedAndTheRestIsRead() throws Exception {
        Project project = read(zip("src/A.java", "../evil/B.java"));
        assertThat(project.model().types()).hasSize(1);
        assertThat(project.sources().problems()).singleElement()
                .satisfies(problem -> assertThat(problem.message()).contains("points outside the archive"));
    }

    @Test
    void aCutOffArchiveIsASentence() throws Exception {
        Path zip = zip("src/A.java");
        byte[] bytes = Files.readAllBytes(zip);
        Files.write(zip, java.util.Arrays.copyOf(bytes, bytes.length / 2));
        assertThatThrownBy(() -> read(zip)).isInstanceOf(SourceException.class).hasMessageContaining("cut off");
    }

    @Test
    void globsIncludeAndExclude() throws Exception {
        Files.createDirectories(folder.resolve("dues/old"));
        Files.writeString(folder.resolve("dues/A.java"), "class A {}");
        Files.writeString(folder.resolve("dues/old/B.java"), "class B {}");
        Files.writeString(folder.resolve("C.java"), "class C {}");
        var filter = new SourceFilter(List.of("dues/**"), List.of("**/old/**"));
        SourceSet set = Sources.open(List.of(folder), filter, file -> true);
        assertThat(set.files()).extracting(SourceFile::path).containsExactly("dues/A.java");
        assertThatThrownBy(() -> new SourceFilter(List.of("dues/{a"), List.of()))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("dues/{a");
    }

    @Test
    void aFileThatVanishesCostsOnlyItself() throws Exception {
        SourceFile.Content content = mock(SourceFile.Content.class);
        when(content.bytes()).thenThrow(new IOException("gone"));
        var facts = Project.facts(List.of(new SourceFile("Gone.java", 10, content)),
                dev.huella.core.reading.LanguageReaders.installed(), Work.QUIET);
        assertThat(facts.getFirst().problems().getFirst().message()).contains("could not be read (gone)");
    }
}
