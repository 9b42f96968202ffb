package dev.huella.core.molde;

import java.util.List;

/**
 * A clause defined in Molde itself.
 *
 * @param syntax the sentence with its places, as for {@link Clause#syntax()}
 * @param parameters sorts of the places, in order; they are the first variables
 * @param variables names of all variables, parameters first
 */
public record PhraseDefinition(String syntax, List<Sort> parameters, List<String> variables, Formula means) {
    public PhraseDefinition {
        parameters = List.copyOf(parameters);
        variables = List.copyOf(variables);
    }
}
