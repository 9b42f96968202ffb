package dev.huella.core.suite;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Writes cases of the suite in another way that means the same: what is expected of them stays. */
interface Rewriting {
    /** The text of a file, written in another way; the same text where there is nothing to change. */
    String rewritten(Path file, String text);

    /** Every so many of the cases that it changes. */
    default Stream<Path> some(int every) throws IOException {
        List<Path> changed = SuiteTest.cases().filter(this::changes).toList();
        return IntStream.iterate(0, at -> at < changed.size(), at -> at + every).mapToObj(changed::get);
    }

    /** What the case, written in another way, shows in the folder is what is expected of it. */
    default void changesNothing(Path folder, Path copy) throws Exception {
        for (Path file : files(folder)) {
            Path target = copy.resolve(folder.relativize(file).toString());
            Files.createDirectories(target.getParent());
            Files.writeString(target, rewritten(file, Files.readString(file)));
        }
        assertThat(AcceptanceCase.differences(copy)).isEmpty();
    }

    private boolean changes(Path folder) {
        try {
            for (Path file : files(folder)) {
                String text = Files.readString(file);
                if (!rewritten(file, text).equals(text)) {
                    return true;
                }
            }
            return false;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<Path> files(Path folder) throws IOException {
        try (var files = Files.walk(folder)) {
            return files.filter(Files::isRegularFile).toList();
        }
    }
}
