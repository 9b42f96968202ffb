package dev.huella.desktop;

import dev.huella.core.conformance.Findings;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Stream;

/** Finds again what was looked at, after the code was read once more or the window was opened again. */
final class FocusFinder {
    private final Model model;
    private final Findings findings;

    FocusFinder(Model model, Findings findings) {
        this.model = model;
        this.findings = findings;
    }

    /** The same thing in the code as it is now; nothing when it is gone. */
    Focus now(Focus before) {
        Focus found = switch (before) {
            case Focus.OfSet(String name, List<CodeType> types) -> new Focus.OfSet(name, types.stream()
                    .map(type -> model.type(type.qualifiedName()))
                    .filter(Objects::nonNull)
                    .toList());
            case Focus.OfFile(String path, int line, Focus from) -> new Focus.OfFile(path, line, now(from));
            case Focus.OfOperation(var operation) -> {
                CodeType home = model.type(operation.home().qualifiedName());
                yield home == null
                        ? null
                        : home.operations()
                                .stream()
                                .filter(one -> one.signature().equals(operation.signature()))
                                .findFirst()
                                .<Focus>map(Focus.OfOperation::new)
                                .orElse(new Focus.OfType(home));
            }
            case Focus.Nothing _, Focus.OfWhole _, Focus.OfPackage _ -> before;
            case Focus.OfType _, Focus.OfFind _, Focus.OfVerdict _, Focus.OfOpportunity _, Focus.OfMiss _ ->
                byKey(before.key());
        };
        return found == null ? new Focus.Nothing() : found;
    }

    /** By the key that a focus gave; null when there is nothing of that key. */
    Focus byKey(String key) {
        int space = key.indexOf(' ');
        String rest = space < 0 ? "" : key.substring(space + 1);
        return switch (space < 0 ? key : key.substring(0, space)) {
            case "whole" -> new Focus.OfWhole();
            case "package" -> new Focus.OfPackage(rest);
            case "type" -> model.type(rest) == null ? null : new Focus.OfType(model.type(rest));
            case "file" -> new Focus.OfFile(rest.substring(rest.indexOf(' ') + 1),
                    Integer.parseInt(rest.substring(0, rest.indexOf(' '))), new Focus.Nothing());
            case "find" -> first(findings.all(), Focus.OfFind::new, key);
            case "verdict" -> findings.all()
                    .stream()
                    .flatMap(finding -> finding.verdicts().stream().map(one -> new Focus.OfVerdict(finding, one)))
                    .filter(focus -> focus.key().equals(key))
                    .findFirst()
                    .orElse(null);
            case "opportunity" -> first(findings.opportunities(), Focus.OfOpportunity::new, key);
            case "miss" -> first(findings.nearMisses(), Focus.OfMiss::new, key);
            default -> null;
        };
    }

    private static <T> Focus first(List<T> all, Function<T, Focus> focus, String key) {
        Stream<Focus> found = all.stream().map(focus);
        return found.filter(one -> one.key().equals(key)).findFirst().orElse(null);
    }
}
