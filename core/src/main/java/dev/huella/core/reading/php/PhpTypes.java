package dev.huella.core.reading.php;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.WrittenType;
import dev.huella.core.reading.DocComment;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Set;

/** Reads types and their members. */
final class PhpTypes {
    private static final Set<String> PLAIN = Set.of("string", "int", "float", "bool", "array", "iterable", "object",
            "true");
    /** {@code $this->field->$name(…)}, or the same by way of the library's function for it. */

    static final Modifiers PUBLIC = Modifiers.of(Visibility.PUBLIC);
    private final String namespace;

    PhpTypes(String namespace) {
        this.namespace = namespace;
    }

    /** Dots instead of backslashes; one before it says that the name is whole. */
    static String dotted(String name) {
        return name.replaceAll("\\s", "").replace('\\', '.');
    }

    static TypeText named(SyntaxNode node) {
        return TypeText.of(dotted(node.text()));
    }

    /** Null for nothing and for types that name no single one. {@code own} stands for {@code self} and {@code static}. */
    static TypeText type(SyntaxNode node, String own) {
        return node == null ? null : TypeText.as(plainType(node, own), node.text());
    }

    private static TypeText plainType(SyntaxNode node, String own) {
        return switch (node.kind()) {
            case "optional_type" -> TypeText.optional(node.children().isEmpty()
                    ? null
                    : type(node.children().getLast(), own));
            case "union_type" -> union(node, own);
            case "intersection_type" -> type(node.children().getFirst(), own);
            default -> {
                String text = dotted(node.text());
                yield switch (text) {
                    case "self", "static" -> own == null ? null : TypeText.of(own);
                    case "callable", ".Closure", "Closure" -> TypeText.function(List.of(), TypeText.of("?"));
                    case "mixed" -> null;
                    default -> TypeText.of(text);
                };
            }
        };
    }

    private static TypeText union(SyntaxNode node, String own) {
        List<TypeText> all = node.children().stream().map(child -> type(child, own)).toList();
        List<TypeText> real = all.stream()
                .filter(one -> one != null && !one.name().equals("null") && !one.name().equals("false"))
                .toList();
        List<TypeText> objects = real.stream().filter(one -> !one.isFunction()).toList();
        TypeText one = real.size() == 1
                ? real.getFirst()
                : objects.size() == 1
                        ? objects.getFirst()
                        : TypeText.oneOf(objects, PLAIN);
        return real.size() < all.size() ? TypeText.optional(one) : one;
    }

    TypeDeclared type(SyntaxNode node, DocComment doc) {
        TypeKind kind = switch (node.kind()) {
            case "interface_declaration" -> TypeKind.INTERFACE;
            case "trait_declaration" -> TypeKind.TRAIT;
            case "enum_declaration" -> TypeKind.ENUM;
            default -> TypeKind.CLASS;
        };
        SyntaxNode name = node.child("name");
        var parts = new TypeParts(kind, name == null ? "" : name.text());
        parts.typeParameters().addAll(doc.open());
        heads(node, parts);
        members(node.child("body"), parts);
        Modifiers modifiers = PUBLIC;
        for (SyntaxNode child : node.children()) {
            modifiers = switch (child.kind()) {
                case "abstract_modifier" -> modifiers.with(Mark.ABSTRACT);
                case "final_modifier" -> modifiers.with(Mark.FINAL);
                default -> modifiers;
            };
        }
        boolean promises = kind == TypeKind.INTERFACE || kind == TypeKind.TRAIT;
        return parts.modifiers(promises ? modifiers.with(Mark.ABSTRACT) : modifiers).namespace(namespace).at(node);
    }

    private static void heads(SyntaxNode node, TypeParts into) {
        SyntaxNode base = node.first("base_clause");
        if (base != null) {
            base.children().forEach(one -> into.extended().add(named(one)));
        }
        SyntaxNode realised = node.first("class_interface_clause");
        if (realised != null) {
            realised.children().forEach(one -> into.realised().add(named(one)));
        }
    }

    /** A class written where an object is made. */
    TypeDeclared anonymous(SyntaxNode node, String holder) {
        var parts = new TypeParts(TypeKind.CLASS, holder).anonymous();
        heads(node, parts);
        members(node.child("body"), parts);
        return parts.modifiers(Modifiers.of(Visibility.PRIVATE)).at(node);
    }

    private void members(SyntaxNode body, TypeParts into) {
        DocComment doc = DocComment.NONE;
        for (SyntaxNode member : body == null ? List.<SyntaxNode>of() : body.withComments()) {
            if (member.isComment()) {
                doc = doc.then(member.text());
            } else if (member.named()) {
                member(member, doc, into);
                doc = DocComment.NONE;
            }
        }
        if (body != null && into.kind() != TypeKind.INTERFACE) {
            undeclared(body, into);
        }
    }

    private void member(SyntaxNode member, DocComment doc, TypeParts into) {
        switch (member.kind()) {
            case "use_declaration" -> member.children()
                    .stream()
                    .filter(one -> one.is("name") || one.is("qualified_name"))
                    .forEach(one -> into.realised().add(named(one)));
            case "property_declaration" -> fields(member, doc, into);
            case "const_declaration" -> constants(member, into);
            case "enum_case" -> into.fields()
                    .add(new FieldDeclared(member.child("name").text(), TypeText.of(into.name()),
                            PUBLIC.with(Mark.STATIC).with(Mark.FINAL), FieldDeclared.Kind.CONSTANT, null, List.of(),
                            member.span()));
            case "method_declaration" -> operation(member, doc, into, false);
            case "ERROR" -> member.children().forEach(child -> member(child, doc, into));
            default -> {
                // attributes and comments
            }
        }
    }

    static Modifiers modifiers(SyntaxNode node) {
        Modifiers modifiers = PUBLIC;
        for (SyntaxNode child : node.children()) {
            switch (child.kind()) {
                case "visibility_modifier" -> modifiers = modifiers.with(switch (child.text()) {
                    case "private" -> Visibility.PRIVATE;
                    case "protected" -> Visibility.PROTECTED;
                    default -> Visibility.PUBLIC;
                });
                case "static_modifier" -> modifiers = modifiers.with(Mark.STATIC);
                case "abstract_modifier" -> modifiers = modifiers.with(Mark.ABSTRACT);
                case "final_modifier", "readonly_modifier" -> modifiers = modifiers.with(Mark.FINAL);
                default -> {
                    // other words carry no structure
                }
            }
        }
        return modifiers;
    }

    private void fields(SyntaxNode node, DocComment doc, TypeParts into) {
        for (SyntaxNode element : node.children()) {
            if (!element.is("property_element")) {
                continue;
            }
            String name = element.child("name").text().substring(1);
            SyntaxNode value = element.child("default_value");
            var bodies = new PhpBodies(into.name(), namespace, false, false);
            into.fields()
                    .add(new FieldDeclared(name, written(type(node.child("type"), into.name()), doc.held()),
                            modifiers(node), FieldDeclared.Kind.FIELD, value == null ? null : bodies.value(value),
                            bodies.inner(), element.span()));
        }
    }

    /** What a comment says is more exact than {@code array}, {@code iterable}, {@code object} or nothing. */
    private static TypeText written(TypeText declared, TypeText documented) {
        if (documented != null && documented.name().equals("class-string") && documented.arguments().size() == 1) {
            return documented.arguments().getFirst(); // the name of a type stands for the type itself
        }
        boolean vague = declared == null || List.of("array", "iterable", "object", "callable")
                .contains(declared.present().name()) || declared.present().isFunction();
        return vague && documented != null ? documented : declared;
    }

    private void constants(SyntaxNode node, TypeParts into) {
        for (SyntaxNode element : node.children()) {
            if (element.is("const_element")) {
                var bodies = new PhpBodies(into.name(), namespace, true, false);
                List<SyntaxNode> parts = element.children();
                into.fields()
                        .add(new FieldDeclared(parts.getFirst().text(), null,
                                modifiers(node).with(Mark.STATIC).with(Mark.FINAL), FieldDeclared.Kind.FIELD,
                                bodies.value(parts.getLast()), bodies.inner(), element.span()));
            }
        }
    }

    /** An operation of a type, or a function outside types when {@code free}. */
    void operation(SyntaxNode node, DocComment doc, TypeParts into, boolean free) {
        String name = node.child("name").text();
        boolean constructor = name.equals("__construct") && !free;
        Modifiers modifiers = free ? PUBLIC.with(Mark.STATIC) : modifiers(node);
        SyntaxNode body = node.child("body");
        String own = free ? null : into.name();
        List<ParameterDeclared> parameters = parameters(node.child("parameters"), doc, own);
        var bodies = new PhpBodies(own, namespace, modifiers.has(Mark.STATIC), constructor)
                .of(free ? name : null);
        List<Step> steps = body == null ? null : new ArrayList<>(bodies.defaults(node.child("parameters")));
        if (steps != null) {
            steps.addAll(bodies.function(body, parameters));
            bodies.kept().stream().filter(one -> !into.hasField(one.name())).forEach(into.fields()::add);
        }
        if (constructor) {
            promoted(node.child("parameters"), doc, steps, into);
        }
        if (body == null) {
            modifiers = modifiers.with(Mark.ABSTRACT);
        }
        TypeText result = written(type(node.child("return_type"), own), doc.result());
        into.operations()
                .add(new OperationDeclared(constructor ? into.name() : name,
                        constructor ? Kind.CONSTRUCTOR : Kind.OPERATION, modifiers, doc.open(), parameters,
                        result != null && ("static".equals(result.name()) || "self".equals(result.name())
                                || "$this".equals(result.name())) ? TypeText.of(into.name()) : result,
                        steps, bodies.inner(), node.span()));
    }

    private void promoted(SyntaxNode list, DocComment doc, List<Step> steps, TypeParts into) {
        int position = steps == null ? 0 : (int) steps.stream().takeWhile(Step.Choose.class::isInstance).count();
        for (SyntaxNode parameter : list == null ? List.<SyntaxNode>of() : list.children()) {
            if (parameter.is("property_promotion_parameter")) {
                String name = parameter.child("name").text().substring(1);
                SourceSpan at = parameter.span();
                into.fields()
                        .add(new FieldDeclared(name,
                                written(type(parameter.child("type"), into.name()), doc.parameter(name)),
                                modifiers(parameter), FieldDeclared.Kind.FIELD, null, List.of(), at));
                if (steps != null) {
                    steps.add(position++, new Step.Do(new Value.Assign(
                            new Value.Member(new Value.Self(null, at), name, at), new Value.Name(name, at), true, at),
                            at));
                }
            }
        }
    }

    static List<ParameterDeclared> parameters(SyntaxNode list, DocComment doc, String own) {
        List<ParameterDeclared> found = new ArrayList<>();
        for (SyntaxNode child : list == null ? List.<SyntaxNode>of() : list.children()) {
            SyntaxNode named = child.child("name");
            if (named == null) {
                continue;
            }
            String name = named.text().replace("$", "").replace("&", "");
            TypeText type = WrittenType.orOfDefault(written(type(child.child("type"), own), doc.parameter(name)),
                    child.child("default_value"), WrittenType.Plain.PHP);
            boolean many = child.is("variadic_parameter");
            found.add(new ParameterDeclared(name, many ? (type == null ? TypeText.of("?") : type).array(1) : type,
                    many || child.child("default_value") != null));
        }
        return found;
    }

    /** Fields that operations give to the receiver without a declaration. */
    private static void undeclared(SyntaxNode body, TypeParts into) {
        Deque<SyntaxNode> open = new ArrayDeque<>(List.of(body));
        while (!open.isEmpty()) {
            SyntaxNode node = open.pop();
            if (node.is("assignment_expression") && node.child("left").is("member_access_expression")) {
                SyntaxNode left = node.child("left");
                SyntaxNode name = left.child("name");
                if (left.child("object").text().equals("$this") && name.is("name") && !into.hasField(name.text())
                        && into.extended().isEmpty() && into.realised().isEmpty()) {
                    into.fields()
                            .add(new FieldDeclared(name.text(), null, PUBLIC, FieldDeclared.Kind.FIELD, null, List.of(),
                                    left.span()));
                }
            }
            if (!node.is("anonymous_class")) {
                node.children().reversed().forEach(open::push);
            }
        }
    }
}
