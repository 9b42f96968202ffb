package dev.huella.core.reading.script;

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
import dev.huella.core.reading.DocComment;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Objects without a class: object literals with operations, and functions whose variables are the private state of
 * the object of functions that they return.
 */
final class ScriptClosures {
    private static final Pattern NAMED = Pattern.compile("[A-Z]\\w*");
    private static final Set<String> OF_LANGUAGE = Set
            .of("Promise", "Record", "Partial", "Readonly", "Required", "Pick", "Omit", "Array", "Map", "Set");
    private static final Modifiers HIDDEN = Modifiers.of(Visibility.PRIVATE);
    private static final Set<String> DECLARATIONS = Set.of("lexical_declaration", "variable_declaration");

    private ScriptClosures() {}

    /** True for an object literal of which some member is a function. */
    static boolean hasFunctions(SyntaxNode object) {
        return object.children()
                .stream()
                .anyMatch(child -> child.is("method_definition")
                        || child.is("pair") && ScriptValues.isFunction(child.child("value")));
    }

    /** The type of an object literal. */
    static TypeDeclared object(SyntaxNode node, String holder) {
        var parts = new TypeParts(TypeKind.OBJECT, holder).anonymous();
        members(node, parts, Map.of());
        node.children().forEach(new ScriptMembers(parts)::assigned);
        return parts.modifiers(ScriptTypes.PUBLIC).at(node);
    }

    static void members(SyntaxNode object, TypeParts into, Map<String, SyntaxNode> functions) {
        DocComment doc = DocComment.NONE;
        for (SyntaxNode child : object.withComments()) {
            if (child.isComment()) {
                doc = doc.then(child.text());
                continue;
            }
            switch (child.kind()) {
                case "method_definition" -> operation(ScriptMembers.name(child.child("name")), child, child, doc,
                        ScriptMembers.modifiers(child, child.child("name"), doc), into);
                case "pair" -> pair(child, doc, into, functions);
                case "shorthand_property_identifier" -> {
                    SyntaxNode function = functions.get(child.text());
                    if (function != null) {
                        operation(child.text(), function, function, doc, ScriptTypes.PUBLIC, into);
                    }
                }
                default -> {
                    continue; // punctuation does not end a comment's reach
                }
            }
            doc = DocComment.NONE;
        }
    }

    private static void pair(SyntaxNode pair, DocComment doc, TypeParts into, Map<String, SyntaxNode> functions) {
        SyntaxNode value = pair.child("value");
        String name = ScriptMembers.name(pair.child("key"));
        SyntaxNode meant = value.is("identifier") ? functions.get(value.text()) : null;
        if (ScriptValues.isFunction(value) || meant != null) {
            operation(name, meant == null ? value : meant, pair, doc, ScriptTypes.PUBLIC, into);
        } else {
            field(name, value, ScriptTypes.PUBLIC, pair, into);
        }
    }

    private static void operation(String name, SyntaxNode function, SyntaxNode at, DocComment doc, Modifiers modifiers,
            TypeParts into) {
        if (into.hasOperation(name) && !modifiers.has(Modifiers.Mark.SETTER)) {
            return;
        }
        var bodies = new ScriptBodies(into.name()).inPlace();
        into.operations()
                .add(new OperationDeclared(name, Kind.OPERATION, modifiers, ScriptTypeTexts.parameters(function, doc),
                        ScriptValues.parameters(function, doc), ScriptMembers.result(function, doc),
                        bodies.functionBody(function), bodies.inner(), at.span()));
    }

    private static void field(String name, SyntaxNode value, Modifiers modifiers, SyntaxNode at, TypeParts into) {
        if (into.hasField(name)) {
            return;
        }
        var bodies = new ScriptBodies(into.name());
        Value initial = value == null ? null : bodies.heldBy(name, value);
        into.fields()
                .add(new FieldDeclared(name, null, modifiers, FieldDeclared.Kind.FIELD, initial, bodies.inner(),
                        at.span()));
    }

    /** {@code (function () { … return { … } })()}: the type of what it gives back; null for other calls. */
    static TypeDeclared calledAtOnce(SyntaxNode call, String holder) {
        SyntaxNode function = call.child("function");
        if (function != null && function.is("parenthesized_expression") && !function.children().isEmpty()) {
            function = function.children().getFirst();
        }
        if (function == null || !ScriptValues.isFunction(function)) {
            return null;
        }
        SyntaxNode surface = surface(function);
        return surface == null ? null : closure(function, surface, holder, true);
    }

    /** The object of functions that a function gives back; null when it gives back something else. */
    static SyntaxNode surface(SyntaxNode function) {
        SyntaxNode value = given(function);
        SyntaxNode body = function.child("body");
        return value != null && value.is("object") && (hasFunctions(value)
                || body.is("statement_block") && namesFunctions(value, functions(body))) ? value : null;
    }

    /** What a function gives back, where it says so on its own level; else null. */
    static SyntaxNode given(SyntaxNode function) {
        SyntaxNode body = function.child("body");
        if (body == null || !body.is("statement_block")) {
            return body == null ? null : unwrapped(body);
        }
        for (SyntaxNode statement : body.children()) {
            if (statement.is("return_statement") && !statement.children().isEmpty()) {
                SyntaxNode value = unwrapped(statement.children().getFirst());
                return value.is("identifier") ? declared(body, value.text()) : value;
            }
        }
        return null;
    }

    static SyntaxNode unwrapped(SyntaxNode node) {
        SyntaxNode at = node;
        while ((at.is("parenthesized_expression") || at.is("as_expression") || at.is("satisfies_expression"))
                && !at.children().isEmpty()) {
            at = at.children().getFirst();
        }
        if (at.is("call_expression") && at.child("function").text().equals("Object.freeze")
                && !at.child("arguments").children().isEmpty()) {
            at = at.child("arguments").children().getFirst();
        }
        return at;
    }

    private static boolean namesFunctions(SyntaxNode object, Map<String, SyntaxNode> functions) {
        return object.children()
                .stream()
                .anyMatch(child -> child.is("shorthand_property_identifier") && functions.containsKey(child.text())
                        || child.is("pair") && functions.containsKey(child.child("value").text()));
    }

    private static SyntaxNode declared(SyntaxNode body, String name) {
        for (SyntaxNode statement : body.children()) {
            if (DECLARATIONS.contains(statement.kind())) {
                for (SyntaxNode declarator : statement.children()) {
                    if (declarator.child("name") != null && declarator.child("name").text().equals(name)
                            && declarator.child("value") != null) {
                        return unwrapped(declarator.child("value"));
                    }
                }
            }
        }
        return null;
    }

    private static Map<String, SyntaxNode> functions(SyntaxNode body) {
        Map<String, SyntaxNode> found = new HashMap<>();
        for (SyntaxNode statement : body.children()) {
            if (statement.is("function_declaration") || statement.is("generator_function_declaration")) {
                found.put(statement.child("name").text(), statement);
            } else if (DECLARATIONS.contains(statement.kind())) {
                for (SyntaxNode declarator : statement.children()) {
                    SyntaxNode value = declarator.child("value");
                    if (value != null && ScriptValues.isFunction(value)) {
                        found.put(declarator.child("name").text(), value);
                    }
                }
            }
        }
        return found;
    }

    /** The type whose private state is the function's variables and whose operations are those it gives back. */
    static TypeDeclared closure(SyntaxNode function, SyntaxNode surface, String name, boolean anonymous) {
        var parts = new TypeParts(TypeKind.OBJECT, name);
        if (anonymous) {
            parts.anonymous();
        }
        List<Step> steps = new ArrayList<>();
        List<ParameterDeclared> parameters = ScriptValues.parameters(function, DocComment.NONE);
        var bodies = new ScriptBodies(name);
        for (ParameterDeclared parameter : parameters) {
            var at = function.span();
            parts.fields()
                    .add(new FieldDeclared(parameter.name(), parameter.type(), HIDDEN, FieldDeclared.Kind.FIELD, null,
                            List.of(), at));
            steps.add(new Step.Do(new Value.Assign(new Value.Member(new Value.Self(null, at), parameter.name(), at),
                    new Value.Name(parameter.name(), at), true, at), at));
        }
        SyntaxNode body = function.child("body");
        Map<String, SyntaxNode> functions = body.is("statement_block") ? functions(body) : Map.of();
        if (body.is("statement_block")) {
            body.children().forEach(statement -> state(statement, surface, parts, bodies, steps));
        }
        members(surface, parts, functions);
        functions.forEach((local, node) -> operation(local, node, node, DocComment.NONE, HIDDEN, parts));
        parts.operations()
                .addFirst(new OperationDeclared(name, Kind.CONSTRUCTOR, HIDDEN, List.of(), parameters, null,
                        steps, bodies.inner(), function.span()));
        TypeText promised = promised(function);
        if (promised != null) {
            parts.realised().add(promised);
        }
        return parts.modifiers(ScriptTypes.PUBLIC).at(function);
    }

    /** The type by name that a function says it gives back; null where it names none, or one of several things. */
    static TypeText promised(SyntaxNode function) {
        TypeText written = ScriptTypeTexts.type(function.child("return_type"));
        return written != null && written.dimensions() == 0 && NAMED.matcher(written.name()).matches()
                && !OF_LANGUAGE.contains(written.name()) ? written : null;
    }

    private static void state(SyntaxNode statement, SyntaxNode surface, TypeParts parts, ScriptBodies bodies,
            List<Step> steps) {
        if (DECLARATIONS.contains(statement.kind())) {
            for (SyntaxNode declarator : statement.children()) {
                SyntaxNode value = declarator.child("value");
                SyntaxNode named = declarator.child("name");
                boolean given = value != null && unwrapped(value).start() == surface.start();
                if (named != null && named.is("identifier") && !given
                        && (value == null || !ScriptValues.isFunction(value))) {
                    field(named.text(), value, HIDDEN, declarator, parts);
                }
            }
        } else if (!statement.is("return_statement") && !statement.is("function_declaration")) {
            bodies.statement(statement, steps);
        }
    }
}
