package dev.huella.bench;

import com.sun.management.GarbageCollectionNotificationInfo;
import dev.huella.core.conformance.Findings;
import dev.huella.core.facts.FileFacts;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Catalogue;
import dev.huella.core.project.Project;
import dev.huella.core.reading.LanguageReaders;
import dev.huella.core.reading.NativeLibraries;
import dev.huella.core.resolve.ModelResolver;
import dev.huella.core.source.SourceFile;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.SourceSet;
import dev.huella.core.source.Sources;
import dev.huella.core.source.Work;
import java.io.IOException;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.lang.management.GarbageCollectorMXBean;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Collectors;
import javax.management.NotificationEmitter;
import javax.management.openmbean.CompositeData;

/**
 * Measures one whole run, each step in seconds, and prints the ratios that the architecture page limits. Everything
 * happens in one process on the same files, so that the ratios hold whatever the machine does. One round warms up.
 */
public final class WholeRun {
    private final PrintStream out = new PrintStream(new java.io.FileOutputStream(java.io.FileDescriptor.out), true);
    private final LanguageReaders readers = LanguageReaders.installed();

    private final AtomicLong peak = new AtomicLong();
    private final Set<String> heap = ManagementFactory.getMemoryPoolMXBeans()
            .stream()
            .filter(pool -> pool.getType() == MemoryType.HEAP)
            .map(MemoryPoolMXBean::getName)
            .collect(Collectors.toSet());

    private WholeRun() {}

    /** Arguments: the source, and how many rounds to count (2 unless given). */
    public static void main(String[] arguments) throws Exception {
        int rounds = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 2;
        new WholeRun().run(Path.of(arguments[0]), rounds);
    }

    private void run(Path source, int rounds) throws Exception {
        SourceSet set = Sources.open(List.of(source), new SourceFilter(List.of(), List.of()),
                file -> readers.forExtension(file.extension()) != null);
        out.printf("%s: %,d files; parser libraries %s; %d processors%n", source, set.files().size(),
                NativeLibraries.origins(), Runtime.getRuntime().availableProcessors());
        watchHeap();
        for (int round = 0; round <= rounds; round++) {
            out.printf("%n%s%n", round == 0 ? "warming up" : "round " + round);
            round(set, source);
        }
    }

    private void round(SourceSet set, Path source) throws Exception {
        List<SourceFile> files = inMemory(set.files());
        double bare = seconds(() -> files.parallelStream().forEach(this::parse));
        List<FileFacts>[] facts = holder();
        double reading = seconds(() -> facts[0] = Project.facts(files, readers, Work.QUIET));
        Model[] model = new Model[1];
        double resolving = seconds(() -> model[0] = ModelResolver.resolve(facts[0], Work.QUIET));
        facts[0] = null;
        long lines = model[0].files().stream().mapToLong(Model.FileRead::lines).sum();
        long problems = model[0].files().stream().filter(file -> !file.problems().isEmpty()).count();
        int taken = model[0].files().size();
        out.printf("lines %,d, types %,d, relations %,d, files with problems %d (%.1f of a thousand)%n", lines,
                model[0].types().size(), model[0].relations().size(), problems, problems * 1000.0 / taken);
        long held = used();
        model[0] = null;
        Project project = Project.read(List.of(source), SourceFilter.ALL, Work.QUIET);
        Findings[] found = new Findings[1];
        double matching = seconds(() -> found[0] = project.find(Catalogue.shipped(), definition -> true, Work.QUIET));
        out.printf("bare parse %.2f s, reading %.2f s, resolving %.2f s, matching %.2f s (%d finds)%n", bare, reading,
                resolving, matching, found[0].all().size());
        out.printf("read and resolved: %,.0f files a second, %,.0f lines a second%n", taken / (reading + resolving),
                lines / (reading + resolving));
        ratio("reading and resolving / bare parse", (reading + resolving) / bare, 1.3);
        ratio("matching / reading and resolving", matching / (reading + resolving), 0.1);
        out.printf("heap after collection with the model held: %,d MB; peak heap so far %,d MB (limit 1,024)%n",
                held >> 20,
                peak.get() >> 20);
    }

    private void ratio(String what, double value, double limit) {
        out.printf(Locale.ROOT, "%-36s %.2f (limit %.2f)%s%n", what, value, limit, value > limit ? "  over" : "");
    }

    @SuppressWarnings("unchecked")
    private static List<FileFacts>[] holder() {
        return (List<FileFacts>[]) new List<?>[1];
    }

    /** The bytes are fetched once, so that no step pays for the disk. */
    private static List<SourceFile> inMemory(List<SourceFile> files) throws IOException {
        var loaded = new java.util.ArrayList<SourceFile>();
        for (SourceFile file : files) {
            byte[] bytes = file.content().bytes();
            loaded.add(new SourceFile(file.path(), bytes.length, () -> bytes));
        }
        return loaded;
    }

    private void parse(SourceFile file) {
        try {
            readers.forExtension(file.extension()).parseOnly(file.content().bytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static double seconds(Runnable step) {
        long start = System.nanoTime();
        step.run();
        return (System.nanoTime() - start) / 1e9;
    }

    private static long used() {
        System.gc();
        return Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
    }

    /** Counts what the whole heap held whenever a collection began, which is when it is fullest. */
    private void watchHeap() {
        for (GarbageCollectorMXBean collector : ManagementFactory.getGarbageCollectorMXBeans()) {
            ((NotificationEmitter) collector).addNotificationListener((notification, nothing) -> {
                var info = GarbageCollectionNotificationInfo.from((CompositeData) notification.getUserData());
                long before = info.getGcInfo()
                        .getMemoryUsageBeforeGc()
                        .entrySet()
                        .stream()
                        .filter(pool -> heap.contains(pool.getKey()))
                        .mapToLong(pool -> pool.getValue().getUsed())
                        .sum();
                peak.accumulateAndGet(before, Math::max);
            }, notification -> notification.getType()
                    .equals(GarbageCollectionNotificationInfo.GARBAGE_COLLECTION_NOTIFICATION), null);
        }
    }
}
