package dev.huella.core.match;

import dev.huella.core.match.PatternInstance.Fact;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Element;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.molde.PatternDefinition.Role;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * A shape in the code that asks for a pattern that is not there. A suggestion, never a verdict.
 *
 * @param about types whose code has the shape
 * @param why one sentence
 * @param touchedTypes types that one more case changes today
 * @param touches files that one more case changes today
 * @param afterwards what one more case would touch with the pattern in place, in words
 */
public record Opportunity(PatternDefinition definition, List<CodeType> about, String why, List<CodeType> touchedTypes,
        List<String> touches, String afterwards, List<SourceSpan> places) {
    public Opportunity {
        about = List.copyOf(about);
        touchedTypes = List.copyOf(touchedTypes);
        touches = List.copyOf(touches);
        places = List.copyOf(places);
    }

    public String id() {
        return definition.id();
    }

    /** Patterns or remedies suggested. */
    public List<String> suggests() {
        return definition.asks().suggests();
    }

    /** Puts an instance of an opportunity's shape into words. */
    public static Opportunity of(PatternInstance instance) {
        PatternDefinition shape = instance.pattern();
        Set<CodeType> about = new LinkedHashSet<>();
        for (Role role : shape.roles()) {
            if (role.key()) {
                instance.playing(role.name()).forEach(element -> about.add(named(element)));
                break;
            }
        }
        Set<CodeType> touched = new LinkedHashSet<>();
        for (String role : shape.asks().touches()) {
            instance.playing(role)
                    .stream()
                    .map(Opportunity::named)
                    .filter(type -> !type.external())
                    .forEach(touched::add);
        }
        Set<SourceSpan> places = new LinkedHashSet<>();
        for (Fact fact : instance.facts()) {
            places.addAll(fact.places());
        }
        return new Opportunity(shape, new ArrayList<>(about), Wording.sentence(shape.asks().because(), instance),
                new ArrayList<>(touched), touched.stream().map(type -> type.place().file()).distinct().toList(),
                Wording.sentence(shape.asks().afterwards(), instance), places.stream().limit(12).toList());
    }

    /** The type it is or belongs to; for a type without a name the one around it. */
    private static CodeType named(Element element) {
        CodeType type = element.home();
        while (type.anonymous() && type.outer() != null) {
            type = type.outer();
        }
        return type;
    }
}
