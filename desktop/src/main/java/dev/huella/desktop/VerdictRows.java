package dev.huella.desktop;

import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Verdict;
import dev.huella.core.conformance.Verdict.Kind;
import dev.huella.core.diagram.FindDiagram;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Predicate;

/** What is owed and broken, then what cannot be told: obligation by obligation, the weightiest first. */
final class VerdictRows {
    private final List<ListRow> rows = new ArrayList<>();
    private final boolean packages;
    private int left;
    private int all;

    VerdictRows(List<Finding> findings, Predicate<String> kept, boolean byPackage) {
        packages = byPackage;
        Map<String, List<ListRow>> inPackages = new TreeMap<>();
        for (Kind kind : List.of(Kind.BROKEN, Kind.OPEN)) {
            for (var level : dev.huella.core.molde.PatternDefinition.Level.values()) {
                Map<String, List<ListRow>> groups = packages ? inPackages : new LinkedHashMap<>();
                for (Finding finding : findings) {
                    for (Verdict verdict : finding.verdicts()) {
                        if (verdict.kind() == kind && verdict.obligation().level() == level) {
                            add(finding, verdict, kept, groups);
                        }
                    }
                }
                if (!packages) {
                    groups.forEach((title, group) -> {
                        rows.add(ListRow.heading(title, group.size()));
                        rows.addAll(group);
                    });
                }
            }
        }
        inPackages.forEach((namespace, group) -> {
            rows.add(ListRow.ofPackage(namespace, group.size()));
            rows.addAll(group);
        });
    }

    private void add(Finding finding, Verdict verdict, Predicate<String> kept, Map<String, List<ListRow>> groups) {
        all++;
        String names = FindDiagram.title(finding.instance());
        String pattern = Words.pattern(finding.instance().pattern().id());
        String about = verdict.obligation().about();
        if (kept.test("%s %s %s %s".formatted(names, pattern, about, verdict.kind().word()))) {
            left++;
            groups.computeIfAbsent(packages ? ListRow.namespace(finding) : about, key -> new ArrayList<>())
                    .add(new ListRow(false, packages ? about : names,
                            packages
                                    ? names
                                    : "%s · %s".formatted(pattern.toLowerCase(java.util.Locale.ROOT),
                                            verdict.obligation().level().word()),
                            "", List.of(verdict.kind()), new Focus.OfVerdict(finding, verdict), null));
        }
    }

    List<ListRow> rows() {
        return rows;
    }

    /** How many the filter leaves. */
    int left() {
        return left;
    }

    /** How many there are. */
    int all() {
        return all;
    }
}
