package dev.huella.desktop;

import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Findings;
import dev.huella.core.conformance.Verdict.Kind;
import dev.huella.core.match.NearMiss;
import dev.huella.core.match.Opportunity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Finds by pattern or by package, what breaks most first; near misses and opportunities apart, below. */
final class FindRows {
    private static final Comparator<Finding> WORST_FIRST = Comparator
            .comparing((Finding finding) -> -finding.count(Kind.BROKEN));
    private final List<ListRow> rows = new ArrayList<>();
    private int left;

    /**
     * Makes the rows.
     *
     * @param limited those finds that the list is limited to
     * @param kept what the filter leaves, asked with all the words of a row
     */
    FindRows(Findings findings, List<Finding> limited, Predicate<String> kept, boolean byPackage) {
        List<Finding> shown = limited.stream().filter(finding -> kept.test(words(finding))).toList();
        left = shown.size();
        if (byPackage) {
            byPackage(shown);
        } else {
            byPattern(shown);
        }
        add("Near misses", findings.nearMisses().stream().filter(miss -> kept.test(words(miss))).map(ListRow::of));
        add("Opportunities",
                findings.opportunities().stream().filter(one -> kept.test(words(one))).map(ListRow::of));
    }

    private void byPattern(List<Finding> shown) {
        Map<String, List<Finding>> groups = shown.stream()
                .collect(Collectors.groupingBy(finding -> finding.instance().pattern().id(), TreeMap::new,
                        Collectors.toList()));
        groups.values().forEach(group -> {
            rows.add(ListRow.heading(group.getFirst().instance().pattern(), group.size()));
            group.stream().sorted(WORST_FIRST).map(ListRow::of).forEach(rows::add);
        });
    }

    private void byPackage(List<Finding> shown) {
        Map<String, List<Finding>> groups = shown.stream()
                .collect(Collectors.groupingBy(ListRow::namespace, TreeMap::new, Collectors.toList()));
        groups.forEach((namespace, group) -> {
            rows.add(ListRow.ofPackage(namespace, group.size()));
            group.stream().sorted(WORST_FIRST).map(ListRow::inPackage).forEach(rows::add);
        });
    }

    private void add(String title, java.util.stream.Stream<ListRow> more) {
        List<ListRow> found = more.toList();
        if (!found.isEmpty()) {
            rows.add(ListRow.heading(title, found.size()));
            rows.addAll(found);
        }
    }

    private static String words(Finding finding) {
        return finding.instance().pattern().id() + " "
                + finding.instance()
                        .players()
                        .entrySet()
                        .stream()
                        .map(role -> role.getKey() + " "
                                + role.getValue()
                                        .stream()
                                        .map(player -> player.element().qualifiedName())
                                        .collect(Collectors.joining(" ")))
                        .collect(Collectors.joining(" "));
    }

    private static String words(NearMiss miss) {
        ListRow row = ListRow.of(miss);
        return row.title() + " " + row.detail();
    }

    private static String words(Opportunity opportunity) {
        return opportunity.id() + " " + opportunity.why();
    }

    List<ListRow> rows() {
        return rows;
    }

    /** How many finds the filter leaves. */
    int left() {
        return left;
    }
}
