package dev.huella.core.reading.csharp;

import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.Step.Branch;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Value.Literal;
import dev.huella.core.reading.Bodies;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Reads expressions. */
final class CSharpValues extends Bodies {
    /** Where operations start whose right part is what is asked, not the whole. */
    private final Set<Integer> turned = new HashSet<>();
    private final CSharpBodies bodies;

    CSharpValues(CSharpBodies bodies) {
        this.bodies = bodies;
    }

    @Override
    protected void step(SyntaxNode node, List<Step> into) {
        bodies.statement(node, into);
    }

    /** The value of the child at a position among those that are no comments; keywords may be values. */
    Value token(SyntaxNode node, int position) {
        List<SyntaxNode> tokens = node.tokens();
        return position < tokens.size() ? value(tokens.get(position)) : new Value.Computed("", List.of(), node.span());
    }

    @Override
    public Value value(SyntaxNode node) {
        SourceSpan at = node.span();
        return switch (node.kind()) {
            case "identifier", "predefined_type" -> CSharpMasks.isEmptyList(node.text())
                    ? new Value.ArrayOf(null, List.of(), at)
                    : new Value.Name(node.text(), at);
            case "generic_name" -> new Value.Name(node.children().getFirst().text(), at);
            case "qualified_name" -> dotted(node.text(), at);
            case "this", "this_expression" -> new Value.Self(null, at);
            case "base", "base_expression" -> new Value.Super(at);
            case "null_literal", "default_expression" -> new Literal(Literal.Kind.NULL, "null", at);
            case "boolean_literal" -> literal(Literal.Kind.TRUTH, node);
            case "integer_literal", "real_literal" -> literal(Literal.Kind.NUMBER, node);
            case "string_literal", "verbatim_string_literal", "raw_string_literal", "character_literal" ->
                literal(Literal.Kind.TEXT, node);
            case "interpolated_string_expression" -> text(node);
            case "argument" -> argument(node);
            case "parenthesized_expression", "await_expression", "checked_expression", "ref_expression",
                    "interpolation" ->
                last(node);
            case "postfix_unary_expression", "prefix_unary_expression" -> unary(node);
            case "member_access_expression" -> new Value.Member(receiver(node.child("expression")),
                    simple(node.child("name")), at);
            case "conditional_access_expression", "invocation_expression" -> asked(node);
            case "element_access_expression" -> new Value.Element(value(node.child("expression")),
                    last(node.child("subscript")), at);
            case "object_creation_expression", "implicit_object_creation_expression" -> creation(node);
            case "array_creation_expression", "implicit_array_creation_expression" -> array(node);
            case "initializer_expression", "element_binding_expression", "collection_expression",
                    "tuple_expression" ->
                list(node, "spread_element");
            case "assignment_expression" -> assignment(node);
            case "conditional_expression" ->
                either(condition(node.child("condition")), value(node.child("consequence")),
                        value(node.child("alternative")), at);
            case "binary_expression" -> binary(node);
            case "is_pattern_expression" -> pattern(node.child("pattern"), value(node.child("expression")));
            case "is_expression" -> new Value.KindTest(value(node.child("left")), CSharpTypes.type(node.child("right")),
                    null, at);
            case "as_expression" ->
                new Value.Cast(CSharpTypes.type(node.child("right")), value(node.child("left")), at);
            case "cast_expression" -> cast(node);
            case "typeof_expression" -> new Value.TypeName(CSharpTypes.type(node.child("type")), at);
            case "switch_expression" -> choice(node);
            case "lambda_expression", "anonymous_method_expression" -> function(node);
            case "with_expression" -> new Value.Call(token(node, 0), "with", bodies.changed(node), at);
            case "throw_expression" -> new Value.Computed("throw", values(node), at);
            default -> computed(node);
        };
    }

    private Value last(SyntaxNode node) {
        List<SyntaxNode> tokens = node.tokens()
                .stream()
                .filter(token -> token.named() || token.is("this"))
                .toList();
        return tokens.isEmpty() ? new Value.Computed("", List.of(), node.span()) : value(tokens.getLast());
    }

    private Value argument(SyntaxNode node) {
        SyntaxNode name = node.child("name");
        Value value = last(node);
        return name == null ? value : new Value.Labelled(name.text(), value, node.span());
    }

    private Value cast(SyntaxNode node) {
        TypeText type = CSharpTypes.type(node.child("type"));
        Value value = value(node.child("value"));
        return type == null ? value : new Value.Cast(type, value, node.span());
    }

    private static String simple(SyntaxNode name) {
        return name == null ? "" : name.is("generic_name") ? name.children().getFirst().text() : name.text();
    }

    private Value text(SyntaxNode node) {
        List<Value> parts = node.children()
                .stream()
                .filter(child -> child.is("interpolation"))
                .map(child -> child.children()
                        .stream()
                        .filter(part -> !part.is("interpolation_brace"))
                        .findFirst()
                        .map(this::value)
                        .orElse(new Value.Computed("", List.of(), child.span())))
                .toList();
        return new Value.Computed("text", parts, node.span());
    }

    private Value unary(SyntaxNode node) {
        List<SyntaxNode> tokens = node.tokens();
        boolean counts = tokens.stream().anyMatch(token -> token.is("++") || token.is("--"));
        Value operand = node.is("prefix_unary_expression") ? last(node) : token(node, 0);
        if (counts) {
            return new Value.Assign(operand, new Literal(Literal.Kind.NUMBER, "1", node.span()), false, node.span());
        }
        String sign = tokens.isEmpty() ? "" : tokens.getFirst().kind();
        return node.is("postfix_unary_expression")
                ? operand
                : new Value.Computed(sign, List.of(sign.equals("!") ? condition(node.children().getLast()) : operand),
                        node.span());
    }

    /** A call or what is asked of a value that may be missing, either of which may be bound to too much. */
    private Value asked(SyntaxNode node) {
        Value turned = turned(node);
        return turned != null ? turned : node.is("invocation_expression") ? call(node) : conditionalAccess(node);
    }

    /** {@code a?.b}: the part behind the sign is read as if the sign were not there. */
    private Value conditionalAccess(SyntaxNode node) {
        SyntaxNode asked = node.child("condition");
        return bound(node.children().getLast(),
                ifThere(value(turned.contains(asked.start()) ? operand(asked) : asked), true));
    }

    /** {@code a ?? b?.c()} asks {@code b}; the grammar lets it ask the whole. Null where nothing is bound so. */
    private Value turned(SyntaxNode node) {
        SyntaxNode at = node;
        while (at != null && at.is("invocation_expression")) {
            at = at.child("function");
        }
        SyntaxNode whole = at != null && at.is("conditional_access_expression") ? at.child("condition") : null;
        if (whole == null || !whole.is("binary_expression") || !turned.add(whole.start())) {
            return null;
        }
        Value access = value(node);
        turned.remove(whole.start());
        return around(whole, access);
    }

    private Value around(SyntaxNode binary, Value access) {
        SyntaxNode right = binary.child("right");
        return binary(binary, right.is("binary_expression") ? around(right, access) : access);
    }

    private static SyntaxNode operand(SyntaxNode binary) {
        SyntaxNode right = binary.child("right");
        return right.is("binary_expression") ? operand(right) : right;
    }

    private Value bound(SyntaxNode node, Value on) {
        SourceSpan at = node.span();
        return switch (node.kind()) {
            case "member_binding_expression" -> new Value.Member(on, simple(node.child("name")), at);
            case "element_binding_expression" -> new Value.Element(on, last(node), at);
            case "member_access_expression" -> new Value.Member(bound(node.child("expression"), on),
                    simple(node.child("name")), at);
            case "invocation_expression" -> onMember(bound(node.child("function"), on), arguments(node), at);
            case "conditional_access_expression" ->
                bound(node.children().getLast(), bound(node.child("condition"), on));
            default -> value(node);
        };
    }

    private static Value onMember(Value function, List<Value> arguments, SourceSpan at) {
        return function instanceof Value.Member(Value of, String name, SourceSpan own)
                ? new Value.Call(of, name, arguments, new SourceSpan(own.file(), own.line(), own.column(), at.endLine(),
                        at.endColumn()))
                : new Value.Call(function, Value.APPLY, arguments, at);
    }

    private List<Value> arguments(SyntaxNode node) {
        SyntaxNode list = node.child("arguments") != null ? node.child("arguments") : node.first("argument_list");
        return list == null ? List.of() : values(list);
    }

    /** A generic type of which a member is meant is told from others of its name by its arguments. */
    private Value receiver(SyntaxNode node) {
        return node.is("generic_name") ? new Value.Name(CSharpTypes.counted(node), node.span()) : value(node);
    }

    private Value call(SyntaxNode node) {
        SyntaxNode function = node.child("function");
        List<Value> arguments = arguments(node);
        SyntaxNode name = function.is("member_access_expression") ? function.child("name") : function;
        SourceSpan at = from(name, node);
        if (function.is("identifier") && function.text().equals("nameof") && arguments.size() == 1) {
            String named = node.child("arguments").text().replaceAll("^\\(|\\s*\\)$|<.*>", "");
            return new Literal(Literal.Kind.TEXT, '"' + named.substring(named.lastIndexOf('.') + 1).strip() + '"', at);
        }
        if (function.is("identifier") || function.is("generic_name")) {
            return new Value.Call(null, simple(function), withTypes(function, arguments), at);
        }
        if (function.is("member_access_expression")) {
            Value call = new Value.Call(receiver(function.child("expression")), simple(name),
                    withTypes(name, arguments),
                    at);
            TypeText constants = constants(function.child("expression").text(), name);
            return constants == null ? call : new Value.Cast(constants, call, at);
        }
        if (function.is("conditional_access_expression")) {
            return onMember(conditionalAccess(function), arguments, node.span());
        }
        return new Value.Call(value(function), Value.APPLY, arguments, at);
    }

    /** What {@code Enum.Parse<Kind>} and {@code Enum.GetValues<Kind>} give; null for other operations. */
    private static TypeText constants(String of, SyntaxNode name) {
        SyntaxNode list = name.is("generic_name") ? name.first("type_argument_list") : null;
        TypeText type = list == null || list.children().isEmpty() || !of.matches("(System\\.)?Enum")
                ? null
                : CSharpTypes.type(list.children().getFirst());
        return type == null ? null : switch (simple(name)) {
            case "Parse" -> type;
            case "GetValues" -> type.array(1);
            default -> null;
        };
    }

    /** Registrations name their types as type arguments; with no other argument these are what the call is about. */
    private static List<Value> withTypes(SyntaxNode name, List<Value> arguments) {
        SyntaxNode list = name.is("generic_name") ? name.first("type_argument_list") : null;
        if (list == null || !simple(name).matches("Add.*|Get(Required)?Service|Resolve")) {
            return arguments;
        }
        List<Value> all = new ArrayList<>(arguments);
        for (SyntaxNode one : list.children()) {
            TypeText type = CSharpTypes.type(one);
            if (type != null) {
                all.add(new Value.TypeName(type, one.span()));
            }
        }
        return all;
    }

    private Value creation(SyntaxNode node) {
        TypeText type = CSharpTypes.type(node.child("type"));
        SyntaxNode initial = node.child("initializer") != null
                ? node.child("initializer")
                : node.first("initializer_expression");
        List<Value> arguments = new ArrayList<>(arguments(node));
        if (initial != null && !initial.children().isEmpty()) {
            boolean sets = initial.children()
                    .stream()
                    .allMatch(child -> child.is("assignment_expression") && child.child("left").is("identifier"));
            if (!sets) {
                var all = new Value.ArrayOf(null, initial.children().stream().map(this::element).toList(), node.span());
                return type == null ? all : new Value.Cast(type, all, node.span());
            }
            for (SyntaxNode child : initial.children()) {
                if (child.is("assignment_expression") && arguments.size() == arguments(node).size()
                        && arguments.isEmpty()
                        || child.is("assignment_expression") && arguments(node).isEmpty()) {
                    arguments.add(new Value.Labelled(child.child("left").text(), value(child.child("right")),
                            child.span()));
                }
            }
        }
        return new Value.Create(type, arguments, null, node.span());
    }

    /** {@code value}, {@code {key, value}} or {@code [key] = value} of what a container starts with. */
    private Value element(SyntaxNode node) {
        return node.is("initializer_expression")
                ? last(node)
                : value(node.is("assignment_expression") ? node.child("right") : node);
    }

    private Value array(SyntaxNode node) {
        SyntaxNode type = node.child("type");
        TypeText written = CSharpTypes.type(type);
        SyntaxNode initial = node.first("initializer_expression");
        TypeText element = written != null && written.dimensions() > 0
                ? new TypeText(written.name(), written.arguments(), written.dimensions() - 1)
                : written;
        return new Value.ArrayOf(element, initial == null ? List.of() : values(initial), node.span());
    }

    private Value assignment(SyntaxNode node) {
        String sign = sign(node);
        Value given = value(node.child("right"));
        SourceSpan at = node.span();
        if (node.child("left").is("tuple_expression")) {
            return together(values(node.child("left")), parts(node.child("right"), "tuple_expression"), given, at);
        }
        Value target = value(node.child("left"));
        return switch (sign) {
            case "=" -> new Value.Assign(target, given, true, at);
            case "+=", "-=" -> new Value.Call(target, sign, List.of(given), at);
            case "??=" -> new Value.Assign(target, orElse(target, given, at), true, at);
            default -> new Value.Assign(target, given, false, at);
        };
    }

    /** A condition: what is combined in it is only tested, not handed on. */
    Value condition(SyntaxNode node) {
        if (node.is("parenthesized_expression") && !node.children().isEmpty()) {
            return condition(node.children().getLast());
        }
        if (node.is("binary_expression") && (sign(node).equals("&&") || sign(node).equals("||"))) {
            return new Value.Computed(sign(node),
                    List.of(condition(node.child("left")), condition(node.child("right"))), node.span());
        }
        return value(node);
    }

    private Value binary(SyntaxNode node) {
        SyntaxNode right = node.child("right");
        Value left = value(node.child("left"));
        return switch (sign(node)) {
            case "is" -> new Value.KindTest(left, CSharpTypes.type(right), null, node.span());
            case "as" -> new Value.Cast(CSharpTypes.type(right), left, node.span());
            default -> joined(node, left, value(right));
        };
    }

    private Value binary(SyntaxNode node, Value right) {
        return joined(node, value(node.child("left")), right);
    }

    private static Value joined(SyntaxNode node, Value left, Value right) {
        String sign = sign(node);
        return switch (sign) {
            case "==", "!=" -> new Value.Same(left, right, sign.equals("!="), node.span());
            case "??" -> orElse(left, right, node.span());
            default -> new Value.Computed(sign, List.of(left, right), node.span());
        };
    }

    /** A pattern as a test of what it is held against, and of its parts. */
    Value pattern(SyntaxNode node, Value tested) {
        return new CSharpPatterns(this).test(node, tested);
    }

    private Value choice(SyntaxNode node) {
        Value on = token(node, 0);
        List<Branch> branches = new ArrayList<>();
        boolean complete = false;
        for (SyntaxNode arm : node.children()) {
            if (!arm.is("switch_expression_arm")) {
                continue;
            }
            SyntaxNode first = arm.children().getFirst();
            SyntaxNode result = arm.children().getLast();
            boolean rest = first.is("discard") || first.is("var_pattern");
            complete |= rest;
            List<Step> steps = result.is("throw_expression")
                    ? List.of(new Step.Throw(last(result), result.span()))
                    : List.of(new Step.Yield(value(result), result.span()));
            branches.add(new Branch(rest ? List.of() : List.of(pattern(first, on)), steps));
        }
        return new Value.Either(on, branches, complete, node.span());
    }

    private Value function(SyntaxNode node) {
        SyntaxNode list = node.child("parameters");
        List<ParameterDeclared> parameters = list == null
                ? List.of()
                : list.is("implicit_parameter") || list.is("identifier")
                        ? List.of(new ParameterDeclared(list.text(), null))
                        : CSharpMembers.parameters(list);
        SyntaxNode body = node.child("body") != null ? node.child("body") : node.children().getLast();
        List<Step> steps = body.is("block") ? bodies.body(body, true) : back(value(body));
        return new Value.Function(parameters, steps, node.span());
    }
}
