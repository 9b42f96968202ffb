package dev.huella.core.source;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/**
 * Lists a {@code .zip} or {@code .jar}. The archive stays closed between reads: entries are opened when their
 * bytes are asked for. Names that lead out of the archive and entries that expand without end are refused.
 */
final class ArchiveSource {
    /** An entry that claims to unpack to more than this is left out. Bytes. */
    private static final long LARGEST_ENTRY = 64L << 20;

    private ArchiveSource() {}

    static Listing list(Path archive) throws IOException {
        List<SourceFile> files = new ArrayList<>();
        List<SourceSet.LeftOut> leftOut = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        try (var zip = new ZipFile(archive.toFile())) {
            zip.stream().filter(entry -> !entry.isDirectory()).forEach(entry -> {
                String name = entry.getName().replace('\\', '/');
                if (leavesTheArchive(name)) {
                    problems.add(new Problem(name, 0, 0,
                            "%s points outside the archive; it was left out.".formatted(name)));
                } else if (entry.getSize() > LARGEST_ENTRY) {
                    leftOut.add(new SourceSet.LeftOut(name, "unpacks to more than 64 MB"));
                } else {
                    files.add(new SourceFile(name, entry.getSize(), () -> read(archive, entry)));
                }
            });
        }
        return new Listing(files, leftOut, problems);
    }

    static boolean leavesTheArchive(String name) {
        return name.startsWith("/") || name.matches("^[A-Za-z]:.*") || List.of(name.split("/")).contains("..");
    }

    private static byte[] read(Path archive, ZipEntry entry) throws IOException {
        try (var zip = new ZipFile(archive.toFile()); InputStream in = zip.getInputStream(entry)) {
            byte[] bytes = in.readNBytes((int) LARGEST_ENTRY + 1);
            if (bytes.length > LARGEST_ENTRY) {
                throw new IOException("unpacks to more than 64 MB");
            }
            return bytes;
        }
    }
}
