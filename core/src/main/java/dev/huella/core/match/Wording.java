package dev.huella.core.match;

import dev.huella.core.match.PatternPlan.Group;
import dev.huella.core.model.Element;
import dev.huella.core.molde.PatternDefinition.Role;
import dev.huella.core.molde.Sentence;
import java.util.ArrayList;
import java.util.List;

/** The sentences that matching writes. */
final class Wording {
    private Wording() {}

    /** A sentence of a definition with the names of players in the places of roles. */
    static String sentence(String words, PatternInstance instance) {
        return Sentence.with(words, role -> instance.playing(role).stream().map(Wording::name).toList());
    }

    static String name(Element element) {
        return element.name();
    }

    /** What a group of roles lacks; some may have been found, but too few. */
    static String missing(String clauses, Group group, PatternPlan plan, List<String> found) {
        List<String> wanted = new ArrayList<>();
        for (int number : group.roles()) {
            Role role = plan.role(number);
            wanted.add(
                    role.least() > 1 ? "%d or more players of %s".formatted(role.least(), role.name()) : role.name());
        }
        String outcome = found.isEmpty()
                ? "did not find " + (wanted.size() > 1 ? "them" : "it")
                : "found only " + Sentence.listed(found);
        return "Looked for %s such that %s, and %s.".formatted(Sentence.listed(wanted), clauses, outcome);
    }

    static String unreadable(Element element) {
        return "part of %s could not be read".formatted(element.name());
    }
}
