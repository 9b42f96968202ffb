package dev.huella.core.reading.csharp;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;

/**
 * Parameters behind the name of a type: a constructor with what the fields are set to from them. A parameter is a
 * field of its own where bodies use it, and always in a record.
 */
final class PrimaryConstructor {
    private final TypeParts into;
    private final List<ParameterDeclared> parameters;
    private final List<Step> steps = new ArrayList<>();
    private final List<TypeDeclared> inner = new ArrayList<>();
    private final SourceSpan at;

    private PrimaryConstructor(SyntaxNode node, SyntaxNode list, TypeParts into) {
        this.into = into;
        at = list.span();
        parameters = CSharpMembers.parameters(list);
        SyntaxNode handedOn = handedOn(node.first("base_list"));
        if (handedOn != null) {
            var bodies = new CSharpBodies(into.name());
            steps.add(new Step.Do(new Value.Construct(true, bodies.arguments(handedOn), at), at));
            inner.addAll(bodies.inner());
        }
    }

    /**
     * Begins one, with its fields; null where the type has none.
     *
     * @param record its parameters are properties that all can see
     */
    static PrimaryConstructor of(SyntaxNode node, TypeParts into, boolean record) {
        SyntaxNode list = node.first("parameter_list");
        if (list == null) {
            return null;
        }
        var constructor = new PrimaryConstructor(node, list, into);
        for (ParameterDeclared parameter : constructor.parameters) {
            boolean elsewhere = CSharpTypes.word(node, "partial"); // other parts may use it
            if (record || elsewhere || isUsed(node.child("body"), parameter.name())) {
                constructor.keep(parameter, record);
            }
        }
        return constructor;
    }

    private static SyntaxNode handedOn(SyntaxNode bases) {
        if (bases == null || bases.first("argument_list") != null) {
            return bases == null ? null : bases.first("argument_list");
        }
        SyntaxNode base = bases.first("primary_constructor_base_type");
        return base == null ? null : base.first("argument_list");
    }

    private void keep(ParameterDeclared parameter, boolean record) {
        Modifiers modifiers = Modifiers.of(record ? Visibility.PUBLIC : Visibility.PRIVATE, Mark.FINAL);
        into.fields()
                .add(new FieldDeclared(parameter.name(), parameter.type(), modifiers,
                        record ? FieldDeclared.Kind.COMPONENT : FieldDeclared.Kind.FIELD, null, List.of(), at));
        set(parameter.name(), new Value.Name(parameter.name(), at), at);
    }

    private void set(String field, Value value, SourceSpan place) {
        steps.add(new Step.Do(new Value.Assign(new Value.Member(new Value.Self(null, place), field, place), value, true,
                place), place));
    }

    /** Sets a field where its first value speaks of a parameter; false when it does not. */
    boolean sets(String field, SyntaxNode initial, Value value, List<TypeDeclared> made) {
        boolean speaks = initial != null && parameters.stream().anyMatch(one -> mentions(initial, one.name()));
        if (speaks) {
            set(field, value, initial.span());
            inner.addAll(made);
        }
        return speaks;
    }

    /** True when something other than the first values of fields and properties speaks of it. */
    private static boolean isUsed(SyntaxNode body, String name) {
        for (SyntaxNode member : body == null ? List.<SyntaxNode>of() : body.children()) {
            SyntaxNode first = member.is("property_declaration") ? member.child("value") : null;
            boolean initial = first != null && !first.is("arrow_expression_clause");
            if (!member.is("field_declaration") && (initial
                    ? member.children().stream().anyMatch(part -> part.start() != first.start() && mentions(part, name))
                    : mentions(member, name))) {
                return true;
            }
        }
        return false;
    }

    private static boolean mentions(SyntaxNode node, String name) {
        if (node.is("identifier")) {
            return node.text().equals(name) && !"name".equals(node.field());
        }
        return node.children().stream().anyMatch(child -> mentions(child, name));
    }

    void add() {
        into.operations()
                .addFirst(
                        new OperationDeclared(into.name(), Kind.CONSTRUCTOR, CSharpTypes.PUBLIC, List.of(), parameters,
                                null, steps, inner, at));
    }
}
