package dev.huella.core.project;

import dev.huella.core.match.Reasoning.Reading;
import dev.huella.core.model.CodeType;
import dev.huella.core.molde.PatternDefinition;
import java.util.List;

/**
 * Why types are an instance of a pattern, or why not.
 *
 * @param types as found in the code base
 * @param readings one for each form of the pattern, the one with the least missing first
 */
public record Explanation(PatternDefinition pattern, List<CodeType> types, List<Reading> readings) {
    public Explanation {
        types = List.copyOf(types);
        readings = List.copyOf(readings);
    }
}
