package dev.huella.core.source;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.zip.GZIPInputStream;
import org.apache.commons.compress.archivers.tar.TarArchiveEntry;
import org.apache.commons.compress.archivers.tar.TarArchiveInputStream;

/** Lists a {@code .tar} or {@code .tar.gz}. It can only be gone through in order, so what may be read is kept. */
final class TarSource {
    /** What is kept of one archive at most. Bytes. */
    private static final long MOST = 1L << 30;

    private TarSource() {}

    static Listing list(Path archive, Predicate<SourceFile> readable) throws IOException, SourceException {
        List<SourceFile> files = new ArrayList<>();
        List<SourceSet.LeftOut> leftOut = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        boolean packed = !archive.toString().endsWith(".tar");
        long unpacked = 0;
        try (InputStream raw = new BufferedInputStream(Files.newInputStream(archive));
                InputStream plain = packed ? new GZIPInputStream(raw) : raw;
                var tar = new TarArchiveInputStream(plain)) {
            for (TarArchiveEntry entry = tar.getNextEntry(); entry != null; entry = tar.getNextEntry()) {
                unpacked += entry.getSize();
                if (unpacked > 4 * MOST) {
                    throw new SourceException(
                            "%s unpacks to more than 4 GB; it was not read. Unpack what you need of it into a folder."
                                    .formatted(archive));
                }
                String name = entry.getName().replace('\\', '/').replaceFirst("^\\./", "");
                if (ArchiveSource.leavesTheArchive(name)) {
                    problems.add(new Problem(name, 0, 0,
                            "%s points outside the archive; it was left out.".formatted(name)));
                } else if (entry.isFile() && entry.getSize() > Sources.LARGEST_FILE) {
                    leftOut.add(new SourceSet.LeftOut(name, "larger than one file may be"));
                } else if (entry.isFile() && readable.test(new SourceFile(name, entry.getSize(), () -> new byte[0]))) {
                    byte[] bytes = tar.readNBytes((int) entry.getSize());
                    files.add(new SourceFile(name, bytes.length, () -> bytes));
                }
            }
        }
        return new Listing(files, leftOut, problems);
    }
}
