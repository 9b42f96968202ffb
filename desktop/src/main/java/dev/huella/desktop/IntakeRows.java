package dev.huella.desktop;

import dev.huella.core.model.Model.FileRead;
import dev.huella.core.project.Project;
import dev.huella.core.source.SourceSet.LeftOut;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Predicate;

/** What was taken in: files that could not be read whole first, then by language and folder, then what was left out. */
final class IntakeRows {
    private static final int MOST_LEFT_OUT = 200;
    private final Project project;
    private final Predicate<String> kept;

    IntakeRows(Project project, Predicate<String> kept) {
        this.project = project;
        this.kept = kept;
    }

    List<ListRow> rows() {
        List<ListRow> rows = new ArrayList<>();
        if (kept.test("the whole code base")) {
            rows.add(new ListRow(false, "The whole code base", "how its packages hang together", "", List.of(),
                    new Focus.OfWhole(), null));
        }
        List<FileRead> faulty = project.model()
                .files()
                .stream()
                .filter(file -> !file.problems().isEmpty() && kept.test(file.path()))
                .toList();
        if (!faulty.isEmpty()) {
            rows.add(ListRow.heading("Not read whole", faulty.size()));
            faulty.forEach(file -> rows.add(ListRow.of(file)));
        }
        Map<String, List<FileRead>> byLanguage = new TreeMap<>();
        for (FileRead file : project.model().files()) {
            if (kept.test(file.path())) {
                byLanguage.computeIfAbsent(Words.language(file.language()), key -> new ArrayList<>()).add(file);
            }
        }
        byLanguage.forEach((language, files) -> {
            rows.add(ListRow.heading(language, files.size()));
            files.forEach(file -> rows.add(ListRow.of(file)));
        });
        leftOut(rows);
        return rows;
    }

    private void leftOut(List<ListRow> rows) {
        Map<String, List<LeftOut>> byReason = new TreeMap<>();
        for (LeftOut left : project.sources().leftOut()) {
            if (kept.test(left.path())) {
                byReason.computeIfAbsent(left.reason(), key -> new ArrayList<>()).add(left);
            }
        }
        byReason.forEach((reason, all) -> {
            rows.add(ListRow.heading("Left out: " + reason, all.size()));
            all.stream().limit(MOST_LEFT_OUT).forEach(left -> rows.add(ListRow.of(left)));
        });
    }
}
