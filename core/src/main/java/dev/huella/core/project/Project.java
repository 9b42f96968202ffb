package dev.huella.core.project;

import dev.huella.core.conformance.Findings;
import dev.huella.core.facts.FileFacts;
import dev.huella.core.match.Matcher;
import dev.huella.core.match.Reasoning;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Catalogue;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.reading.LanguageReader;
import dev.huella.core.reading.LanguageReaders;
import dev.huella.core.resolve.ModelResolver;
import dev.huella.core.source.LeaveOut;
import dev.huella.core.source.SourceException;
import dev.huella.core.source.SourceFile;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.SourceSet;
import dev.huella.core.source.SourceSpan;
import dev.huella.core.source.SourceText;
import dev.huella.core.source.Sources;
import dev.huella.core.source.Work;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BiPredicate;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** One code base, read: the one entry to the core for the window and the command line. */
public final class Project {
    private final SourceSet sources;
    private final Model model;
    private final Map<String, SourceFile> files = new HashMap<>();
    /** Where the code is and what its files held when they were read; null when not all of it was read or nothing is kept. */
    private final RunCache.Question code;

    private Project(SourceSet sources, Model model, RunCache.Question code) {
        this.sources = sources;
        this.model = model;
        this.code = code;
        sources.files().forEach(file -> files.put(file.path(), file));
    }

    /**
     * Lists, reads and resolves a code base. A file that does not parse never stops it.
     *
     * @throws SourceException when a source cannot be read at all
     */
    public static Project read(List<Path> paths, SourceFilter filter, Work work) throws SourceException {
        return read(paths, filter, RunCache.NONE, work);
    }

    /** The same with facts that were kept from earlier, where files have not changed. */
    public static Project read(List<Path> paths, SourceFilter filter, RunCache cache, Work wanted)
            throws SourceException {
        var work = new MemoryGuard(wanted);
        LanguageReaders readers = LanguageReaders.installed();
        work.progress(Work.Stage.LISTING, 0, 1);
        SourceSet sources = Sources.open(paths, filter, file -> readers.forExtension(file.extension()) != null);
        if (sources.files().isEmpty()) {
            throw new SourceException(sources.problems().getFirst().message());
        }
        var byText = new ConcurrentSkipListMap<String, String>();
        List<FileRead> read = facts(sources.files(), readers, cache, (path, text) -> {
            String reason = filter.reasonToLeaveOut(path, text);
            if (reason != null) {
                byText.put(path, reason);
            }
            return reason == null;
        }, work);
        work.check();
        SourceSet taken = sources.without(byText);
        if (taken.files().isEmpty()) {
            throw new SourceException(
                    ("Nothing is left to read in %s: %d files were left out, the first because it is %s. "
                            + "Switch that rule off with --take.").formatted(sources.name(), taken.leftOut().size(),
                                    taken.leftOut().getFirst().reason()));
        }
        Model model = ModelResolver.resolve(read.stream().map(FileRead::facts).toList(), work);
        work.check();
        return new Project(taken, model, work.stopped() || cache == RunCache.NONE ? null : code(paths, filter, read));
    }

    private static RunCache.Question code(List<Path> paths, SourceFilter filter, List<FileRead> read) {
        Stream<String> what = Stream.of(paths.stream().map(path -> path.toAbsolutePath().toString()),
                filter.includes().stream(), filter.excludes().stream(),
                filter.taken().stream().map(LeaveOut::name).sorted())
                .flatMap(part -> Stream.concat(part, Stream.of("")));
        return new RunCache.Question(RunCache.digest(what.toArray(String[]::new)),
                RunCache.digest(read.stream().map(FileRead::key).toArray(String[]::new)));
    }

    /** One file's facts and the key that they are kept under. */
    private record FileRead(FileFacts facts, String key) {}

    /** Facts of all files, in their order. Public for benchmarks, which time this step alone. */
    public static List<FileFacts> facts(List<SourceFile> files, LanguageReaders readers, Work work) {
        return facts(files, readers, RunCache.NONE, (path, text) -> true, work).stream().map(FileRead::facts).toList();
    }

    private static List<FileRead> facts(List<SourceFile> files, LanguageReaders readers, RunCache cache,
            BiPredicate<String, byte[]> wanted, Work work) {
        var read = new FileRead[files.size()];
        var done = new AtomicLong();
        IntStream.range(0, files.size()).parallel().forEach(i -> {
            if (!work.stopped()) {
                SourceFile file = files.get(i);
                read[i] = facts(file, readers.forExtension(file.extension()), cache, wanted);
                work.read(file.path(), read[i] == null ? 0 : read[i].facts().types().size());
            }
            work.progress(Work.Stage.READING, done.incrementAndGet(), files.size());
        });
        return Arrays.stream(read).filter(one -> one != null).toList();
    }

    private static FileRead facts(SourceFile file, LanguageReader reader, RunCache cache,
            BiPredicate<String, byte[]> wanted) {
        try {
            SourceText text = SourceText.of(file.content().bytes());
            if (text == null) {
                return unreadable(file, reader,
                        "This is no text: it holds zero bytes. It was left out; if it is code, save it as UTF-8.");
            }
            if (!wanted.test(file.path(), text.utf8())) {
                return null;
            }
            String key = cache.key(file.path(), text.utf8());
            return new FileRead(cache.facts(file.path(), key, () -> reader.read(file.path(), text.utf8())), key);
        } catch (StackOverflowError e) {
            return unreadable(file, reader,
                    "This file is nested too deeply to be read; it was left out. Generated code is better excluded.");
        } catch (IOException e) {
            return unreadable(file, reader,
                    "This file could not be read (%s); it was left out. Check that it is whole and that you may read it."
                            .formatted(e.getMessage()));
        }
    }

    private static FileRead unreadable(SourceFile file, LanguageReader reader, String message) {
        return new FileRead(FileFacts.unreadable(file.path(), reader.language(), message), file.path());
    }

    public String name() {
        return sources.name();
    }

    public SourceSet sources() {
        return sources;
    }

    public Model model() {
        return model;
    }

    /** The text of a file as it is now; null when it is not there any more. */
    public SourceText text(String path) {
        try {
            SourceFile file = files.get(path);
            return file == null ? null : SourceText.of(file.content().bytes());
        } catch (IOException e) {
            return null; // it was there when it was read; the reading says so instead of showing lines
        }
    }

    /** The text of the line that a place begins at; null when the file is not there any more. */
    public String line(SourceSpan place) {
        SourceText text = place == null ? null : text(place.file());
        return text == null
                ? null
                : new String(text.utf8(), StandardCharsets.UTF_8).lines()
                        .skip(place.line() - 1L)
                        .findFirst()
                        .orElse(null);
    }

    /**
     * The reasoning about given types.
     *
     * @param names simple or qualified names of types
     * @throws IllegalArgumentException when there is no such type, or several of that simple name
     */
    public Explanation explain(PatternDefinition pattern, List<String> names) {
        List<CodeType> types = names.stream().map(this::named).toList();
        return new Explanation(pattern, types, new Reasoning(new Matcher(model)).explain(pattern, types));
    }

    /**
     * A type by its simple or qualified name, or the end of that, such as {@code Outer.Inner} or {@code Outer<T>}.
     *
     * @throws IllegalArgumentException when there is no such type, or several of that name
     */
    public CodeType named(String name) {
        return new NamedTypes(model, name()).one(name);
    }

    /**
     * Holds definitions against the model.
     *
     * @param wanted which definitions to use
     */
    public Findings find(Catalogue catalogue, Predicate<PatternDefinition> wanted, Work work) {
        return find(catalogue, wanted, () -> RunCache.NONE, work);
    }

    /**
     * The same, with what was found when the same was asked of the same code before.
     *
     * @param caches opens the cache; it is closed while the work goes on, so that other processes may use it
     */
    public Findings find(Catalogue catalogue, Predicate<PatternDefinition> wanted, Supplier<RunCache> caches,
            Work work) {
        if (code == null) {
            return new FindRun(model, catalogue, wanted, work).run();
        }
        RunCache.Question question = question(catalogue, wanted);
        try (RunCache cache = caches.get()) {
            Findings known = cache.findings(question, model, catalogue);
            if (known != null) {
                return known;
            }
        }
        var run = new FindRun(model, catalogue, wanted, work);
        Findings found = run.run();
        if (run.whole()) {
            try (RunCache cache = caches.get()) {
                cache.keep(question, found, model);
            }
        }
        return found;
    }

    private RunCache.Question question(Catalogue catalogue, Predicate<PatternDefinition> wanted) {
        Stream<String> ids = Stream.of(catalogue.definitions(), catalogue.opportunities())
                .flatMap(List::stream)
                .filter(wanted)
                .map(PatternDefinition::id);
        String state = RunCache.digest(Stream.concat(Stream.of(code.state()), catalogue.given().stream())
                .toArray(String[]::new));
        return new RunCache.Question(
                RunCache.digest(Stream.concat(Stream.of(code.what()), ids).toArray(String[]::new)), state);
    }
}
