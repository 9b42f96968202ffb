package dev.huella.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.exchange.packed.FactsReader;
import dev.huella.core.exchange.packed.FactsWriter;
import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.reading.LanguageReaders;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.SourceSpan;
import dev.huella.core.source.Work;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class RunCacheTest {
    private static final byte[] TEXT = "class Buoy { Runnable r = () -> {}; }".getBytes();
    @TempDir
    Path folder;

    static Stream<Path> sources() throws IOException {
        List<Path> all;
        try (Stream<Path> demo = Files.walk(Path.of("../demo/src/main/resources/port-aldera"));
                Stream<Path> cases = Files.walk(Path.of("src/test/resources/cases"))) {
            all = Stream.concat(demo, cases).filter(Files::isRegularFile).sorted().toList();
        }
        return all.stream().filter(path -> reader(path) != null);
    }

    private static dev.huella.core.reading.LanguageReader reader(Path path) {
        String name = path.getFileName().toString();
        return LanguageReaders.installed().forExtension(name.substring(name.lastIndexOf('.') + 1));
    }

    private static FileFacts read(byte[] text) {
        return LanguageReaders.installed().forExtension("java").read("Buoy.java", text);
    }

    private static FileFacts facts(RunCache cache, String path, byte[] text, Supplier<FileFacts> reading) {
        return cache.facts(path, cache.key(path, text), reading);
    }

    @ParameterizedTest
    @MethodSource("sources")
    void whatComesOutEqualsWhatWentIn(Path source) {
        try {
            FileFacts facts = reader(source).read(source.toString(), Files.readAllBytes(source));
            assertThat(FactsReader.facts(FactsWriter.bytes(facts), source.toString())).isEqualTo(facts);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void anUnchangedFileIsNotReadAgain() {
        var readings = new AtomicInteger();
        for (int run = 0; run < 3; run++) {
            try (RunCache cache = RunCache.open(folder.resolve("runs.mv"))) {
                FileFacts facts = facts(cache, "Buoy.java", TEXT, () -> {
                    readings.incrementAndGet();
                    return read(TEXT);
                });
                assertThat(facts).isEqualTo(read(TEXT));
            }
        }
        assertThat(readings).hasValue(1);
    }

    @Test
    void aChangedFileAndAnotherPathAreReadAgain() {
        var readings = new AtomicInteger();
        try (RunCache cache = RunCache.open(folder.resolve("runs.mv"))) {
            for (String path : List.of("a/Buoy.java", "b/Buoy.java", "a/Buoy.java")) {
                facts(cache, path, TEXT, () -> {
                    readings.incrementAndGet();
                    return read(TEXT);
                });
            }
            facts(cache, "a/Buoy.java", "class Buoy {}".getBytes(), () -> {
                readings.incrementAndGet();
                return read("class Buoy {}".getBytes());
            });
        }
        assertThat(readings).hasValue(3);
    }

    @Test
    void aDamagedFileIsBegunAnew() throws Exception {
        Path file = Files.writeString(folder.resolve("runs.mv"), "no store at all, but a text that stands here");
        try (RunCache cache = RunCache.open(file)) {
            assertThat(facts(cache, "Buoy.java", TEXT, () -> read(TEXT)).types()).hasSize(1);
        }
        try (RunCache cache = RunCache.open(file)) {
            assertThat(facts(cache, "Buoy.java", TEXT, () -> {
                throw new AssertionError("it was kept");
            }).types()).hasSize(1);
        }
    }

    @Test
    void factsThatAreNestedTooDeeplyToBeKeptAreReadEachTime() {
        FileFacts plain = read(TEXT);
        SourceSpan place = new SourceSpan("Buoy.java", 1, 1, 1, 2);
        Value deep = new Value.Super(place);
        for (int i = 0; i < 200_000; i++) {
            deep = new Value.Computed("+", List.of(deep), place);
        }
        var field = new FieldDeclared("chain", null, Modifiers.NONE, FieldDeclared.Kind.FIELD, deep, List.of(), place);
        TypeDeclared buoy = plain.types().getFirst();
        FileFacts nested = new FileFacts("Buoy.java", "java", "", List.of(), List.of(),
                List.of(new TypeDeclared(buoy.name(), false, buoy.kind(), buoy.modifiers(), List.of(), List.of(),
                        List.of(),
                        List.of(field), List.of(), List.of(), place, List.of(), buoy.standing(), null, List.of())),
                List.of(), 1);
        try (RunCache cache = RunCache.open(folder.resolve("runs.mv"))) {
            assertThat(facts(cache, "Buoy.java", TEXT, () -> nested)).isSameAs(nested);
            assertThat(facts(cache, "Buoy.java", TEXT, () -> nested)).isSameAs(nested);
        }
    }

    @Test
    void aSecondProcessReadsWithoutIt() {
        Path file = folder.resolve("runs.mv");
        try (RunCache first = RunCache.open(file); RunCache second = RunCache.open(file)) {
            assertThat(second).isSameAs(RunCache.NONE);
            assertThat(facts(second, "Buoy.java", TEXT, () -> read(TEXT)).types()).hasSize(1);
            assertThat(facts(first, "Buoy.java", TEXT, () -> read(TEXT)).types()).hasSize(1);
        }
    }

    @Test
    void aFolderInItsPlaceIsNoHarm() throws Exception {
        Path inTheWay = Files.createDirectories(folder.resolve("runs.mv/inside"));
        try (RunCache cache = RunCache.open(inTheWay.getParent())) {
            assertThat(facts(cache, "Buoy.java", TEXT, () -> read(TEXT)).types()).hasSize(1);
        }
    }

    @Test
    void aModelFromKeptFactsIsTheSame() throws Exception {
        Path demo = Path.of("../demo/src/main/resources/port-aldera");
        Path file = folder.resolve("runs.mv");
        String first = null;
        for (int run = 0; run < 2; run++) {
            try (RunCache cache = RunCache.open(file)) {
                var model = Project.read(List.of(demo), SourceFilter.ALL, cache, Work.QUIET).model();
                String text = model.types().stream().map(CodeType::toString).toList() + model.relations().toString();
                assertThat(first == null || first.equals(text)).isTrue();
                first = text;
            }
        }
    }
}
