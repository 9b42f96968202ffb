package dev.huella.core.match;

import dev.huella.core.model.Element;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.source.SourceSpan;
import java.util.List;
import java.util.Map;

/**
 * One find.
 *
 * @param id stable while the key players keep their names
 * @param variant the form it takes; empty when the pattern has one form only
 * @param confidence from 0 to 1, explained by {@code reasons}
 * @param players by role, in the order of the definition; roles without players are left out
 * @param facts why it was recognised
 * @param alternatives what it looks like and is not
 */
public record PatternInstance(String id, PatternDefinition pattern, String variant, double confidence,
        List<String> reasons, Map<String, List<Player>> players, List<Fact> facts, List<Alternative> alternatives) {
    public PatternInstance {
        reasons = List.copyOf(reasons);
        facts = List.copyOf(facts);
        alternatives = List.copyOf(alternatives);
    }

    /** Who plays, and where that is declared or, outside the sources, first used. */
    public record Player(Element element, SourceSpan place) {}

    /** One thing that holds, with places that show it. */
    public record Fact(String text, List<SourceSpan> places) {
        public Fact {
            places = List.copyOf(places);
        }
    }

    /** Another reading, and the fact that decides against it. */
    public record Alternative(String pattern, String decidedBy) {}

    /** Elements that play a role, in order; empty when none does. */
    public List<Element> playing(String role) {
        return players.getOrDefault(role, List.of()).stream().map(Player::element).toList();
    }
}
