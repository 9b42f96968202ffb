package dev.huella.core.reading.java;

import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.Step.Branch;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Value.Literal;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;

/** Reads expressions. */
final class JavaValues {
    private final JavaBodies bodies;

    JavaValues(JavaBodies bodies) {
        this.bodies = bodies;
    }

    /** A value that a variable starts with: a type made in place is named after it. */
    Value heldBy(String holder, SyntaxNode node, TypeText declared) {
        if (node.is("object_creation_expression")) {
            return creation(node, holder);
        }
        return node.is("array_initializer") ? new Value.ArrayOf(declared, all(node), node.span()) : value(node);
    }

    Value value(SyntaxNode node) {
        if (node == null) {
            throw new IllegalArgumentException("no expression to read");
        }
        SourceSpan at = node.span();
        return switch (node.kind()) {
            case "identifier" -> new Value.Name(node.text(), at);
            case "scoped_identifier" -> dotted(node.text(), at);
            case "this" -> new Value.Self(null, at);
            case "super" -> new Value.Super(at);
            case "null_literal" -> new Literal(Literal.Kind.NULL, "null", at);
            case "true", "false" -> new Literal(Literal.Kind.TRUTH, node.text(), at);
            case "string_literal", "character_literal" -> new Literal(Literal.Kind.TEXT, node.text(), at);
            case "parenthesized_expression" -> first(node, at);
            case "field_access" -> access(node, at);
            case "method_invocation" -> call(node);
            case "object_creation_expression" -> creation(node, "");
            case "array_creation_expression" -> array(node, at);
            case "array_initializer" -> new Value.ArrayOf(null, all(node), at);
            case "lambda_expression" -> lambda(node, at);
            case "method_reference" -> reference(node, at);
            case "assignment_expression" -> assignment(node, at);
            case "ternary_expression" -> ternary(node, at);
            case "switch_expression" -> JavaSwitches.value(node, bodies);
            case "cast_expression" -> new Value.Cast(JavaTypeTexts.type(node.child("type")), value(node.child("value")),
                    at);
            case "instanceof_expression" -> kindTest(node, at);
            case "array_access" -> new Value.Element(value(node.child("array")), value(node.child("index")), at);
            case "binary_expression" -> binary(node, at);
            case "update_expression" -> new Value.Assign(value(node.children().getFirst()),
                    new Literal(Literal.Kind.NUMBER, "1", at), false, at);
            case "class_literal" -> new Value.TypeName(JavaTypeTexts.type(node.children().getFirst()), at);
            default -> node.kind().endsWith("_literal")
                    ? new Literal(Literal.Kind.NUMBER, node.text(), at)
                    : new Value.Computed(node.kind(), all(node), at);
        };
    }

    private Value dotted(String text, SourceSpan at) {
        Value whole = null;
        for (String part : text.split("\\s*\\.\\s*")) {
            whole = whole == null ? new Value.Name(part, at) : new Value.Member(whole, part, at);
        }
        return whole;
    }

    private Value first(SyntaxNode node, SourceSpan at) {
        List<SyntaxNode> children = node.children();
        return children.isEmpty() ? new Value.Computed("", List.of(), at) : value(children.getFirst());
    }

    /** Every child that is a value; types and unreadable stretches inside are passed over. */
    private List<Value> all(SyntaxNode node) {
        List<Value> found = new ArrayList<>();
        for (SyntaxNode child : node.children()) {
            if (!child.kind().endsWith("annotation") && !child.is("modifiers") && !child.is("type_arguments")) {
                found.add(value(child));
            }
        }
        return found;
    }

    List<Value> arguments(SyntaxNode node) {
        return node == null ? List.of() : all(node);
    }

    private Value access(SyntaxNode node, SourceSpan at) {
        SyntaxNode object = node.child("object");
        SyntaxNode field = node.child("field");
        if (field == null) {
            return new Value.Computed("field_access", all(node), at);
        }
        if (field.is("this")) {
            return new Value.Self(object.text(), at);
        }
        return new Value.Member(
                node.first("super") != null && !object.is("super") ? new Value.Super(at) : value(object),
                field.text(), at);
    }

    private Value call(SyntaxNode node) {
        SyntaxNode object = node.child("object");
        SyntaxNode name = node.child("name");
        Value receiver = null;
        if (object != null) {
            receiver = node.children().stream().anyMatch(child -> child.is("super") && child.field() == null)
                    ? new Value.Super(object.span())
                    : value(object);
        }
        SourceSpan own = name.span();
        SourceSpan whole = node.span();
        var at = new SourceSpan(own.file(), own.line(), own.column(), whole.endLine(), whole.endColumn());
        if (receiver == null && JavaMasks.isLateConstruction(name.text())) {
            return new Value.Construct(name.text().startsWith("s"), arguments(node.child("arguments")), at);
        }
        return new Value.Call(receiver, name.text(), arguments(node.child("arguments")), at);
    }

    private Value creation(SyntaxNode node, String holder) {
        TypeText type = JavaTypeTexts.type(node.child("type"));
        return created(type, node.child("arguments"), node.first("class_body"), holder, node.span());
    }

    Value created(TypeText type, SyntaxNode arguments, SyntaxNode body, String holder, SourceSpan at) {
        TypeDeclared own = body == null ? null : bodies.anonymous(body, type, holder);
        return new Value.Create(type == null ? TypeText.of("?") : type, arguments(arguments), own, at);
    }

    private Value array(SyntaxNode node, SourceSpan at) {
        TypeText type = JavaTypeTexts.type(node.child("type"));
        SyntaxNode given = node.child("value");
        return new Value.ArrayOf(type, given == null ? List.of() : all(given), at);
    }

    private Value lambda(SyntaxNode node, SourceSpan at) {
        SyntaxNode parameters = node.child("parameters");
        List<ParameterDeclared> declared = parameters.is("identifier")
                ? List.of(new ParameterDeclared(parameters.text(), null))
                : JavaMembers.parameters(parameters);
        SyntaxNode body = node.child("body");
        if (body.is("block")) {
            return new Value.Function(declared, bodies.block(body), at);
        }
        return new Value.Function(declared, List.of(new Step.Return(value(body), body.span())), at);
    }

    private Value reference(SyntaxNode node, SourceSpan at) {
        List<SyntaxNode> tokens = node.tokens();
        SyntaxNode of = tokens.getFirst();
        SyntaxNode name = tokens.getLast();
        boolean isType = of.kind().endsWith("_type") || of.is("type_identifier") || of.is("scoped_type_identifier");
        return new Value.Reference(isType ? null : value(of), isType ? JavaTypeTexts.type(of) : null, name.text(), at);
    }

    private Value assignment(SyntaxNode node, SourceSpan at) {
        SyntaxNode target = node.child("left");
        SyntaxNode right = node.child("right");
        boolean plain = node.children().size() < 2 || node.tokens().stream().anyMatch(token -> token.is("="));
        Value given = right.is("object_creation_expression") ? creation(right, lastName(target)) : value(right);
        return new Value.Assign(value(target), given, plain, at);
    }

    private static String lastName(SyntaxNode target) {
        SyntaxNode field = target.child("field");
        return target.is("identifier") ? target.text() : field == null ? "" : field.text();
    }

    private Value ternary(SyntaxNode node, SourceSpan at) {
        Value on = value(node.child("condition"));
        SyntaxNode yes = node.child("consequence");
        SyntaxNode no = node.child("alternative");
        var label = new Literal(Literal.Kind.TRUTH, "true", on.at());
        return new Value.Either(on, List.of(
                new Branch(List.of(label), List.of(new Step.Yield(value(yes), yes.span()))),
                new Branch(List.of(), List.of(new Step.Yield(value(no), no.span())))), true, at);
    }

    private Value kindTest(SyntaxNode node, SourceSpan at) {
        Value tested = value(node.child("left"));
        SyntaxNode pattern = node.child("pattern");
        SyntaxNode taken = pattern != null && pattern.is("pattern") ? pattern.children().getFirst() : pattern;
        if (taken != null && taken.is("record_pattern")) {
            return new Value.Computed("&&", JavaSwitches.tests(taken, tested), at);
        }
        if (pattern != null) {
            return JavaSwitches.pattern(pattern.is("pattern") ? pattern.children().getFirst() : pattern, tested,
                    new ArrayList<>());
        }
        SyntaxNode name = node.child("name");
        TypeText type = JavaTypeTexts.type(node.child("right"));
        return new Value.KindTest(tested, type == null ? TypeText.of("Object") : type,
                name == null ? null : name.text(), at);
    }

    private Value binary(SyntaxNode node, SourceSpan at) {
        SyntaxNode sign = node.child("operator");
        SyntaxNode left = node.child("left");
        SyntaxNode right = node.child("right");
        if (left == null || right == null) {
            return new Value.Computed("", all(node), at);
        }
        String text = sign == null ? "" : sign.kind();
        if (text.equals("==") || text.equals("!=")) {
            return new Value.Same(value(left), value(right), text.equals("!="), at);
        }
        return new Value.Computed(text, List.of(value(left), value(right)), at);
    }
}
