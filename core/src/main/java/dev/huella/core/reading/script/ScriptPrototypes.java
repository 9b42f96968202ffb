package dev.huella.core.reading.script;

import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.reading.DocComment;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import dev.huella.core.facts.TypeDeclared.Standing;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Classes in the old manner: a function that fills {@code this}, and operations put on its prototype one by one. */
final class ScriptPrototypes {
    private static final Pattern PROTOTYPE = Pattern.compile("^([A-Za-z_$][\\w$]*)\\.prototype(?:\\.([\\w$]+))?$");
    private static final Pattern MADE_FROM = Pattern
            .compile("(?:Object\\.create\\(\\s*([\\w$.]+)\\.prototype|new\\s+([\\w$.]+)\\s*\\()");
    private static final Pattern INHERITS = Pattern.compile(
            "(?:inherits|setPrototypeOf)\\(\\s*([\\w$]+)(?:\\.prototype)?\\s*,\\s*([\\w$.]+?)(?:\\.prototype)?\\s*\\)");
    private final Set<String> classes = new LinkedHashSet<>();
    private final Set<String> written = new HashSet<>();
    private final Map<String, TypeParts> parts = new LinkedHashMap<>();
    private final Map<String, SyntaxNode> heads = new LinkedHashMap<>();

    ScriptPrototypes(SyntaxNode root) {
        for (SyntaxNode node : root.children()) {
            SyntaxNode plain = node.is("export_statement") && node.child("declaration") != null
                    ? node.child("declaration")
                    : node;
            if (ScriptTypes.isClass(plain) && plain.child("name") != null) {
                written.add(plain.child("name").text());
            } else if (plain.is("function_declaration")) {
                candidate(plain.child("name"), plain);
            } else if (plain.is("lexical_declaration") || plain.is("variable_declaration")) {
                plain.children().forEach(one -> candidate(one.child("name"), one.child("value")));
            }
        }
        for (SyntaxNode node : root.children()) {
            SyntaxNode expression = node.is("expression_statement") && !node.children().isEmpty()
                    ? node.children().getFirst()
                    : null;
            if (expression != null && expression.is("assignment_expression")) {
                Matcher matcher = PROTOTYPE.matcher(expression.child("left").text());
                if (matcher.matches()) {
                    classes.add(matcher.group(1));
                }
            }
        }
        classes.removeAll(written);
    }

    private void candidate(SyntaxNode name, SyntaxNode function) {
        if (name == null || function == null || !ScriptValues.isFunction(function) || function.is("arrow_function")
                || !Character.isUpperCase(name.text().charAt(0))) {
            return;
        }
        SyntaxNode body = function.child("body");
        boolean fills = body != null && body.children()
                .stream()
                .anyMatch(statement -> statement.is("expression_statement") && statement.text().startsWith("this."));
        if (fills) {
            classes.add(name.text());
        }
    }

    /** What is added to a class from outside: it belongs to the type all the same. */
    private TypeParts added(String name, SyntaxNode at) {
        heads.putIfAbsent(name, at);
        return parts.computeIfAbsent(name, key -> new TypeParts(TypeKind.CLASS, name).modifiers(ScriptTypes.PUBLIC)
                .standing(Standing.EXTENSION));
    }

    boolean isClass(String name) {
        return classes.contains(name);
    }

    private TypeParts of(String name) {
        return parts.computeIfAbsent(name, key -> new TypeParts(TypeKind.CLASS, name).modifiers(ScriptTypes.PUBLIC));
    }

    void constructor(String name, SyntaxNode function, DocComment doc) {
        TypeParts type = of(name);
        heads.put(name, function);
        if (ScriptConstructors.fills(function)) {
            new ScriptConstructors(function, type).read(ScriptValues.parameters(function, doc));
            return;
        }
        var bodies = new ScriptBodies(name).constructing(true);
        type.operations()
                .addFirst(new OperationDeclared(name, Kind.CONSTRUCTOR, ScriptTypes.PUBLIC, List.of(),
                        ScriptValues.parameters(function, doc), null, bodies.functionBody(function), bodies.inner(),
                        function.span()));
        function.child("body").children().forEach(new ScriptMembers(type)::assigned);
    }

    /** True when the expression belongs to one of the classes and was read here. */
    boolean takes(SyntaxNode node) {
        if (node.is("call_expression")) {
            return inherits(node) || mixed(node);
        }
        if (!node.is("assignment_expression")) {
            return false;
        }
        SyntaxNode value = node.child("right");
        String target = node.child("left").text();
        Matcher matcher = PROTOTYPE.matcher(target);
        if (matcher.matches() && written.contains(matcher.group(1)) && matcher.group(2) != null) {
            member(added(matcher.group(1), node), matcher.group(2), value, node, false);
            return true;
        }
        if (matcher.matches() && isClass(matcher.group(1))) {
            if (matcher.group(2) == null) {
                whole(of(matcher.group(1)), value);
            } else if (!matcher.group(2).equals("constructor")) {
                member(of(matcher.group(1)), matcher.group(2), value, node, false);
            }
            return true;
        }
        int dot = target.indexOf('.');
        if (dot > 0 && isClass(target.substring(0, dot)) && target.indexOf('.', dot + 1) < 0) {
            member(of(target.substring(0, dot)), target.substring(dot + 1), value, node, true);
            return true;
        }
        return false;
    }

    private boolean inherits(SyntaxNode call) {
        Matcher matcher = INHERITS.matcher(call.code());
        if (matcher.find() && isClass(matcher.group(1))) {
            of(matcher.group(1)).extended().add(TypeText.of(matcher.group(2)));
            return true;
        }
        return false;
    }

    /** {@code Object.assign(Name.prototype, { … }, Mixed)}: several operations at once, or all that other objects have. */
    private boolean mixed(SyntaxNode call) {
        SyntaxNode arguments = call.child("function").text().equals("Object.assign") ? call.child("arguments") : null;
        List<SyntaxNode> given = arguments == null ? List.of() : arguments.children();
        Matcher matcher = given.size() < 2 ? null : PROTOTYPE.matcher(given.getFirst().text());
        if (matcher == null || !matcher.matches() || matcher.group(2) != null
                || !isClass(matcher.group(1)) && !written.contains(matcher.group(1))) {
            return false;
        }
        TypeParts type = isClass(matcher.group(1)) ? of(matcher.group(1)) : added(matcher.group(1), call);
        for (SyntaxNode one : given.subList(1, given.size())) {
            if (one.is("identifier") && Character.isUpperCase(one.text().charAt(0))) {
                type.extended().add(TypeText.of(one.text()));
            } else {
                whole(type, one);
            }
        }
        return true;
    }

    private static void whole(TypeParts type, SyntaxNode value) {
        Matcher matcher = MADE_FROM.matcher(value.code());
        if (value.is("object")) {
            for (SyntaxNode child : value.children()) {
                if (child.is("method_definition")) {
                    member(type, ScriptMembers.name(child.child("name")), child, child, false);
                } else if (child.is("pair") && !ScriptMembers.name(child.child("key")).equals("constructor")) {
                    member(type, ScriptMembers.name(child.child("key")), child.child("value"), child, false);
                }
            }
        } else if (matcher.lookingAt()) {
            type.extended().add(TypeText.of(matcher.group(1) == null ? matcher.group(2) : matcher.group(1)));
        }
    }

    private static void member(TypeParts type, String name, SyntaxNode value, SyntaxNode at, boolean isStatic) {
        Modifiers modifiers = isStatic ? ScriptTypes.PUBLIC.with(Mark.STATIC) : ScriptTypes.PUBLIC;
        if (!ScriptValues.isFunction(value) && !value.is("method_definition")) {
            var bodies = new ScriptBodies(type.name());
            type.fields()
                    .add(new dev.huella.core.facts.FieldDeclared(name, null, modifiers,
                            dev.huella.core.facts.FieldDeclared.Kind.FIELD, bodies.heldBy(name, value), bodies.inner(),
                            at.span()));
            return;
        }
        var bodies = new ScriptBodies(type.name());
        type.operations()
                .add(new OperationDeclared(name, Kind.OPERATION, modifiers, List.of(),
                        ScriptValues.parameters(value, DocComment.NONE), null, bodies.functionBody(value),
                        bodies.inner(),
                        at.span()));
        SyntaxNode body = value.child("body");
        if (!isStatic && body != null) {
            body.children().forEach(new ScriptMembers(type)::assigned);
        }
    }

    List<TypeDeclared> types() {
        List<TypeDeclared> found = new ArrayList<>();
        parts.forEach((name, type) -> {
            if (heads.containsKey(name)) {
                found.add(type.at(heads.get(name)));
            }
        });
        return found;
    }
}
