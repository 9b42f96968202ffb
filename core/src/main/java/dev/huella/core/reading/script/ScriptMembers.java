package dev.huella.core.reading.script;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.WrittenType;
import dev.huella.core.reading.DocComment;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Reads the members of one class. */
final class ScriptMembers {
    private static final Set<String> OWN_THIS = Set.of("class", "class_declaration", "function_declaration",
            "function_expression", "object");
    private final TypeParts into;
    private final Set<String> written = new HashSet<>();

    ScriptMembers(TypeParts into) {
        this.into = into;
    }

    /** Without a leading {@code #}; the well-known symbols by their last word. */
    static String name(SyntaxNode node) {
        if (node == null) {
            return "";
        }
        String text = node.text();
        if (node.is("computed_property_name")) {
            text = text.substring(1, text.length() - 1).strip();
            text = text.startsWith("Symbol.") ? text.substring("Symbol.".length()) : text;
        }
        return text.startsWith("#") ? text.substring(1) : text.replaceAll("^['\"]|['\"]$", "");
    }

    void members(SyntaxNode body) {
        if (body == null) {
            return;
        }
        body.children()
                .stream()
                .filter(member -> member.is("method_definition"))
                .forEach(member -> written.add(name(member.child("name"))));
        DocComment doc = DocComment.NONE;
        for (SyntaxNode member : body.withComments()) {
            if (member.isComment()) {
                doc = doc.then(member.text());
                continue;
            }
            member(member, doc);
            doc = DocComment.NONE;
        }
        body.children().forEach(this::assigned);
    }

    private void member(SyntaxNode member, DocComment doc) {
        switch (member.kind()) {
            case "method_definition" -> operation(member, doc);
            case "abstract_method_signature", "method_signature" -> operation(member, doc);
            case "public_field_definition", "field_definition" -> field(member, doc);
            case "class_static_block" -> {
                var bodies = new ScriptBodies(into.name());
                into.operations()
                        .add(new OperationDeclared("<static>", Kind.INITIALISER,
                                Modifiers.of(Visibility.PRIVATE, Mark.STATIC), List.of(), List.of(), null,
                                bodies.block(member.child("body")), bodies.inner(), member.span()));
            }
            case "ERROR" -> member.children().forEach(child -> member(child, doc));
            default -> {
                // nothing else is a member
            }
        }
    }

    static Modifiers modifiers(SyntaxNode member, SyntaxNode name, DocComment doc) {
        Modifiers modifiers = ScriptTypes.PUBLIC;
        String text = name == null ? "" : name.text();
        if (text.startsWith("#") || doc.has("private")) {
            modifiers = Modifiers.of(Visibility.PRIVATE);
        } else if (text.startsWith("_") || doc.has("protected")) {
            modifiers = Modifiers.of(Visibility.PROTECTED);
        }
        for (SyntaxNode token : member.tokens()) {
            switch (token.kind()) {
                case "accessibility_modifier" -> modifiers = modifiers.with(visibility(token.text()));
                case "static" -> modifiers = modifiers.with(Mark.STATIC);
                case "abstract" -> modifiers = modifiers.with(Mark.ABSTRACT);
                case "readonly" -> modifiers = modifiers.with(Mark.FINAL);
                case "override_modifier" -> modifiers = modifiers.with(Mark.OVERRIDE);
                case "get" -> modifiers = modifiers.with(Mark.GETTER);
                case "set" -> modifiers = modifiers.with(Mark.SETTER);
                default -> {
                    // other words carry no structure
                }
            }
        }
        return modifiers;
    }

    private static Visibility visibility(String word) {
        return switch (word) {
            case "private" -> Visibility.PRIVATE;
            case "protected" -> Visibility.PROTECTED;
            default -> Visibility.PUBLIC;
        };
    }

    private void operation(SyntaxNode node, DocComment doc) {
        SyntaxNode named = node.child("name");
        String name = name(named);
        boolean constructor = name.equals("constructor");
        SyntaxNode body = node.child("body");
        if (body == null && !node.is("abstract_method_signature") && written.contains(name)) {
            return; // one of several ways to call what is written out
        }
        List<ParameterDeclared> parameters = parameters(node.child("parameters"), doc);
        var bodies = new ScriptBodies(into.name()).constructing(constructor);
        List<Step> steps = body == null ? null : new ArrayList<>(bodies.block(body));
        Modifiers modifiers = modifiers(node, named, doc);
        if (constructor) {
            promoted(node.child("parameters"), steps);
        }
        if (steps != null) {
            steps.addAll(0, bodies.defaults(node.child("parameters")));
            steps.addAll(0, bodies.takenApart(node.child("parameters")));
        }
        if (doc.has("abstract") && steps != null) {
            modifiers = modifiers.with(Mark.ABSTRACT);
            steps = null;
        }
        into.operations()
                .add(new OperationDeclared(constructor ? into.name() : name,
                        constructor ? Kind.CONSTRUCTOR : Kind.OPERATION, modifiers,
                        ScriptTypeTexts.parameters(node, doc), parameters, result(node, doc), steps,
                        bodies.inner(), node.span()));
    }

    static TypeText result(SyntaxNode node, DocComment doc) {
        TypeText written = ScriptTypeTexts.type(node.child("return_type"));
        return written == null && node.child("return_type") == null ? doc.result() : written;
    }

    /** Parameters with a word before them become fields. */
    private void promoted(SyntaxNode list, List<Step> steps) {
        int position = 0;
        for (SyntaxNode parameter : list == null ? List.<SyntaxNode>of() : list.children()) {
            boolean promoted = parameter.tokens()
                    .stream()
                    .anyMatch(token -> token.is("accessibility_modifier") || token.is("readonly")
                            || token.is("override_modifier"));
            SyntaxNode pattern = parameter.child("pattern");
            if (promoted && pattern != null) {
                TypeText type = ScriptTypeTexts.type(parameter.child("type"));
                into.fields()
                        .add(new FieldDeclared(pattern.text(),
                                parameter.is("optional_parameter") ? TypeText.optional(type) : type,
                                modifiers(parameter, null, DocComment.NONE), FieldDeclared.Kind.FIELD, null, List.of(),
                                parameter.span()));
                var at = parameter.span();
                steps.add(position++, new Step.Do(new Value.Assign(
                        new Value.Member(new Value.Self(null, at), pattern.text(), at),
                        new Value.Name(pattern.text(), at), true, at), at));
            }
        }
    }

    private void field(SyntaxNode node, DocComment doc) {
        SyntaxNode named = node.child("name") != null ? node.child("name") : node.child("property");
        if (named == null) {
            return;
        }
        String name = name(named);
        SyntaxNode value = node.child("value");
        SyntaxNode annotation = node.child("type");
        Modifiers modifiers = modifiers(node, named, doc);
        var bodies = new ScriptBodies(into.name());
        if (annotation == null && value != null && ScriptValues.isFunction(value)) {
            List<ParameterDeclared> parameters = ScriptValues.parameters(value, doc);
            into.operations()
                    .add(new OperationDeclared(name, Kind.OPERATION, modifiers,
                            ScriptTypeTexts.parameters(value, doc), parameters, result(value, doc),
                            bodies.functionBody(value), bodies.inner(), node.span()));
            return;
        }
        TypeText type = annotation == null ? doc.held() : ScriptTypeTexts.type(annotation);
        boolean optional = node.tokens().stream().anyMatch(token -> token.is("?"));
        Value initial = value == null ? null : bodies.heldBy(name, value, type);
        if (type == null && node.is("public_field_definition") && initial instanceof Value.Create made) {
            type = made.type(); // where fields have types, it has the one of what it starts with
        }
        into.fields()
                .add(new FieldDeclared(name, optional ? TypeText.optional(type) : type, modifiers,
                        FieldDeclared.Kind.FIELD, initial, bodies.inner(), node.span()));
    }

    /** Fields that operations give to the receiver without a declaration. */
    void assigned(SyntaxNode member) {
        Deque<SyntaxNode> open = new ArrayDeque<>(List.of(member));
        DocComment doc = DocComment.NONE;
        while (!open.isEmpty()) {
            SyntaxNode node = open.pop();
            if (node.isComment()) {
                doc = doc.then(node.text());
                continue;
            }
            if (node.is("assignment_expression") && !bindsOwn(node)) {
                target(node.child("left"), doc);
                doc = DocComment.NONE;
            }
            Map<String, SyntaxNode> atOnce = assignedAtOnce(node);
            if (atOnce != null) {
                atOnce.forEach((name, given) -> field(name, DocComment.NONE, ScriptTypes.PUBLIC, given));
            }
            if (node == member || !OWN_THIS.contains(node.kind())) {
                node.withComments().reversed().forEach(open::push);
            }
        }
    }

    /** An operation of the object that is bound to it under its own name: the same operation as before. */
    static boolean bindsOwn(SyntaxNode assignment) {
        SyntaxNode bound = bound(assignment.child("right"));
        return bound != null && bound.text().equals(assignment.child("left").text());
    }

    /** The operation in {@code object.operation.bind(object)}; null for anything else. */
    static SyntaxNode bound(SyntaxNode call) {
        SyntaxNode function = call != null && call.is("call_expression") ? call.child("function") : null;
        SyntaxNode bound = function != null && function.is("member_expression")
                && function.child("property").text().equals("bind") ? function.child("object") : null;
        SyntaxNode to = bound != null && bound.is("member_expression") ? call.child("arguments") : null;
        return to != null && to.children().size() == 1
                && to.children().getFirst().text().equals(bound.child("object").text()) ? bound : null;
    }

    private void target(SyntaxNode left, DocComment doc) {
        if (left == null || !left.is("member_expression") || !left.child("object").is("this")) {
            return;
        }
        SyntaxNode property = left.child("property");
        field(name(property), doc, modifiers(left, property, doc), left);
    }

    /** What {@code Object.assign(this, { … })} gives the receiver, by name; null for anything else. */
    static Map<String, SyntaxNode> assignedAtOnce(SyntaxNode call) {
        SyntaxNode arguments = call.is("call_expression") && call.child("function").text().equals("Object.assign")
                ? call.child("arguments")
                : null;
        if (arguments == null || arguments.children().size() != 2 || !arguments.children().getFirst().is("this")
                || !arguments.children().getLast().is("object")) {
            return null;
        }
        Map<String, SyntaxNode> found = new LinkedHashMap<>();
        for (SyntaxNode part : arguments.children().getLast().children()) {
            if (part.is("shorthand_property_identifier")) {
                found.put(part.text(), part);
            } else if (part.is("pair")) {
                found.put(name(part.child("key")), part.child("value"));
            }
        }
        return found;
    }

    private void field(String name, DocComment doc, Modifiers modifiers, SyntaxNode at) {
        if (!into.hasField(name) && into.operations()
                .stream()
                .noneMatch(one -> one.name().equals(name) && one.modifiers().has(Mark.SETTER))) {
            into.fields()
                    .add(new FieldDeclared(name, doc.held(), modifiers, FieldDeclared.Kind.FIELD, null, List.of(),
                            at.span()));
        }
    }

    static List<ParameterDeclared> parameters(SyntaxNode list, DocComment doc) {
        List<ParameterDeclared> found = new ArrayList<>();
        for (SyntaxNode child : list == null ? List.<SyntaxNode>of() : list.children()) {
            SyntaxNode pattern = child.child("pattern") != null
                    ? child.child("pattern")
                    : child.is("assignment_pattern") ? child.child("left") : child;
            boolean rest = pattern.is("rest_pattern");
            String name = rest && !pattern.children().isEmpty() ? pattern.children().getFirst().text() : pattern.text();
            TypeText type = child.child("type") != null
                    ? ScriptTypeTexts.type(child.child("type"))
                    : doc.parameter(name);
            SyntaxNode initial = child.is("assignment_pattern") ? child.child("right") : child.child("value");
            type = WrittenType.orOfDefault(type, initial, WrittenType.Plain.SCRIPT);
            boolean optional = rest || child.is("optional_parameter") || child.is("assignment_pattern")
                    || child.child("value") != null;
            found.add(new ParameterDeclared(name, rest && type == null ? TypeText.of("?").array(1) : type, optional));
        }
        return found;
    }
}
