package dev.huella.core.model;

import dev.huella.core.source.SourceSpan;

/** One place where the text of a type names another. */
public record Mention(CodeType to, Kind kind, SourceSpan at) {
    /** What the name is used for. */
    public enum Kind {
        SUPERTYPE, FIELD, PARAMETER, RESULT, LOCAL, CREATED, STATIC, CAST, KIND_TEST, OTHER
    }
}
