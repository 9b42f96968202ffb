package dev.huella.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.conformance.Findings;
import dev.huella.core.exchange.json.FindsWriter;
import dev.huella.core.molde.Catalogue;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.Work;
import java.io.IOException;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import org.h2.mvstore.MVMap;
import org.h2.mvstore.MVStore;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Finds are kept with the facts; only what was asked before, of code that has not changed since, is not searched again. */
class KeptFindsTest {
    private static final String OFFICE = """
            package aldera;
            class Office {
                private static Office office;
                private Office() {}
                static Office get() {
                    if (office == null) {
                        office = new Office();
                    }
                    return office;
                }
            }
            """;
    @TempDir
    Path folder;
    private Path source;
    private Path store;
    private final AtomicInteger searched = new AtomicInteger();

    @BeforeEach
    void write() throws IOException {
        source = Files.createDirectories(folder.resolve("source"));
        store = folder.resolve("runs.mv");
        Files.writeString(source.resolve("Office.java"), OFFICE);
    }

    /** Counts searches; stops them where told to. */
    private final class Counting implements Work {
        private final BooleanSupplier stop;

        private Counting(BooleanSupplier stop) {
            this.stop = stop;
        }

        @Override
        public void progress(Stage stage, long done, long known) {
            if (stage == Stage.MATCHING) {
                searched.incrementAndGet();
            }
        }

        @Override
        public boolean stopped() {
            return stop.getAsBoolean();
        }
    }

    private Project read(Path path) throws Exception {
        try (RunCache cache = RunCache.open(store)) {
            return Project.read(List.of(path), SourceFilter.ALL, cache, Work.QUIET);
        }
    }

    private Findings find(Path path, String pattern, Catalogue catalogue) throws Exception {
        searched.set(0);
        return read(path).find(catalogue, definition -> pattern.isEmpty() || definition.id().equals(pattern),
                () -> RunCache.open(store), new Counting(() -> false));
    }

    private Findings find() throws Exception {
        return find(source, "singleton", Catalogue.shipped());
    }

    private static String json(Findings findings) throws IOException {
        var text = new StringWriter();
        FindsWriter.write("huella-finds/1", findings.all(), findings.nearMisses(), findings.opportunities(), text);
        return text + findings.remarks().toString();
    }

    @Test
    void allOfTheDemoComesBackAsItWasFound() throws Exception {
        Path demo = Path.of("../demo/src/main/resources/port-aldera");
        String first = json(find(demo, "", Catalogue.shipped()));
        assertThat(searched).hasPositiveValue();
        Findings kept = find(demo, "", Catalogue.shipped());
        assertThat(searched).hasValue(0);
        assertThat(json(kept)).isEqualTo(first);
        assertThat(kept.all()).isNotEmpty();
        assertThat(kept.nearMisses()).isNotEmpty();
        assertThat(kept.opportunities()).isNotEmpty();
    }

    @Test
    void changedCodeIsSearchedAgainAndTakesThePlaceOfTheOld() throws Exception {
        assertThat(find().all()).hasSize(1);
        Files.writeString(source.resolve("Office.java"), OFFICE.replace("private Office() {}", "Office() {}"));
        find();
        assertThat(searched).hasPositiveValue();
        find();
        assertThat(searched).hasValue(0);
        try (MVStore opened = MVStore.open(store.toString())) {
            assertThat(opened.openMap("finds")).hasSize(1);
        }
    }

    @Test
    void anotherPatternIsAnotherQuestion() throws Exception {
        find();
        assertThat(find(source, "builder", Catalogue.shipped()).all()).isEmpty();
        assertThat(searched).hasPositiveValue();
        assertThat(find().all()).hasSize(1);
        assertThat(searched).hasValue(0);
    }

    @Test
    void changedDefinitionsAreSearchedAgain() throws Exception {
        Path own = Files.writeString(folder.resolve("own.molde"), Catalogue.shipped().definition("singleton").text());
        find();
        assertThat(find(source, "singleton", Catalogue.with(List.of(own))).all()).hasSize(1);
        assertThat(searched).hasPositiveValue();
    }

    @Test
    void whatWasStoppedIsNotKept() throws Exception {
        read(source).find(Catalogue.shipped(), definition -> true, () -> RunCache.open(store),
                new Counting(() -> true));
        assertThat(find(source, "", Catalogue.shipped()).all()).hasSize(1);
        assertThat(searched).hasPositiveValue();
    }

    @Test
    void damagedFindsAreFoundAgain() throws Exception {
        find();
        try (MVStore opened = MVStore.open(store.toString())) {
            MVMap<String, byte[]> finds = opened.openMap("finds");
            finds.replaceAll((question, bytes) -> Arrays.copyOf(bytes, bytes.length / 2));
        }
        assertThat(find().all()).hasSize(1);
        assertThat(searched).hasPositiveValue();
        find();
        assertThat(searched).hasValue(0);
    }

    @Test
    void codeReadWhileAnotherProcessHadTheCacheIsSearched() throws Exception {
        find();
        Project project;
        try (RunCache other = RunCache.open(store)) {
            assertThat(other).isNotSameAs(RunCache.NONE);
            project = read(source);
        }
        searched.set(0);
        assertThat(project.find(Catalogue.shipped(), definition -> definition.id().equals("singleton"),
                () -> RunCache.open(store), new Counting(() -> false)).all()).hasSize(1);
        assertThat(searched).hasPositiveValue();
    }
}
