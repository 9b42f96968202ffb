package dev.huella.core.reading.kotlin;

import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.Step.Branch;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Value.Literal;
import dev.huella.core.reading.Bodies;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** Reads expressions. */
final class KotlinValues extends Bodies {
    private static final Map<String, String> MAKERS = Map.of("mutableListOf", "MutableList", "arrayListOf",
            "MutableList", "listOf", "List", "mutableSetOf", "MutableSet", "setOf", "Set", "mutableMapOf", "MutableMap",
            "mapOf", "Map", "linkedSetOf", "MutableSet", "hashMapOf", "MutableMap", "emptyList", "List");
    /** What runs a function and hands it nothing: inside, {@code it} is what it is around. */
    private static final Pattern RUNS = Pattern
            .compile("(?:^|\\.)(?:async|launch|run|apply|with|withContext|withTimeout"
                    + "|runBlocking|coroutineScope|supervisorScope|synchronized|withLock|withPermit|thread|lazy|runCatching"
                    + "|buildString|buildList|buildMap|buildSet)(?:\\s*\\([^{}]*\\))?$");
    private static final Pattern IT = Pattern.compile("\\bit\\b");
    private final KotlinBodies bodies;

    /** A type written with its package, two names long at least: {@code java.util.ArrayDeque}. */
    private static final Pattern IN_PACKAGE = Pattern.compile("(?!this\\.|it\\.)(?:[a-z]\\w*\\.){2,}[A-Z]\\w*");

    KotlinValues(KotlinBodies bodies) {
        this.bodies = bodies;
    }

    /** Children that are values: named ones that are no comments, and {@code null}. */
    List<SyntaxNode> parts(SyntaxNode node) {
        return node.tokens()
                .stream()
                .filter(token -> token.is("null") || token.named())
                .toList();
    }

    @Override
    protected void step(SyntaxNode node, List<Step> into) {
        bodies.statement(node, into);
    }

    /** A value that a variable starts with: a type made in place is named after it. */
    Value heldBy(String holder, SyntaxNode node) {
        if (node.is("object_literal")) {
            return object(node, holder);
        }
        if (node.is("property_delegate")) {
            return delegated(parts(node).getLast());
        }
        return value(node);
    }

    /** {@code by lazy { … }} is what the function gives; any other delegate is itself. */
    private Value delegated(SyntaxNode node) {
        Value value = value(node);
        if (value instanceof Value.Call call && call.name().equals("lazy") && call.receiver() == null
                && !call.arguments().isEmpty() && call.arguments().getLast() instanceof Value.Function function) {
            return Value.given(function.body(), node.span());
        }
        return value;
    }

    @Override
    public Value value(SyntaxNode node) {
        SourceSpan at = node.span();
        List<SyntaxNode> parts = parts(node);
        return switch (node.kind()) {
            case "simple_identifier", "interpolated_identifier", "type_identifier" -> node.text().equals("field")
                    && bodies.property() != null
                            ? new Value.Member(new Value.Self(null, at), bodies.property(), at)
                            : new Value.Name(named(node), at);
            case "this_expression" -> new Value.Self(parts.isEmpty() ? null : parts.getLast().text(), at);
            case "super_expression" -> new Value.Super(at);
            case "null" -> new Literal(Literal.Kind.NULL, "null", at);
            case "boolean_literal" -> literal(Literal.Kind.TRUTH, node);
            case "integer_literal", "long_literal", "real_literal", "hex_literal", "unsigned_literal", "bin_literal" ->
                literal(Literal.Kind.NUMBER, node);
            case "character_literal" -> literal(Literal.Kind.TEXT, node);
            case "string_literal" -> text(node);
            case "parenthesized_expression", "interpolated_expression", "value_argument", "annotated_lambda",
                    "spread_expression", "labeled_expression" ->
                argument(node, parts);
            case "navigation_expression" -> navigation(node, parts, at);
            case "call_expression" -> call(node);
            case "indexing_expression" -> new Value.Element(value(parts.getFirst()), inside(parts.getLast()), at);
            case "lambda_literal" -> lambda(node, true);
            case "anonymous_function" -> new Value.Function(
                    KotlinMembers.parameters(node.first("function_value_parameters")),
                    node.first("function_body") == null ? List.of() : bodies.body(node.first("function_body")), at);
            case "object_literal" -> object(node, "");
            case "callable_reference" -> reference(node, parts);
            case "if_expression", "when_expression", "try_expression", "jump_expression", "assignment" -> chosen(node);
            case "elvis_expression" -> parts.size() == 2 && !parts.get(1).is("jump_expression")
                    ? orElse(value(parts.getFirst()), value(parts.get(1)), at)
                    : value(parts.getFirst());
            case "equality_expression" -> equality(node, parts);
            case "check_expression" -> check(node, parts);
            case "as_expression" -> cast(node, parts);
            case "postfix_expression" -> postfix(node, parts);
            case "prefix_expression" -> prefix(node, parts);
            case "infix_expression" -> infix(node, parts);
            case "additive_expression", "multiplicative_expression" ->
                new Value.Computed(signBetween(node), parts.stream().map(this::value).toList(), at);
            case "collection_literal" -> new Value.ArrayOf(null, values(node), at);
            default -> new Value.Computed(node.kind(), parts.stream().map(this::value).toList(), at);
        };
    }

    /** {@code left name right}; of a pair the second is what counts. */
    private Value infix(SyntaxNode node, List<SyntaxNode> parts) {
        if (parts.size() != 3) {
            return new Value.Computed(node.kind(), parts.stream().map(this::value).toList(), node.span());
        }
        Value right = value(parts.get(2));
        String name = KotlinMasks.between(parts.get(1).text());
        return name.equals("to") ? right : new Value.Call(value(parts.getFirst()), name, List.of(right), node.span());
    }

    private Value argument(SyntaxNode node, List<SyntaxNode> parts) {
        if (parts.isEmpty()) {
            return new Value.Computed("", List.of(), node.span());
        }
        Value value = value(parts.getLast());
        boolean labelled = node.is("value_argument") && parts.size() > 1
                && node.tokens().stream().anyMatch(token -> token.is("="));
        return labelled ? new Value.Labelled(parts.getFirst().text(), value, node.span()) : value;
    }

    private Value text(SyntaxNode node) {
        List<Value> inside = node.children()
                .stream()
                .filter(child -> child.is("interpolated_expression") || child.is("interpolated_identifier"))
                .map(this::value)
                .toList();
        return inside.isEmpty() ? literal(Literal.Kind.TEXT, node) : new Value.Computed("text", inside, node.span());
    }

    private Value navigation(SyntaxNode node, List<SyntaxNode> parts, SourceSpan at) {
        SyntaxNode suffix = parts.getLast();
        SyntaxNode name = suffix.children().isEmpty() ? suffix : suffix.children().getLast();
        if (parts.size() < 2) {
            return computed(node);
        }
        return name.is("parenthesized_expression")
                ? value(name)
                : new Value.Member(ifThere(value(parts.getFirst()), isAsked(suffix)), name.text(), at);
    }

    /**
     * A value that the grammar was made to take for a type.
     *
     * @param call null where it is no call
     */
    Value path(SyntaxNode node, SyntaxNode call) {
        String text = node.text().strip();
        if (call != null) {
            return new Value.Create(TypeText.of(text.substring(0, text.indexOf('('))),
                    bodies.arguments(call.first("value_arguments")), null, node.span());
        }
        Value value = null;
        for (String name : text.split("\\.")) {
            value = value == null
                    ? new Value.Name(name, node.span())
                    : new Value.Member(value, name, node.span());
        }
        return value;
    }

    private static boolean isAsked(SyntaxNode suffix) {
        return suffix.text().startsWith("?.");
    }

    private Value call(SyntaxNode node) {
        List<Value> arguments = new ArrayList<>();
        SyntaxNode function = node;
        SyntaxNode types = null;
        while (function.is("call_expression")) {
            List<SyntaxNode> parts = parts(function);
            SyntaxNode suffix = parts.getLast();
            List<Value> own = new ArrayList<>();
            boolean lambdaOnly = true;
            for (SyntaxNode part : suffix.children()) {
                switch (part.kind()) {
                    case "value_arguments" -> {
                        own.addAll(values(part));
                        lambdaOnly = false;
                    }
                    case "annotated_lambda" -> own.add(part.first("lambda_literal") == null
                            ? value(part)
                            : lambda(part.first("lambda_literal"), !RUNS.matcher(parts.getFirst().text()).find()));
                    case "type_arguments" -> types = part;
                    default -> {
                        // nothing else is given
                    }
                }
            }
            arguments.addAll(0, own);
            function = parts.getFirst();
            if (!lambdaOnly) {
                break;
            }
        }
        return called(function, arguments, types, node);
    }

    private static String named(SyntaxNode identifier) {
        return KotlinMasks.name(identifier.text(identifier.start(), identifier.end()), identifier.text());
    }

    private Value called(SyntaxNode function, List<Value> arguments, SyntaxNode types, SyntaxNode node) {
        if (function.is("simple_identifier")) {
            String name = named(function);
            Value call = new Value.Call(null, name, arguments, from(function, node));
            return types == null ? call : typed(call, name, types, arguments, node);
        }
        if (function.is("navigation_expression")) {
            List<SyntaxNode> parts = parts(function);
            SyntaxNode suffix = parts.getLast();
            SyntaxNode name = suffix.children().isEmpty() ? suffix : suffix.children().getLast();
            if (IN_PACKAGE.matcher(function.text()).matches()) {
                return new Value.Create(new TypeText(function.text(), types == null
                        ? List.of()
                        : types.children().stream().map(KotlinTypes::type).toList(), 0), arguments, null, node.span());
            }
            return new Value.Call(ifThere(value(parts.getFirst()), isAsked(suffix)), name.text(), arguments,
                    from(name, node));
        }
        return new Value.Call(value(function), Value.APPLY, arguments, node.span());
    }

    private static Value typed(Value call, String name, SyntaxNode types, List<Value> arguments, SyntaxNode node) {
        List<TypeText> given = types.children().stream().map(KotlinTypes::type).toList();
        if (MAKERS.containsKey(name)) {
            return new Value.Cast(new TypeText(MAKERS.get(name), given, 0),
                    new Value.ArrayOf(null, arguments, node.span()), node.span());
        }
        return Character.isUpperCase(name.charAt(0))
                ? new Value.Create(new TypeText(name, given, 0), arguments, null, node.span())
                : call;
    }

    /** {@code mayBeHanded}: what it is given to may hand it something, which is called {@code it}. */
    private Value lambda(SyntaxNode node, boolean mayBeHanded) {
        List<ParameterDeclared> parameters = new ArrayList<>();
        SyntaxNode list = node.first("lambda_parameters");
        for (SyntaxNode child : list == null ? List.<SyntaxNode>of() : list.children()) {
            SyntaxNode name = child.is("multi_variable_declaration")
                    ? child.children().getLast().first("simple_identifier")
                    : child.first("simple_identifier");
            parameters.add(new ParameterDeclared(name == null ? "_" : name.text(), KotlinTypes.typeIn(child)));
        }
        if (list == null && mayBeHanded && IT.matcher(node.text()).find()) {
            parameters.add(new ParameterDeclared("it", null));
        }
        SyntaxNode body = node.first("statements");
        return new Value.Function(parameters, body == null ? List.of() : bodies.lambda(body),
                node.span());
    }

    private Value object(SyntaxNode node, String holder) {
        List<TypeText> above = new ArrayList<>();
        List<Value> arguments = new ArrayList<>();
        SyntaxNode handedOnTo = null;
        int before = node.start();
        for (SyntaxNode child : node.children()) {
            if (child.is("delegation_specifier")) {
                SyntaxNode invoked = child.first("constructor_invocation");
                TypeText type = KotlinTypes.typeIn(invoked == null ? child : invoked);
                if (KotlinMasks.handsOn(node.text(before, child.start()))) {
                    handedOnTo = child;
                    continue;
                }
                if (type != null) {
                    above.add(type);
                }
                if (invoked != null) {
                    arguments.addAll(bodies.arguments(invoked.first("value_arguments")));
                }
            }
            before = child.end();
        }
        TypeDeclared type = bodies.anonymous(node, node.first("class_body"), above, holder, handedOnTo);
        return new Value.Create(above.isEmpty() ? null : above.getFirst(), arguments, type, node.span());
    }

    private Value reference(SyntaxNode node, List<SyntaxNode> parts) {
        SourceSpan at = node.span();
        if (node.tokens().stream().anyMatch(token -> token.is("class"))) {
            boolean value = parts.isEmpty() || !Character.isUpperCase(parts.getFirst().text().charAt(0))
                    && !parts.getFirst().text().contains(".");
            return value && !parts.isEmpty()
                    ? new Value.Member(value(parts.getFirst()), "javaClass", at)
                    : new Value.TypeName(TypeText.of(parts.isEmpty() ? "?" : parts.getFirst().text()), at);
        }
        String name = parts.getLast().text();
        if (parts.size() == 1) {
            return Character.isUpperCase(name.charAt(0))
                    ? new Value.Reference(null, TypeText.of(name), "new", at)
                    : new Value.Name(name, at);
        }
        SyntaxNode of = parts.getFirst();
        return of.is("type_identifier") && Character.isUpperCase(of.text().charAt(0))
                ? new Value.Reference(null, TypeText.of(of.text()), name, at)
                : new Value.Reference(value(of), null, name, at);
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

    /** A condition: what is combined in it is only tested, not handed on. */
    Value condition(SyntaxNode node) {
        return value(node);
    }

    private Value equality(SyntaxNode node, List<SyntaxNode> parts) {
        boolean negated = node.tokens().stream().anyMatch(token -> token.kind().startsWith("!="));
        return parts.size() < 2
                ? computed(node)
                : new Value.Same(value(parts.getFirst()), value(parts.getLast()), negated, node.span());
    }

    private Value check(SyntaxNode node, List<SyntaxNode> parts) {
        boolean within = node.tokens().stream().anyMatch(token -> token.is("in") || token.is("!in"));
        TypeText type = within ? null : KotlinTypes.type(parts.getLast());
        boolean negated = node.tokens().stream().anyMatch(token -> token.kind().startsWith("!is"));
        if (type == null) {
            return new Value.Computed("in", parts.stream().map(this::value).toList(), node.span());
        }
        Value test = new Value.KindTest(value(parts.getFirst()), type.present(), null, node.span());
        return negated ? new Value.Computed("!", List.of(test), node.span()) : test;
    }

    private Value cast(SyntaxNode node, List<SyntaxNode> parts) {
        TypeText type = KotlinTypes.type(parts.getLast());
        Value value = value(parts.getFirst());
        return type == null ? value : new Value.Cast(type, value, node.span());
    }

    private Value postfix(SyntaxNode node, List<SyntaxNode> parts) {
        Value value = value(parts.getFirst());
        boolean counts = node.tokens().stream().anyMatch(token -> token.is("++") || token.is("--"));
        return counts
                ? new Value.Assign(value, new Literal(Literal.Kind.NUMBER, "1", node.span()), false, node.span())
                : value;
    }

    private Value prefix(SyntaxNode node, List<SyntaxNode> parts) {
        String sign = node.tokens().getFirst().kind();
        Value value = value(parts.getLast());
        return switch (sign) {
            case "++", "--" ->
                new Value.Assign(value, new Literal(Literal.Kind.NUMBER, "1", node.span()), false, node.span());
            case "+" -> new Value.Call(value, "unaryPlus", List.of(), node.span());
            default -> new Value.Computed(sign, List.of(value), node.span());
        };
    }

    /** What an assignment writes to. */
    Value assignable(SyntaxNode node) {
        List<SyntaxNode> parts = parts(node);
        if (parts.isEmpty()) {
            return new Value.Computed("", List.of(), node.span());
        }
        Value whole = value(parts.getFirst());
        for (SyntaxNode suffix : parts.subList(1, parts.size())) {
            whole = suffix.is("indexing_suffix")
                    ? new Value.Element(whole, inside(suffix), suffix.span())
                    : new Value.Member(whole, suffix.children().isEmpty()
                            ? suffix.text()
                            : suffix.children()
                                    .getLast()
                                    .text(),
                            suffix.span());
        }
        return whole;
    }
}
