package dev.huella.bench;

import dev.huella.core.molde.Catalogue;
import dev.huella.core.project.Project;
import dev.huella.core.reading.LanguageReader;
import dev.huella.core.reading.LanguageReaders;
import dev.huella.core.source.SourceException;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.Work;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * Reads files that were cut, mixed up and changed at random, and looks for everything in them: none may crash,
 * none may take more than two seconds to read. Arguments: a folder with code in several languages, and how many files to make of it in all.
 */
public final class Mutations {
    private static final long SLOW = 2_500_000_000L;
    private static final int GROUP = 20;
    private static final PrintStream OUT = new PrintStream(new FileOutputStream(FileDescriptor.out), true);
    private final Random random = new Random(7);
    private final Map<String, List<byte[]>> texts = new TreeMap<>();
    private final Map<String, String> endings = new TreeMap<>();

    private Mutations() {}

    public static void main(String[] arguments) throws IOException {
        new Mutations().run(Path.of(arguments[0]), Integer.parseInt(arguments[1]));
    }

    private void run(Path folder, int wanted) throws IOException {
        LanguageReaders readers = LanguageReaders.installed();
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : (Iterable<Path>) files.filter(Files::isRegularFile).sorted()::iterator) {
                String name = file.getFileName().toString();
                LanguageReader reader = readers.forExtension(name.substring(name.lastIndexOf('.') + 1));
                if (reader != null) {
                    endings.putIfAbsent(reader.language(), name.substring(name.lastIndexOf('.') + 1));
                    texts.computeIfAbsent(reader.language(), key -> new ArrayList<>()).add(Files.readAllBytes(file));
                }
            }
        }
        int each = wanted / texts.size();
        int failed = 0;
        for (LanguageReader reader : readers.all()) {
            failed += texts.containsKey(reader.language()) ? run(reader, each) : 0;
        }
        report("%d files made of %d languages, %d failed".formatted(each * texts.size(), texts.size(), failed));
        if (failed > 0) {
            throw new IllegalStateException(failed + " files failed");
        }
    }

    private int run(LanguageReader reader, int each) throws IOException {
        int failed = 0;
        long slowest = 0;
        for (int i = 0; i < each; i += GROUP) {
            Path folder = Files.createTempDirectory("mutated");
            for (int j = 0; j < GROUP; j++) {
                String name = "f%d.%s".formatted(j, endings.get(reader.language()));
                byte[] text = mutated(texts.get(reader.language()));
                long from = System.nanoTime();
                failed += guarded(reader, text, () -> reader.read(name, text));
                slowest = Math.max(slowest, System.nanoTime() - from);
                Files.write(folder.resolve(name), text);
            }
            failed += guarded(reader, new byte[0], () -> find(folder));
            try (Stream<Path> all = Files.walk(folder)) {
                all.sorted(Comparator.reverseOrder()).forEach(path -> path.toFile().delete());
            }
        }
        failed += slowest > SLOW ? 1 : 0;
        report("%-12s %6d files, slowest %4d ms, %d failed".formatted(reader.language(), each, slowest / 1_000_000,
                failed));
        return failed;
    }

    /** Everything that is found, owed and missed in the files together. */
    private static void find(Path folder) {
        try {
            Project.read(List.of(folder), SourceFilter.ALL, Work.QUIET)
                    .find(Catalogue.shipped(), definition -> true, Work.QUIET);
        } catch (SourceException e) {
            throw new IllegalStateException(e);
        }
    }

    private static int guarded(LanguageReader reader, byte[] text, Runnable what) {
        try {
            what.run();
            return 0;
        } catch (RuntimeException | StackOverflowError e) {
            StackTraceElement at = e.getStackTrace().length == 0 ? null : e.getStackTrace()[0];
            report("%s: %s at %s in%n%s".formatted(reader.language(), e, at, new String(text, StandardCharsets.UTF_8)
                    .lines()
                    .limit(3)
                    .toList()));
            return 1;
        }
    }

    private byte[] mutated(List<byte[]> all) {
        byte[] text = all.get(random.nextInt(all.size())).clone();
        for (int changes = 1 + random.nextInt(4); changes > 0 && text.length > 10; changes--) {
            int at = random.nextInt(text.length);
            int length = Math.min(text.length - at, 1 + random.nextInt(60));
            text = switch (random.nextInt(5)) {
                case 0 -> joined(text, 0, at, text, at + length, text.length); // a stretch is gone
                case 1 -> joined(text, 0, at, text, at, at); // the end is gone
                case 2 -> {
                    byte[] other = all.get(random.nextInt(all.size()));
                    int from = random.nextInt(Math.max(1, other.length));
                    yield joined(text, 0, at, other, from, other.length); // the end of another file
                }
                case 3 -> joined(text, 0, at + length, text, at, text.length); // a stretch twice
                default -> {
                    text[at] = (byte) "{}()<>;:\"'@#=,.\n".charAt(random.nextInt(16));
                    yield text;
                }
            };
        }
        return text;
    }

    private static byte[] joined(byte[] one, int from, int to, byte[] other, int start, int end) {
        byte[] whole = new byte[to - from + end - start];
        System.arraycopy(one, from, whole, 0, to - from);
        System.arraycopy(other, start, whole, to - from, end - start);
        return whole;
    }

    private static void report(String line) {
        OUT.println(line);
    }
}
