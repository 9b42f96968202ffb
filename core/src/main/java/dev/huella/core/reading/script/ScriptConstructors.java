package dev.huella.core.reading.script;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.DocComment;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * A function that fills {@code this} with functions: they are operations, and those of its variables and parameters that they
 * speak of are hidden state.
 */
final class ScriptConstructors {
    private static final Modifiers HIDDEN = Modifiers.of(Visibility.PRIVATE);
    private final SyntaxNode function;
    private final TypeParts type;
    private final Set<String> selves = new HashSet<>();
    private final Map<String, SyntaxNode> operations = new LinkedHashMap<>();
    private final Set<String> state = new LinkedHashSet<>();

    ScriptConstructors(SyntaxNode function, TypeParts type) {
        this.function = function;
        this.type = type;
        for (SyntaxNode statement : function.child("body").children()) {
            for (SyntaxNode declarator : declarators(statement)) {
                if (declarator.child("value") != null && declarator.child("value").is("this")) {
                    selves.add(declarator.child("name").text());
                }
            }
        }
    }

    static boolean fills(SyntaxNode function) {
        return function.child("body").children().stream().anyMatch(statement -> filled(statement, Set.of()) != null);
    }

    /** {@code this.name = function …}, or the same by another name for {@code this}; null for all else. */
    private static SyntaxNode filled(SyntaxNode statement, Set<String> selves) {
        SyntaxNode set = statement.is("expression_statement") && !statement.children().isEmpty()
                ? statement.children().getFirst()
                : null;
        if (set == null || !set.is("assignment_expression") || !set.child("left").is("member_expression")
                || !ScriptValues.isFunction(set.child("right"))) {
            return null;
        }
        SyntaxNode on = set.child("left").child("object");
        return on.is("this") || selves.contains(on.text()) ? set : null;
    }

    private static List<SyntaxNode> declarators(SyntaxNode statement) {
        return statement.is("variable_declaration") || statement.is("lexical_declaration")
                ? statement.children()
                        .stream()
                        .filter(one -> one.is("variable_declarator") && one.child("name").is("identifier"))
                        .toList()
                : List.of();
    }

    void read(List<ParameterDeclared> parameters) {
        List<SyntaxNode> statements = function.child("body").children();
        for (SyntaxNode statement : statements) {
            SyntaxNode set = filled(statement, selves);
            if (set != null) {
                operations.put(ScriptMembers.name(set.child("left").child("property")), set);
            }
        }
        parameters.forEach(parameter -> spokenOf(parameter.name()));
        statements.stream()
                .flatMap(statement -> declarators(statement).stream())
                .filter(one -> one.child("value") == null || !ScriptValues.isFunction(one.child("value")))
                .map(one -> one.child("name").text())
                .filter(name -> !selves.contains(name))
                .forEach(this::spokenOf);
        Set<String> given = new HashSet<>();
        parameters.forEach(parameter -> given.add(parameter.name()));
        constructor(parameters, statements, given);
        operations.forEach(this::operation);
    }

    private void spokenOf(String name) {
        Pattern word = Pattern.compile("(?<![\\w$.])" + Pattern.quote(name) + "(?![\\w$])");
        if (operations.values().stream().anyMatch(set -> word.matcher(set.child("right").code()).find())) {
            state.add(name);
        }
    }

    private void constructor(List<ParameterDeclared> parameters, List<SyntaxNode> statements, Set<String> given) {
        SourceSpan at = function.span();
        Set<String> own = new HashSet<>(state);
        own.removeAll(given);
        var bodies = new ScriptBodies(type.name()).constructing(true).around(own, selves);
        List<Step> steps = new ArrayList<>(bodies.takenApart(function.child("parameters")));
        for (ParameterDeclared parameter : parameters) {
            if (state.contains(parameter.name())) {
                hidden(parameter.name(), at);
                steps.add(set(parameter.name(), new Value.Name(parameter.name(), at), at));
            }
        }
        for (SyntaxNode statement : statements) {
            boolean kept = declarators(statement).stream().anyMatch(one -> own.contains(one.child("name").text()));
            if (kept) {
                for (SyntaxNode declarator : declarators(statement)) {
                    String name = declarator.child("name").text();
                    hidden(name, declarator.span());
                    if (declarator.child("value") != null) {
                        steps.add(set(name, bodies.heldBy(name, declarator.child("value")), declarator.span()));
                    }
                }
            } else if (filled(statement, selves) == null) {
                bodies.statement(statement, steps);
                new ScriptMembers(type).assigned(statement);
            }
        }
        type.operations()
                .addFirst(new OperationDeclared(type.name(), Kind.CONSTRUCTOR, ScriptTypes.PUBLIC, List.of(),
                        parameters, null, steps, bodies.inner(), at));
    }

    private void hidden(String name, SourceSpan at) {
        if (!type.hasField(name)) {
            type.fields()
                    .add(new FieldDeclared(name, null, HIDDEN, FieldDeclared.Kind.FIELD, null, List.of(), at));
        }
    }

    private static Step set(String name, Value value, SourceSpan at) {
        return new Step.Do(new Value.Assign(new Value.Member(new Value.Self(null, at), name, at), value, true, at), at);
    }

    private void operation(String name, SyntaxNode set) {
        SyntaxNode body = set.child("right");
        List<ParameterDeclared> parameters = ScriptValues.parameters(body, DocComment.NONE);
        Set<String> seen = new HashSet<>(state);
        parameters.forEach(parameter -> seen.remove(parameter.name()));
        var bodies = new ScriptBodies(type.name()).around(seen, selves);
        type.operations()
                .add(new OperationDeclared(name, Kind.OPERATION, ScriptTypes.PUBLIC, List.of(), parameters, null,
                        bodies.functionBody(body), bodies.inner(), set.span()));
        if (body.child("body") != null) {
            body.child("body").children().forEach(new ScriptMembers(type)::assigned);
        }
    }
}
