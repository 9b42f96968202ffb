package dev.huella.core.reading.python;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Functions whose variables are the private state of the function that they return, and functions of which the library
 * keeps the result.
 */
final class PythonClosures {
    private static final Modifiers HIDDEN = Modifiers.of(Visibility.PRIVATE);
    private static final Set<String> KEEPING = Set.of("cache", "lru_cache", "functools.cache", "functools.lru_cache");

    private PythonClosures() {}

    /**
     * The type of what a function gives back: it calls what the function was handed and keeps what comes of it in a
     * variable outside itself. Null for all other functions.
     */
    static TypeDeclared keeping(SyntaxNode function, PythonTypes types) {
        SyntaxNode inner = returned(function);
        List<ParameterDeclared> handed = PythonTypes.parameters(function.child("parameters"));
        if (inner == null || handed.isEmpty() || !keeps(inner, handed)) {
            return null;
        }
        String name = function.child("name").text();
        var parts = new TypeParts(TypeKind.OBJECT, name);
        var bodies = new PythonBodies(types, null, false);
        List<Step> steps = new ArrayList<>();
        SourceSpan at = function.span();
        for (ParameterDeclared parameter : handed) {
            field(parameter.name(), null, function, parts, bodies);
            steps.add(new Step.Do(new Value.Assign(new Value.Member(new Value.Self(null, at), parameter.name(), at),
                    new Value.Name(parameter.name(), at), true, at), at));
        }
        for (SyntaxNode statement : function.child("body").children()) {
            SyntaxNode first = statement.is("expression_statement") && !statement.children().isEmpty()
                    ? statement.children().getFirst()
                    : null;
            if (first != null && first.is("assignment") && first.child("left").is("identifier")) {
                field(first.child("left").text(), first.child("right"), first, parts, bodies);
            }
        }
        parts.operations()
                .add(new OperationDeclared(name, Kind.CONSTRUCTOR, HIDDEN, List.of(), handed, null, steps,
                        bodies.inner(), at));
        List<ParameterDeclared> taken = PythonTypes.parameters(inner.child("parameters"));
        var own = new PythonBodies(types, null, false);
        parts.operations()
                .add(new OperationDeclared("__call__", Kind.OPERATION, PythonTypes.PUBLIC, List.of(), taken, null,
                        own.function(inner.child("body"), taken), own.inner(), inner.span()));
        return parts.modifiers(PythonTypes.PUBLIC).at(function);
    }

    private static void field(String name, SyntaxNode initial, SyntaxNode at, TypeParts into, PythonBodies bodies) {
        if (!into.hasField(name)) {
            into.fields()
                    .add(new FieldDeclared(name, null, HIDDEN, FieldDeclared.Kind.FIELD,
                            initial == null ? null : bodies.heldBy(name, initial), List.of(), at.span()));
        }
    }

    /** The function written inside that is given back; null when something else is. */
    private static SyntaxNode returned(SyntaxNode function) {
        String name = null;
        for (SyntaxNode statement : function.child("body").children()) {
            if (statement.is("return_statement") && statement.children().size() == 1) {
                name = statement.children().getFirst().text();
            }
        }
        for (SyntaxNode statement : function.child("body").children()) {
            SyntaxNode inner = statement.is("decorated_definition") ? statement.child("definition") : statement;
            if (inner != null && inner.is("function_definition") && inner.child("name").text().equals(name)) {
                return inner;
            }
        }
        return null;
    }

    private static boolean keeps(SyntaxNode inner, List<ParameterDeclared> handed) {
        String text = inner.child("body").text();
        boolean calls = handed.stream()
                .anyMatch(one -> Pattern.compile("\\b" + Pattern.quote(one.name()) + "\\(").matcher(text).find());
        return calls && (text.contains("nonlocal ") || text.matches("(?s).*\\w\\[[^\\]]*\\] = .*"));
    }

    /** True for a function whose results the library hands out again: the only one, or the one for the same input. */
    static boolean isKept(List<String> decorators) {
        return decorators.stream().anyMatch(KEEPING::contains);
    }

    /** The same steps, with what is returned at the end put into a variable of the module or of the class when it is missing there. */
    static List<Step> kept(String name, List<Step> steps, List<ParameterDeclared> input, SyntaxNode function,
            TypeParts around, boolean free) {
        if (steps.isEmpty()) {
            return steps;
        }
        boolean ends = steps.getLast() instanceof Step.Return back && back.value() != null;
        SourceSpan at = ends ? steps.getLast().at() : function.span();
        Value value = ends ? ((Step.Return) steps.getLast()).value() : Value.given(steps, at);
        String kept = "kept by " + name;
        around.fields()
                .add(new FieldDeclared(kept, null, HIDDEN.with(Modifiers.Mark.STATIC).with(Modifiers.Mark.IMPLIED),
                        FieldDeclared.Kind.FIELD, input.isEmpty()
                                ? null
                                : new Value.Cast(TypeText.of("dict"),
                                        new Value.ArrayOf(null, List.of(), at), at),
                        List.of(), function.span()));
        List<Step> all = new ArrayList<>(ends ? steps.subList(0, steps.size() - 1) : List.of());
        Value variable = free
                ? new Value.Name(kept, at)
                : new Value.Member(new Value.Name(around.name(), at), kept, at);
        if (!input.isEmpty()) {
            List<Value> key = input.stream().map(one -> (Value) new Value.Name(one.name(), at)).toList();
            all.add(new Step.Return(new Value.Call(variable, "setdefault",
                    List.of(key.size() == 1 ? key.getFirst() : new Value.ArrayOf(null, key, at), value), at), at));
            return all;
        }
        all.add(PythonBodies.keep(variable, value, at));
        all.add(new Step.Return(variable, at));
        return all;
    }
}
