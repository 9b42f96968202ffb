package dev.huella.core.model;

import java.util.List;

/** A type parameter of one type or operation. Two are the same only when they are the same object. */
public final class TypeVariable {
    private final String name;
    private List<TypeUse> bounds = List.of();

    public TypeVariable(String name) {
        this.name = name;
    }

    public String name() {
        return name;
    }

    /** What it must be a subtype of; empty for anything. */
    public List<TypeUse> bounds() {
        return bounds;
    }

    /** Called once, by whoever resolves the declaration. */
    public void bound(List<TypeUse> resolved) {
        bounds = List.copyOf(resolved);
    }
}
