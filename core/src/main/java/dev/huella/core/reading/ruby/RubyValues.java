package dev.huella.core.reading.ruby;

import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.Step.Branch;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Value.Literal;
import dev.huella.core.reading.Bodies;
import dev.huella.core.reading.RoundTrip;
import dev.huella.core.reading.Pairs;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads expressions. */
final class RubyValues extends Bodies {
    private static final Set<String> KINDS = Set.of("is_a?", "kind_of?", "instance_of?");
    private static final Set<String> FUNCTIONS = Set.of("proc", "lambda");
    private static final Pattern KEEPS = Pattern.compile("\\]\\s*=\\s*(?:\\[\\s*\\]|(Set|Array|Hash)\\.new)");
    private static final Set<String> METHODS = Set.of("method", "public_method");
    private static final Set<String> SENDS = Set.of("send", "public_send", "__send__");
    private final RubyBodies bodies;
    /** What the key of a hash that makes what is missing is, while what it makes is read. */
    private final Map<String, Value> keys = new HashMap<>();

    RubyValues(RubyBodies bodies) {
        this.bodies = bodies;
    }

    @Override
    protected void step(SyntaxNode node, List<Step> into) {
        bodies.statement(node, into);
    }

    /** What an assignment writes to. */
    Value target(SyntaxNode left) {
        SourceSpan at = left.span();
        return switch (left.kind()) {
            case "identifier", "constant" -> new Value.Name(left.text(), at);
            case "call" -> left.child("receiver") == null
                    ? new Value.Name(left.text(), at)
                    : new Value.Member(value(left.child("receiver")), left.child("method").text(), at);
            case "splat_argument", "rest_assignment" -> left.children().isEmpty()
                    ? new Value.Name("_", at)
                    : target(left.children().getFirst());
            case "element_reference" -> element(left);
            default -> value(left);
        };
    }

    /** What is handed to {@code return} or {@code next}; null for nothing, a list for several. */
    Value argument(SyntaxNode node) {
        SyntaxNode list = node.children().isEmpty() ? null : node.children().getFirst();
        if (list == null) {
            return null;
        }
        List<SyntaxNode> all = list.is("argument_list") ? list.children() : List.of(list);
        return all.size() == 1
                ? value(all.getFirst())
                : new Value.ArrayOf(null, all.stream().map(this::value).toList(), node.span());
    }

    /** The error of a {@code raise}. */
    Value raised(SyntaxNode call) {
        SyntaxNode list = call.child("arguments");
        if (list == null || list.children().isEmpty()) {
            return new Value.Computed("raise", List.of(), call.span());
        }
        SyntaxNode error = list.children().getFirst();
        return error.is("constant") || error.is("scope_resolution") // the language makes one
                ? new Value.Create(RubyMacros.type(error),
                        list.children().stream().skip(1).map(this::value).toList(), null, call.span())
                : value(error);
    }

    @Override
    public Value value(SyntaxNode node) {
        SourceSpan at = node.span();
        return switch (node.kind()) {
            case "identifier" -> name(node.text(), at);
            case "constant" -> new Value.Name(node.text(), at);
            case "scope_resolution" -> dotted(node.text(), at);
            case "instance_variable" ->
                new Value.Member(new Value.Self(Value.Self.INSIDE, at), node.text().substring(1), at);
            case "class_variable" -> new Value.Member(new Value.Self(null, at), node.text().substring(2), at);
            case "self" -> bodies.isStatic() ? new Value.Name(bodies.className(), at) : new Value.Self(null, at);
            case "nil" -> literal(Literal.Kind.NULL, node);
            case "true", "false" -> literal(Literal.Kind.TRUTH, node);
            case "integer", "float", "rational", "complex" -> literal(Literal.Kind.NUMBER, node);
            case "simple_symbol", "hash_key_symbol", "character", "regex", "heredoc_beginning" ->
                literal(Literal.Kind.TEXT, node);
            case "string", "delimited_symbol", "chained_string", "subshell" -> text(node);
            case "array", "string_array", "symbol_array" -> list(node, "splat_argument");
            case "hash" -> new Value.Cast(TypeText.of("Hash"), new Value.ArrayOf(null, pairs(node), at), at);
            case "pair" -> new Value.Labelled(RubyMacros.symbol(node.child("key")), node.child("value") == null
                    ? name(RubyMacros.symbol(node.child("key")), at)
                    : value(node.child("value")), at);
            case "element_reference" -> read(node);
            case "hash_splat_argument" -> new Value.Computed("**", List.of(inside(node)), node.span());
            case "splat_argument", "interpolation", "in" -> inside(node);
            case "assignment", "operator_assignment" -> assigned(node);
            case "binary" -> binary(node);
            case "unary" -> new Value.Computed(sign(node),
                    List.of(condition(node.child("operand"))), at);
            case "conditional" -> either(condition(node.child("condition")), value(node.child("consequence")),
                    value(node.child("alternative")), at);
            case "if", "unless", "case", "case_match", "if_modifier", "unless_modifier", "begin",
                    "parenthesized_statements", "rescue_modifier" ->
                chosen(node);
            case "test_pattern" -> bodies.patterns().test(node.child("pattern"), value(node.child("value")));
            case "call" -> call(node);
            case "super" -> zsuper(at);
            case "yield" -> new Value.Call(new Value.Name(bodies.blockName(), at), Value.APPLY,
                    node.children().isEmpty() ? List.of() : values(node.children().getFirst()), at);
            case "lambda" -> function(node.child("parameters"), node.child("body"), at);
            default -> computed(node);
        };
    }

    private Value name(String name, SourceSpan at) {
        if (name.equals("new") && bodies.isStatic() && !bodies.names().knows(name)) {
            return new Value.Create(TypeText.of(bodies.className()), List.of(), null, at);
        }
        Value key = keys.get(name);
        if (key != null) {
            return key;
        }
        return bodies.names().knows(name)
                ? new Value.Name(name, at)
                : new Value.Call(null, name, List.of(), at);
    }

    private List<Value> pairs(SyntaxNode hash) {
        List<Value> found = new ArrayList<>();
        for (SyntaxNode child : hash.children()) {
            SyntaxNode value = child.is("pair") ? child.child("value") : child;
            if (value != null) {
                found.add(value(value));
            }
        }
        return found;
    }

    private Value text(SyntaxNode node) {
        List<Value> parts = new ArrayList<>();
        node.children().stream().filter(child -> child.is("interpolation")).forEach(child -> parts.add(inside(child)));
        return parts.isEmpty() ? literal(Literal.Kind.TEXT, node) : new Value.Computed("text", parts, node.span());
    }

    private Value read(SyntaxNode node) {
        Value element = element(node);
        RubyPools.Pool pool = bodies.pools().get(node.children().getFirst().text());
        if (pool == null || !(element instanceof Value.Element(var _, Value index, var at))) {
            return element;
        }
        keys.put(pool.key(), index);
        Value made = new Value.Assign(element, value(pool.made()), true, at);
        keys.remove(pool.key());
        return orElse(element, made, at);
    }

    private Value element(SyntaxNode node) {
        List<SyntaxNode> parts = node.children();
        Value index = parts.size() > 1 ? value(parts.get(1)) : literal(Literal.Kind.NUMBER, node);
        return new Value.Element(value(parts.getFirst()), index, node.span());
    }

    private Value assigned(SyntaxNode node) {
        List<Step> steps = new ArrayList<>();
        bodies.statement(node, steps);
        if (node.is("operator_assignment") && sign(node).equals("||=")) {
            Value target = target(node.child("left"));
            return new Value.Assign(target, orElse(target, value(node.child("right")), node.span()), true, node.span());
        }
        return steps.size() == 1 && steps.getFirst() instanceof Step.Do(Value value, var _)
                ? value
                : new Value.Computed("", List.of(), node.span());
    }

    /** A statement that stands where a value is asked for. */
    private Value chosen(SyntaxNode node) {
        List<Step> steps = new ArrayList<>();
        bodies.statement(node, steps);
        List<Step> giving = Bodies.giving(steps, true);
        if (giving.size() == 1 && giving.getFirst() instanceof Step.Yield(Value value, var _)) {
            return value;
        }
        if (giving.size() == 1 && giving.getFirst() instanceof Step.Choose choose) {
            return new Value.Either(choose.on(), choose.branches(), choose.complete(), choose.at());
        }
        var always = new Literal(Literal.Kind.TRUTH, "true", node.span());
        return new Value.Either(always, List.of(new Branch(List.of(always), giving)), true, node.span());
    }

    /** A condition: what is combined in it is only tested, not handed on. */
    Value condition(SyntaxNode node) {
        if (node.is("parenthesized_statements") && node.children().size() == 1) {
            return condition(node.children().getFirst());
        }
        if (node.is("binary")) {
            String sign = sign(node);
            if (Set.of("&&", "||", "and", "or").contains(sign)) {
                return new Value.Computed(sign, List.of(condition(node.child("left")), condition(node.child("right"))),
                        node.span());
            }
        }
        return value(node);
    }

    private Value binary(SyntaxNode node) {
        String sign = sign(node);
        SyntaxNode left = node.child("left");
        SyntaxNode right = node.child("right");
        SourceSpan at = node.span();
        return switch (sign) {
            case "<<" -> new Value.Call(value(left), "<<", List.of(value(right)), at);
            case "==", "!=" -> new Value.Same(value(left), value(right), sign.equals("!="), at);
            case "===" -> new Value.KindTest(value(right), RubyMacros.type(left), null, at);
            case "||", "or" -> orElse(value(left), value(right), at);
            default -> new Value.Computed(sign, List.of(value(left), value(right)), at);
        };
    }

    private Value zsuper(SourceSpan at) {
        return superCall(bodies.handedOn(at), at);
    }

    private Value superCall(List<Value> arguments, SourceSpan at) {
        Value held = bodies.held(at);
        if (bodies.constructing()) {
            return held != null && !arguments.isEmpty()
                    ? RubyBodies.keeps(arguments.getFirst(), at)
                    : new Value.Construct(true, arguments, at);
        }
        return new Value.Call(held == null ? new Value.Super(at) : held, bodies.operation(), arguments, at);
    }

    Value function(SyntaxNode parameters, SyntaxNode body, SourceSpan at) {
        boolean block = body != null && (body.is("block") || body.is("do_block"));
        SyntaxNode inner = block ? body.child("body") : body;
        List<ParameterDeclared> declared = RubyParameters.of(parameters, block ? inner : null);
        bodies.names().enter(declared.stream().map(ParameterDeclared::name).toList());
        List<Step> steps = Bodies.giving(bodies.stepsOf(inner), false);
        return new Value.Function(declared, bodies.names().leave(steps), at);
    }

    private Value call(SyntaxNode node) {
        SyntaxNode method = node.child("method");
        SyntaxNode receiver = node.child("receiver");
        List<Value> arguments = arguments(node);
        SourceSpan at = method == null ? node.span() : from(method, node);
        if (method == null) {
            return new Value.Call(value(receiver), Value.APPLY, arguments, at);
        }
        String name = method.text();
        if (method.is("super")) {
            return superCall(arguments, at);
        }
        if (receiver == null) {
            return bare(node, name, arguments, at);
        }
        if (KINDS.contains(name) && arguments.size() == 1) {
            return new Value.KindTest(value(receiver), RubyMacros.type(node.child("arguments").children().getFirst()),
                    null, at);
        }
        if (name.equals("class") && receiver.is("self") && !bodies.isStatic() && bodies.className() != null) {
            return new Value.Name(bodies.className(), at);
        }
        if (METHODS.contains(name) && arguments.size() == 1 && arguments.getFirst() instanceof Literal literal) {
            return new Value.Reference(value(receiver), null, literal.text().replaceFirst("^:", ""), at);
        }
        return switch (name) {
            case "nil?" -> absent(value(receiver), false, at);
            case "freeze", "tap", "itself", "lazy" -> arguments.isEmpty() && !isFrozen(name, receiver)
                    ? value(receiver)
                    : new Value.Call(value(receiver), name, arguments, at);
            case "new" -> creation(node, receiver, arguments, at);
            case "to_h" -> {
                var made = new Value.Call(value(receiver), name, arguments, at);
                Value kept = Pairs.kept(made, "to_a");
                yield kept == null ? made : kept;
            }
            default -> SENDS.contains(name) && !arguments.isEmpty()
                    ? sent(value(receiver), node, arguments, at)
                    : RoundTrip.of(new Value.Call(ifThere(value(receiver), node.child("operator") != null
                            && node.child("operator").text().equals("&.")), name, arguments, at));
        };
    }

    /** An object that is frozen where it is made. */
    private static boolean isFrozen(String name, SyntaxNode receiver) {
        return name.equals("freeze") && receiver.is("call") && receiver.child("method") != null
                && receiver.child("method").text().equals("new");
    }

    private Value creation(SyntaxNode node, SyntaxNode receiver, List<Value> arguments, SourceSpan at) {
        String text = receiver.text();
        if (text.equals("self.class") || text.equals("self") && bodies.isStatic()) {
            return new Value.Create(TypeText.of(bodies.className()), arguments, null, node.span());
        }
        if (text.equals("Proc") && node.child("block") != null) {
            return arguments.getLast();
        }
        if (text.equals("Enumerator") && node.child("block") != null) {
            return new Value.Call(null, "enum_for", arguments, at); // of what the block hands over
        }
        if (text.equals("Array") && node.child("block") != null && !KEEPS.matcher(node.child("block").text()).find()) {
            var none = new Value.ArrayOf(null, List.of(), at);
            return new Value.Call(none, "map", List.of(arguments.getLast()), at); // of what the block gives each time
        }
        if (text.equals("Array") && arguments.isEmpty() && node.child("block") == null) {
            return new Value.ArrayOf(null, List.of(), at);
        }
        if (Set.of("Hash", "Array").contains(text)) {
            return new Value.Cast(kept(text, node.child("block")), new Value.ArrayOf(null, List.of(), at), at);
        }
        return new Value.Call(value(receiver), "new", arguments, at);
    }

    /** {@code Hash.new { |hash, key| hash[key] = [] }} keeps containers. */
    private static TypeText kept(String container, SyntaxNode block) {
        Matcher inside = block == null ? null : KEEPS.matcher(block.text());
        return inside == null || !inside.find()
                ? TypeText.of(container)
                : new TypeText(container, List.of(TypeText.of("?"), TypeText.of(inside.group(1) == null
                        ? "Array"
                        : inside.group(1))), 0);
    }

    private Value bare(SyntaxNode node, String name, List<Value> arguments, SourceSpan at) {
        if (FUNCTIONS.contains(name) && node.child("block") != null) {
            return arguments.getLast();
        }
        if (name.equals("new") && bodies.isStatic()) {
            return new Value.Create(TypeText.of(bodies.className()), arguments, null, node.span());
        }
        if (METHODS.contains(name) && arguments.size() == 1 && arguments.getFirst() instanceof Literal literal) {
            return new Value.Reference(new Value.Self(null, at), null, literal.text().replaceFirst("^:", ""), at);
        }
        if (SENDS.contains(name) && !arguments.isEmpty()) {
            return sent(new Value.Self(null, at), node, arguments, at);
        }
        if (name.equals("block_given?")) {
            return absent(new Value.Name(bodies.blockName(), at), true, at);
        }
        return new Value.Call(null, name, arguments, at);
    }

    /** A call whose name is a value: known when it is written out. */
    private Value sent(Value receiver, SyntaxNode node, List<Value> arguments, SourceSpan at) {
        List<Value> rest = arguments.subList(1, arguments.size());
        String built = bodies.builtNames().of(node.child("arguments").children().getFirst());
        if (built != null) {
            return new Value.Call(receiver, built, rest, at);
        }
        return arguments.getFirst() instanceof Literal literal && literal.text().startsWith(":")
                ? new Value.Call(receiver, literal.text().substring(1), rest, at)
                : new Value.Call(receiver, "send", arguments, at);
    }

    private List<Value> arguments(SyntaxNode node) {
        List<Value> all = new ArrayList<>();
        SyntaxNode list = node.child("arguments");
        for (SyntaxNode child : list == null ? List.<SyntaxNode>of() : list.children()) {
            if (!child.is("forward_argument") || all.isEmpty()) { // what else comes along is not known
                all.add(child.is("block_argument") || child.is("forward_argument")
                        ? handed(child)
                        : child.is("splat_argument") ? spread(inside(child)) : value(child));
            }
        }
        SyntaxNode block = node.child("block");
        if (block != null) {
            all.add(function(block.child("parameters"), block.child("body"), block.span()));
        }
        return all;
    }

    /** {@code &:name} calls that operation on what it is given; {@code &value} hands a function on. */
    private Value handed(SyntaxNode argument) {
        SourceSpan at = argument.span();
        if (argument.children().isEmpty() || argument.is("forward_argument")) {
            return new Value.Name(bodies.blockName(), at);
        }
        SyntaxNode inner = argument.children().getFirst();
        if (inner.is("simple_symbol")) {
            Value called = new Value.Call(new Value.Name("it", at), inner.text().substring(1), List.of(), at);
            return new Value.Function(List.of(new ParameterDeclared("it", null)), back(called), at);
        }
        return value(inner);
    }
}
