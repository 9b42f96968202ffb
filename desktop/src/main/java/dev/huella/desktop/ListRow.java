package dev.huella.desktop;

import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Verdict.Kind;
import dev.huella.core.match.NearMiss;
import dev.huella.core.match.Opportunity;
import dev.huella.core.match.PatternInstance;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Element;
import dev.huella.core.model.Model.FileRead;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.source.SourceSet.LeftOut;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * One line of the list.
 *
 * @param focus what choosing it leads to; null for headings that lead nowhere
 * @param pattern whose sketch to show, or null
 * @param signs verdicts to show, the worst first
 */
record ListRow(boolean isHeading, String title, String detail, String end, List<Kind> signs, Focus focus,
        PatternDefinition pattern) {

    static ListRow heading(String title, int count) {
        return new ListRow(true, title, "", "%,d".formatted(count), List.of(), null, null);
    }

    static ListRow heading(PatternDefinition pattern, int count) {
        return new ListRow(true, Words.pattern(pattern.id()), "", "%,d".formatted(count), List.of(), null, pattern);
    }

    static ListRow ofPackage(String namespace, int types) {
        return new ListRow(true, namespace.isEmpty() ? "no package" : namespace, "", "%,d".formatted(types), List.of(),
                new Focus.OfPackage(namespace), null);
    }

    static ListRow of(Finding finding) {
        PatternInstance instance = finding.instance();
        List<Kind> signs = new ArrayList<>();
        for (int i = 0; i < Math.min(3, finding.count(Kind.BROKEN)); i++) {
            signs.add(Kind.BROKEN);
        }
        if (signs.isEmpty()) {
            signs.add(finding.count(Kind.OPEN) > 0 ? Kind.OPEN : Kind.MET);
        }
        String namespace = namespace(finding);
        String place = namespace.substring(namespace.lastIndexOf('.') + 1);
        var focus = new Focus.OfFind(finding);
        return new ListRow(false, focus.title(),
                Stream.of(place, instance.variant().replace('-', ' '))
                        .filter(part -> !part.isEmpty())
                        .collect(Collectors.joining(" · ")),
                "", signs,
                focus, null);
    }

    /** A find below the heading of its package: its pattern stands in place of the package. */
    static ListRow inPackage(Finding finding) {
        ListRow row = of(finding);
        PatternInstance instance = finding.instance();
        return new ListRow(false, row.title(),
                Stream.of(Words.pattern(instance.pattern().id()).toLowerCase(Locale.ROOT),
                        instance.variant().replace('-', ' '))
                        .filter(part -> !part.isEmpty())
                        .collect(Collectors.joining(" · ")),
                "", row.signs(), row.focus(), null);
    }

    /** The package of the first player that the code declares. */
    static String namespace(Finding finding) {
        PatternInstance instance = finding.instance();
        Element first = instance.players()
                .values()
                .stream()
                .flatMap(List::stream)
                .map(PatternInstance.Player::element)
                .filter(element -> !element.home().external())
                .findFirst()
                .orElse(instance.players().values().iterator().next().getFirst().element());
        return first.home().namespace();
    }

    static ListRow of(NearMiss miss) {
        String names = miss.players()
                .values()
                .stream()
                .flatMap(List::stream)
                .map(player -> player.element())
                .filter(CodeType.class::isInstance)
                .map(Element::name)
                .distinct()
                .limit(2)
                .collect(Collectors.joining(" → "));
        return new ListRow(false, names, "nearly " + Words.withArticle(miss.pattern().id()), "", List.of(),
                new Focus.OfMiss(miss), null);
    }

    static ListRow of(Opportunity opportunity) {
        String names = opportunity.about().stream().map(CodeType::name).collect(Collectors.joining(", "));
        return new ListRow(false, names, Words.pattern(opportunity.id()).toLowerCase(Locale.ROOT) + " · "
                + Words.pattern(opportunity.suggests().getFirst()).toLowerCase(Locale.ROOT), "", List.of(),
                new Focus.OfOpportunity(opportunity), null);
    }

    static ListRow of(FileRead file) {
        int slash = file.path().lastIndexOf('/');
        return new ListRow(false, file.path().substring(slash + 1), slash < 0 ? "" : file.path().substring(0, slash),
                "%,d".formatted(file.lines()), file.problems().isEmpty() ? List.of() : List.of(Kind.OPEN),
                new Focus.OfFile(file.path(), 1, new Focus.Nothing()), null);
    }

    static ListRow of(LeftOut left) {
        String path = left.path().endsWith("/") ? left.path().substring(0, left.path().length() - 1) : left.path();
        int slash = path.lastIndexOf('/');
        return new ListRow(false, left.path().substring(slash + 1), slash < 0 ? "" : path.substring(0, slash), "",
                List.of(), null, null);
    }

    static ListRow of(CodeType type, int dependents) {
        String kind = type.isAbstract() && !type.kind().promises()
                ? "abstract " + type.kind().word()
                : type.kind().word();
        String outer = type.outer() == null ? "" : " in " + type.outer().name();
        return new ListRow(false, type.name(), kind + outer, dependents == 0 ? "" : "%,d".formatted(dependents),
                List.of(), new Focus.OfType(type), null);
    }
}
