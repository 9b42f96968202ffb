package dev.huella.core.reading.swift;

import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.Step.Branch;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Value.Literal;
import dev.huella.core.reading.Bodies;
import dev.huella.core.reading.Pairs;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Reads expressions. */
final class SwiftValues extends Bodies {
    private static final Pattern OWN_TYPE = Pattern.compile("Self|(?:Swift\\.)?type\\(of:\\s*self\\)");
    /** What lies in a table or a variable, or is what something gives: no path of names that ends in a type's. */
    private static final Pattern COMPUTED_TYPE = Pattern.compile(".*[)\\]?]|(?:.*\\.)?[a-z_]\\w*", Pattern.DOTALL);
    private final SwiftBodies bodies;
    private final SwiftOperators operators = new SwiftOperators();

    SwiftValues(SwiftBodies bodies) {
        this.bodies = bodies;
    }

    @Override
    protected void step(SyntaxNode node, List<Step> into) {
        bodies.statement(node, into);
    }

    private static List<SyntaxNode> parts(SyntaxNode node) {
        return node.tokens()
                .stream()
                .filter(token -> token.is("nil") || token.named())
                .toList();
    }

    @Override
    public Value value(SyntaxNode node) {
        if (operators.isOpen(node)) {
            return value(operators.operand(node));
        }
        SyntaxNode operation = operators.below(node);
        if (operation != null) {
            return operators.around(operation, this::value, node);
        }
        return plain(node);
    }

    private Value plain(SyntaxNode node) {
        SourceSpan at = node.span();
        List<SyntaxNode> parts = parts(node);
        return switch (node.kind()) {
            case "simple_identifier", "identifier" -> new Value.Name(node.text().equals("Self")
                    ? bodies.className()
                    : node.text(), at);
            case "self_expression" -> new Value.Self(null, at);
            case "super_expression" -> new Value.Super(at);
            case "nil" -> new Literal(Literal.Kind.NULL, "null", at);
            case "boolean_literal" -> literal(Literal.Kind.TRUTH, node);
            case "integer_literal", "real_literal", "hex_literal", "bin_literal", "oct_literal" ->
                literal(Literal.Kind.NUMBER, node);
            case "line_string_literal", "multi_line_string_literal", "raw_string_literal" -> text(node);
            case "navigation_expression" -> navigation(node, at);
            case "call_expression" -> call(node, parts);
            case "constructor_expression" -> new Value.Create(SwiftTypes.type(parts.getFirst()),
                    arguments(node.first("constructor_suffix")), null, at);
            case "array_literal" -> new Value.ArrayOf(null, values(node), at);
            case "dictionary_literal" -> new Value.Cast(TypeText.of("Dictionary"), new Value.ArrayOf(null,
                    node.children("value").stream().map(this::value).toList(), at), at);
            case "lambda_literal" -> lambda(node);
            case "assignment" -> assignment(node);
            case "tuple_expression" -> parts.size() == 1
                    ? value(parts.getFirst())
                    : new Value.ArrayOf(null, parts.stream().map(this::value).toList(), at);
            case "try_expression", "await_expression", "postfix_expression", "value_argument" -> wrapped(node, parts);
            case "prefix_expression" -> prefix(node, parts);
            case "as_expression" -> cast(node, parts);
            case "check_expression" -> new Value.KindTest(value(parts.getFirst()), SwiftTypes.type(parts.getLast()),
                    null, at);
            case "nil_coalescing_expression" -> orElse(value(node.child("value")), value(node.child("if_nil")), at);
            case "ternary_expression" -> either(value(node.child("condition")), value(node.child("if_true")),
                    value(node.child("if_false")), at);
            case "equality_expression" -> equality(node);
            case "if_statement", "switch_statement", "do_statement" -> chosen(node);
            case "directly_assignable_expression" -> parts.isEmpty() ? computed(node) : value(parts.getFirst());
            case "additive_expression", "multiplicative_expression" ->
                new Value.Computed(signBetween(node), parts.stream().map(this::value).toList(),
                        at);
            default -> new Value.Computed(node.kind(), parts.stream()
                    .filter(part -> !SwiftTypes.isTypeNode(part))
                    .map(this::value)
                    .toList(), at);
        };
    }

    private Value text(SyntaxNode node) {
        List<Value> inside = node.children()
                .stream()
                .filter(child -> child.is("interpolated_expression"))
                .map(child -> child.children().isEmpty() ? literal(Literal.Kind.TEXT, child) : inside(child))
                .toList();
        return inside.isEmpty() ? literal(Literal.Kind.TEXT, node) : new Value.Computed("text", inside, node.span());
    }

    private static String suffix(SyntaxNode node) {
        SyntaxNode suffix = node.child("suffix");
        SyntaxNode name = suffix == null ? null : suffix.child("suffix");
        return name == null ? "" : name.text();
    }

    private Value navigation(SyntaxNode node, SourceSpan at) {
        SyntaxNode target = node.child("target");
        if (target == null || !target.named()) {
            return computed(node);
        }
        if (suffix(node).equals("init") && Character.isUpperCase(target.text().charAt(0))) {
            return new Value.Reference(null, TypeText.of(target.text()), "new", at);
        }
        Value of = SwiftTypes.isTypeNode(target) ? dotted(target.text(), target.span()) : value(target);
        return suffix(node).equals("self") ? of : new Value.Member(ifThere(of, isAsked(node)), suffix(node), at);
    }

    private List<Value> arguments(SyntaxNode suffix) {
        List<Value> all = new ArrayList<>();
        for (SyntaxNode part : suffix == null ? List.<SyntaxNode>of() : suffix.children()) {
            if (part.is("value_arguments")) {
                all.addAll(values(part));
            } else if (part.is("lambda_literal")) {
                all.add(value(part));
            }
        }
        return all;
    }

    private Value call(SyntaxNode node, List<SyntaxNode> parts) {
        SyntaxNode function = operators.operand(parts.getFirst());
        SyntaxNode suffix = node.first("call_suffix");
        if (suffix != null && namesOnly(suffix.first("value_arguments"))) {
            return value(function); // the operation that has these labels
        }
        List<Value> arguments = arguments(suffix);
        if (suffix != null && suffix.text().startsWith("[")) {
            return new Value.Element(value(function), arguments.isEmpty()
                    ? literal(Literal.Kind.NUMBER, node)
                    : arguments.getFirst() instanceof Value.Labelled labelled ? labelled.value() : arguments.getFirst(),
                    node.span());
        }
        while (function.is("postfix_expression") && function.child("target") != null
                && function.child("target").is("navigation_expression")) {
            function = function.child("target");
        }
        if (function.is("simple_identifier")) {
            String name = function.text();
            Value filed = arguments.size() == 1
                    && arguments.getFirst() instanceof Value.Labelled(String label, Value pairs, var _)
                    && label.equals("uniqueKeysWithValues") ? Pairs.kept(pairs, "lazy") : null;
            if (filed != null) {
                return filed;
            }
            return name.equals("Self")
                    ? new Value.Create(TypeText.of(bodies.className()), arguments, null, node.span())
                    : new Value.Call(null, name, arguments, from(function, node));
        }
        if (function.is("navigation_expression")) {
            return onTarget(node, function, arguments);
        }
        if (function.is("prefix_expression")) {
            String name = function.children().isEmpty() ? "" : function.children().getLast().text();
            return name.equals("init")
                    ? new Value.Create(null, arguments, null, node.span())
                    : new Value.Computed("." + name, arguments, node.span());
        }
        return new Value.Call(value(function), Value.APPLY, arguments, node.span());
    }

    /** {@code (from:to:)}: no values, only what an operation calls them. */
    private static boolean namesOnly(SyntaxNode arguments) {
        return arguments != null && !arguments.children().isEmpty() && arguments.children()
                .stream()
                .allMatch(one -> !one.children().isEmpty() && one.children()
                        .stream()
                        .allMatch(part -> "reference_specifier".equals(part.field())));
    }

    private static Value plain(Value argument) {
        return argument instanceof Value.Labelled labelled ? labelled.value() : argument;
    }

    private static boolean isAsked(SyntaxNode navigation) {
        return navigation.tokens().stream().anyMatch(token -> token.is("?"));
    }

    private Value onTarget(SyntaxNode node, SyntaxNode function, List<Value> arguments) {
        SyntaxNode target = function.child("target");
        String name = suffix(function);
        SourceSpan at = from(function.child("suffix"), node);
        if (name.equals("init")) {
            if (target.is("super_expression") || target.is("self_expression")) {
                return new Value.Construct(target.is("super_expression"), arguments, at);
            }
            String type = OWN_TYPE.matcher(target.text()).matches() ? bodies.className() : target.text();
            if (type != null && COMPUTED_TYPE.matcher(type).matches()) {
                return new Value.Call(ifThere(value(target), isAsked(function)), name, arguments, at); // of a type that is only known when it runs
            }
            return new Value.Create(TypeText.of(type.replaceAll("<.*", "")), arguments, null, node.span());
        }
        if (name.equals("updateValue") && arguments.size() == 2) { // the value comes before its key
            return new Value.Assign(new Value.Element(value(target), plain(arguments.getLast()), at),
                    plain(arguments.getFirst()), false, at);
        }
        return new Value.Call(SwiftTypes.isTypeNode(target)
                ? dotted(target.text(), target.span())
                : ifThere(value(target), isAsked(function)),
                name,
                arguments, at);
    }

    private Value lambda(SyntaxNode node) {
        List<ParameterDeclared> parameters = new ArrayList<>();
        SyntaxNode type = node.child("type");
        SyntaxNode list = type == null ? null : type.first("lambda_function_type_parameters");
        for (SyntaxNode one : list == null ? List.<SyntaxNode>of() : list.children()) {
            SyntaxNode name = one.first("simple_identifier");
            TypeText written = one.children().size() > 1 ? SwiftTypes.type(one.children().getLast()) : null;
            parameters.add(new ParameterDeclared(name == null ? "_" : name.text(), written));
        }
        if (list == null) {
            String text = node.text();
            for (int i = 0; i < 4 && text.contains("$" + i); i++) {
                parameters.add(new ParameterDeclared("$" + i, null));
            }
        }
        SyntaxNode statements = node.first("statements");
        List<Step> steps = statements == null ? List.of() : bodies.block(statements);
        return new Value.Function(parameters, steps.size() == 1 ? giving(steps, false) : steps, node.span());
    }

    private Value wrapped(SyntaxNode node, List<SyntaxNode> parts) {
        SyntaxNode label = node.is("value_argument") ? node.child("name") : null;
        SyntaxNode inner = node.child("value") != null
                ? node.child("value")
                : node.child("expr") != null
                        ? node.child("expr")
                        : node.child("target") != null
                                ? node.child("target")
                                : parts.isEmpty() ? null : parts.getLast();
        Value value = inner == null ? new Value.Computed("", List.of(), node.span()) : value(inner);
        boolean counts = node.is("postfix_expression") && (node.text().endsWith("++") || node.text().endsWith("--"));
        if (counts) {
            return new Value.Assign(value, new Literal(Literal.Kind.NUMBER, "1", node.span()), false, node.span());
        }
        return label == null ? value : new Value.Labelled(label.text().replace(":", ""), value, node.span());
    }

    private Value prefix(SyntaxNode node, List<SyntaxNode> parts) {
        String text = node.text();
        if (text.startsWith("!")) {
            return new Value.Computed("!", List.of(value(parts.getLast())), node.span());
        }
        if (text.startsWith("&")) {
            return value(parts.getLast());
        }
        return text.startsWith(".")
                ? literal(Literal.Kind.TEXT, node)
                : new Value.Computed("prefix", List.of(value(parts.getLast())), node.span());
    }

    private Value cast(SyntaxNode node, List<SyntaxNode> parts) {
        TypeText type = SwiftTypes.type(parts.getLast());
        Value value = value(parts.getFirst());
        return type == null ? value : new Value.Cast(type, value, node.span());
    }

    private Value equality(SyntaxNode node) {
        SyntaxNode sign = node.child("op");
        return new Value.Same(value(node.child("lhs")), value(node.child("rhs")),
                sign != null && sign.kind().startsWith("!"), node.span());
    }

    /** A statement that stands where a value is asked for. */
    private Value chosen(SyntaxNode node) {
        List<Step> steps = new ArrayList<>();
        bodies.statement(node, steps);
        List<Step> giving = giving(steps, true);
        if (giving.size() == 1 && giving.getFirst() instanceof Step.Choose choose) {
            return new Value.Either(choose.on(), choose.branches(), choose.complete(), choose.at());
        }
        var always = new Literal(Literal.Kind.TRUTH, "true", node.span());
        return new Value.Either(always, List.of(new Branch(List.of(always), giving)), true, node.span());
    }

    Value assignment(SyntaxNode node) {
        Value given = value(node.child("result"));
        SyntaxNode several = node.child("target").first("tuple_expression");
        if (several != null) {
            return together(values(several), parts(node.child("result"), "tuple_expression"), given, node.span());
        }
        Value target = value(node.child("target"));
        return switch (sign(node)) {
            case "=" -> new Value.Assign(target, given, true, node.span());
            case "+=", "-=" -> new Value.Call(target, sign(node), List.of(given), node.span());
            default -> new Value.Assign(target, given, false, node.span());
        };
    }
}
