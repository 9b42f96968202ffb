package dev.huella.core.facts;

import dev.huella.core.facts.TypeDeclared.TypeParameterDeclared;
import dev.huella.core.source.SourceSpan;
import java.util.List;

/**
 * An operation, constructor or initialiser with its body.
 *
 * @param returns null for constructors and where none is written
 * @param body null when there is none; an empty list when it is there and does nothing
 * @param inner types declared inside the body, in order
 */
public record OperationDeclared(String name, Kind kind, Modifiers modifiers,
        List<TypeParameterDeclared> typeParameters, List<ParameterDeclared> parameters, TypeText returns,
        List<Step> body, List<TypeDeclared> inner, SourceSpan at) {
    public OperationDeclared {
        typeParameters = List.copyOf(typeParameters);
        parameters = List.copyOf(parameters);
        body = body == null ? null : List.copyOf(body);
        inner = List.copyOf(inner);
    }

    /** What the body is for. */
    public enum Kind {
        OPERATION, CONSTRUCTOR, INITIALISER
    }

    /**
     * A parameter.
     *
     * @param type null when none is written
     * @param optional true when a call may leave it out
     */
    public record ParameterDeclared(String name, TypeText type, boolean optional) {
        /** A parameter that every call must give. */
        public ParameterDeclared(String name, TypeText type) {
            this(name, type, false);
        }
    }
}
