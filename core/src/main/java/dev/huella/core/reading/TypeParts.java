package dev.huella.core.reading;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeDeclared.Standing;
import dev.huella.core.facts.TypeDeclared.TypeParameterDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import java.util.ArrayList;
import java.util.List;

/** What has been gathered for one type so far. Readers fill it member by member. */
public final class TypeParts {
    private final TypeKind kind;
    private final String name;
    private final List<TypeParameterDeclared> typeParameters = new ArrayList<>();
    private final List<TypeText> extended = new ArrayList<>();
    private final List<TypeText> realised = new ArrayList<>();
    private final List<FieldDeclared> fields = new ArrayList<>();
    private final List<OperationDeclared> operations = new ArrayList<>();
    private final List<TypeDeclared> nested = new ArrayList<>();
    private final List<TypeText> makers = new ArrayList<>();
    private Modifiers modifiers = Modifiers.NONE;
    private Standing standing = Standing.WHOLE;
    private String namespace;
    private boolean anonymous;

    public TypeParts(TypeKind kind, String name) {
        this.kind = kind;
        this.name = name;
    }

    public TypeKind kind() {
        return kind;
    }

    public String name() {
        return name;
    }

    public List<TypeParameterDeclared> typeParameters() {
        return typeParameters;
    }

    public List<TypeText> extended() {
        return extended;
    }

    public List<TypeText> realised() {
        return realised;
    }

    /** Types that are asked when one is to be made. */
    public List<TypeText> makers() {
        return makers;
    }

    public List<FieldDeclared> fields() {
        return fields;
    }

    public List<OperationDeclared> operations() {
        return operations;
    }

    public List<TypeDeclared> nested() {
        return nested;
    }

    public Modifiers modifiers() {
        return modifiers;
    }

    public TypeParts modifiers(Modifiers all) {
        modifiers = all;
        return this;
    }

    public TypeParts standing(Standing how) {
        standing = how;
        return this;
    }

    /** Null for the namespace of the file. */
    public TypeParts namespace(String around) {
        namespace = around;
        return this;
    }

    /** The code gives it no name; the name it has says what holds it. */
    public TypeParts anonymous() {
        anonymous = true;
        return this;
    }

    /** True when a field of that name was seen. */
    public boolean hasField(String field) {
        return fields.stream().anyMatch(one -> one.name().equals(field));
    }

    /** True when an operation of that name was seen. */
    public boolean hasOperation(String operation) {
        return operations.stream().anyMatch(one -> one.name().equals(operation));
    }

    /** True when nothing was gathered. */
    public boolean isEmpty() {
        return fields.isEmpty() && operations.isEmpty() && nested.isEmpty();
    }

    /** The type, spanning a node. */
    public TypeDeclared at(SyntaxNode node) {
        return new TypeDeclared(name, anonymous, kind, modifiers, typeParameters, extended, realised, fields,
                operations, nested, node.span(), unreadable(node), standing, namespace, makers);
    }

    private static List<dev.huella.core.source.SourceSpan> unreadable(SyntaxNode node) {
        if (!node.tree().broken()) {
            return List.of();
        }
        return node.tree()
                .errors()
                .stream()
                .filter(error -> error.start() >= node.start() && error.end() <= node.end())
                .map(SyntaxNode::span)
                .toList();
    }
}
