package dev.huella.core.model;

import dev.huella.core.source.SourceSpan;

/** Anything that can play a role: a type, a field, an operation. */
public sealed interface Element permits CodeType, Field, Operation {
    /** Dense number inside one model; -1 until the model is complete, and for elements nothing refers to. */
    int id();

    String name();

    String qualifiedName();

    /** Null for elements outside the sources. */
    SourceSpan place();

    /** The type it is or belongs to. */
    CodeType home();
}
