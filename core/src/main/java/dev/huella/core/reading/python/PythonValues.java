package dev.huella.core.reading.python;

import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Value.Literal;
import dev.huella.core.reading.Bodies;
import dev.huella.core.reading.BuiltNames;
import dev.huella.core.reading.RoundTrip;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.WrittenType;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Reads expressions. */
final class PythonValues extends Bodies {
    /** Functions that do with the list they are handed first what an operation of a list does. */
    private static final Map<String, String> ON_LISTS = Map.of("heappush", "append", "heappop", "pop", "insort",
            "append",
            "insort_left", "append", "insort_right", "append");
    private final PythonBodies bodies;
    private final BuiltNames builtNames = new BuiltNames();
    /** Variables that hold an operation asked for by a name put together: the call that asked. */
    private final Map<String, SyntaxNode> asked = new HashMap<>();

    PythonValues(PythonBodies bodies) {
        this.bodies = bodies;
    }

    @Override
    protected void step(SyntaxNode node, List<Step> into) {
        into.add(act(value(node)));
    }

    @Override
    public Value value(SyntaxNode node) {
        SourceSpan at = node.span();
        return switch (node.kind()) {
            case "identifier" -> name(node.text(), at);
            case "none" -> literal(Literal.Kind.NULL, node);
            case "true", "false" -> literal(Literal.Kind.TRUTH, node);
            case "integer", "float" -> literal(Literal.Kind.NUMBER, node);
            case "string", "concatenated_string" -> text(node);
            case "parenthesized_expression", "await", "as_pattern", "list_splat", "dictionary_splat",
                    "case_pattern", "as_pattern_target", "type" ->
                inside(node);
            case "attribute" -> attribute(node, at);
            case "call" -> call(node);
            case "lambda" -> lambda(node);
            case "list", "tuple", "set", "expression_list" -> list(node, "list_splat");
            case "dictionary" -> dictionary(node);
            case "list_comprehension", "set_comprehension", "generator_expression", "dictionary_comprehension" ->
                comprehension(node);
            case "subscript" -> part(node, at);
            case "conditional_expression" -> {
                List<SyntaxNode> parts = node.children();
                yield parts.size() < 3
                        ? computed(node)
                        : either(condition(parts.get(1)), value(parts.get(0)), value(parts.get(2)), at);
            }
            case "comparison_operator" -> comparison(node);
            case "boolean_operator" -> "or".equals(sign(node))
                    ? orElse(value(node.child("left")), value(node.child("right")), at)
                    : new Value.Computed(sign(node), List.of(condition(node.child("left")), value(node.child("right"))),
                            at);
            case "binary_operator" -> new Value.Computed(sign(node),
                    List.of(value(node.child("left")), value(node.child("right"))), at);
            case "unary_operator" -> new Value.Computed(sign(node), List.of(value(node.child("argument"))), at);
            case "augmented_assignment" ->
                counted(united(sign(node)), value(node.child("left")), value(node.child("right")), at);
            case "named_expression" -> walrus(node);
            case "keyword_argument" -> new Value.Labelled(node.child("name").text(), value(node.child("value")), at);
            case "assignment" -> new Value.Assign(value(node.child("left")), node.child("right") == null
                    ? new Value.Computed("", List.of(), at)
                    : value(node.child("right")), true, at);
            default -> computed(node);
        };
    }

    private Value name(String text, SourceSpan at) {
        if (bodies.isSelf(text)) {
            return new Value.Self(null, at);
        }
        if (bodies.isOwnClass(text) || text.equals("__class__") && bodies.className() != null) {
            return new Value.Name(bodies.className(), at);
        }
        return new Value.Name(text, at);
    }

    private Value walrus(SyntaxNode node) {
        Value target = value(node.child("name"));
        bodies.assigned(target);
        return new Value.Assign(target, value(node.child("value")), true, node.span());
    }

    private Value text(SyntaxNode node) {
        List<Value> parts = new ArrayList<>();
        for (SyntaxNode child : node.children()) {
            if (child.is("interpolation") && child.child("expression") != null) {
                parts.add(value(child.child("expression")));
            } else if (child.is("string")) {
                parts.add(text(child));
            }
        }
        return parts.stream().allMatch(Literal.class::isInstance)
                ? literal(Literal.Kind.TEXT, node)
                : new Value.Computed("text", parts, node.span());
    }

    private Value attribute(SyntaxNode node, SourceSpan at) {
        SyntaxNode object = node.child("object");
        String name = node.child("attribute").text();
        if (name.equals("__class__") && bodies.className() != null && bodies.isSelf(object.text())) {
            return new Value.Name(bodies.className(), at);
        }
        return new Value.Member(isSuper(object) ? new Value.Super(object.span()) : value(object), name, at);
    }

    private static boolean isSuper(SyntaxNode node) {
        return node.is("call") && node.child("function").text().equals("super");
    }

    /** One element, or a list of some of them. */
    private Value part(SyntaxNode node, SourceSpan at) {
        SyntaxNode index = node.child("subscript");
        if (index != null && index.is("slice")) {
            List<Value> ends = index.children().stream().map(this::value).toList();
            return new Value.Call(value(node.child("value")), ends.isEmpty() ? "copy" : "islice", ends, at);
        }
        return new Value.Element(value(node.child("value")), subscript(node), at);
    }

    private Value subscript(SyntaxNode node) {
        SyntaxNode index = node.child("subscript");
        return index == null ? new Literal(Literal.Kind.NUMBER, "0", node.span()) : value(index);
    }

    private Value dictionary(SyntaxNode node) {
        List<Value> values = new ArrayList<>();
        for (SyntaxNode child : node.children()) {
            SyntaxNode value = child.child("value");
            values.add(value == null ? value(child) : value(value));
        }
        return new Value.Cast(TypeText.of("dict"), new Value.ArrayOf(null, values, node.span()), node.span());
    }

    /** {@code [f(x) for x in xs if p(x)]} maps a function over what is gone through. */
    private Value comprehension(SyntaxNode node) {
        SyntaxNode body = node.child("body");
        if (body == null) {
            return computed(node);
        }
        List<SyntaxNode> clauses = node.children();
        SyntaxNode kept = body.is("pair") ? body.child("value") : body;
        boolean each = clauses.size() > 1 && clauses.get(1).is("for_in_clause")
                && clauses.get(1).child("left").text().equals(kept.text());
        if (each && clauses.size() == 2 && body.is("pair")) { // all of them, under keys
            return new Value.Call(null, "list", List.of(value(clauses.get(1).child("right"))), node.span());
        }
        if (each && clauses.size() == 3 && clauses.get(2).is("if_clause")) {
            var taken = new Value.Function(List.of(new ParameterDeclared(kept.text(), null)),
                    back(condition(clauses.get(2).children().getFirst())), node.span());
            return new Value.Call(value(clauses.get(1).child("right")), "filter", List.of(taken), node.span());
        }
        Value result = value(body.is("pair") ? body.child("value") : body);
        List<Step> steps = new ArrayList<>(back(result));
        Value whole = result;
        for (int i = clauses.size() - 1; i >= 0; i--) {
            SyntaxNode clause = clauses.get(i);
            if (clause.is("if_clause")) {
                steps = new ArrayList<>(List.of(choice(condition(clause.children().getFirst()), steps, null,
                        clause.span())));
            } else if (clause.is("for_in_clause")) {
                String name = PythonBodies.lastName(clause.child("left"));
                whole = new Value.Call(value(clause.child("right")), "map", List.of(new Value.Function(
                        List.of(new ParameterDeclared(name, null)), steps, clause.span())), node.span());
                steps = new ArrayList<>(back(whole));
            }
        }
        return whole;
    }

    /** A condition: what is combined by {@code and}, {@code or} and {@code not} is only tested, not handed on. */
    Value condition(SyntaxNode node) {
        if (node == null) {
            return new Literal(Literal.Kind.TRUTH, "True", null);
        }
        return switch (node.kind()) {
            case "parenthesized_expression" -> node.children().isEmpty()
                    ? value(node)
                    : condition(node.children().getFirst());
            case "boolean_operator" -> new Value.Computed(sign(node),
                    List.of(condition(node.child("left")), condition(node.child("right"))), node.span());
            case "not_operator" -> new Value.Computed("not", List.of(condition(node.child("argument"))), node.span());
            default -> value(node);
        };
    }

    private Value comparison(SyntaxNode node) {
        List<SyntaxNode> operands = node.children().stream().filter(SyntaxNode::named).toList();
        String sign = node.tokens()
                .stream()
                .filter(token -> "operators".equals(token.field()))
                .map(SyntaxNode::text)
                .findFirst()
                .orElse("");
        if (operands.size() != 2) {
            return computed(node);
        }
        SyntaxNode left = operands.getFirst();
        SyntaxNode right = operands.getLast();
        boolean same = sign.equals("is") || sign.equals("==");
        boolean other = sign.replaceAll("\\s+", " ").equals("is not") || sign.equals("!=");
        if ((same || other) && left.is("call") && left.child("function").text().equals("type")
                && left.child("arguments").children().size() == 1) {
            return new Value.KindTest(value(left.child("arguments").children().getFirst()), TypeText.of(right.text()),
                    null, node.span());
        }
        return same || other
                ? new Value.Same(value(left), value(right), other, node.span())
                : new Value.Computed(sign, List.of(value(left), value(right)), node.span());
    }

    private Value lambda(SyntaxNode node) {
        List<ParameterDeclared> parameters = PythonTypes.parameters(node.child("parameters"));
        return new Value.Function(parameters, back(value(node.child("body"))), node.span());
    }

    private Value call(SyntaxNode node) {
        SyntaxNode list = node.child("arguments");
        boolean generator = list != null && list.is("generator_expression");
        Value call = called(node.child("function"), generator ? List.of(value(list)) : values(list), node);
        return call instanceof Value.Call plain ? RoundTrip.of(plain) : call;
    }

    /** A variable is given something: a name put together, or an operation asked for by one. */
    void given(SyntaxNode variable, SyntaxNode value) {
        if (variable.is("identifier")) {
            builtNames.assigned(variable.text(), value);
            if (value.is("call") && value.child("function").text().equals("getattr")) {
                asked.put(variable.text(), value);
            } else {
                asked.remove(variable.text());
            }
        }
    }

    /** {@code getattr(visitor, "visit_" + kind)(node)}; null when it is none. */
    private Value byName(SyntaxNode function, List<Value> arguments, SourceSpan at) {
        SyntaxNode call = function.is("identifier") ? asked.get(function.text()) : function;
        if (call == null || !call.is("call") || !call.child("function").text().equals("getattr")
                || call.child("arguments").children().size() < 2) {
            return null;
        }
        List<SyntaxNode> parts = call.child("arguments").children();
        String name = builtNames.of(parts.get(1));
        return name == null ? null : new Value.Call(value(parts.getFirst()), name, arguments, at);
    }

    private Value called(SyntaxNode function, List<Value> arguments, SyntaxNode node) {
        SourceSpan at = from(function, node);
        Value byName = byName(function, arguments, at);
        if (byName != null) {
            return byName;
        }
        String path = function.text();
        String onList = ON_LISTS.get(path.startsWith("heapq.") || path.startsWith("bisect.")
                ? path.substring(path.indexOf('.') + 1)
                : path);
        if (onList != null && !arguments.isEmpty()) {
            return new Value.Call(arguments.getFirst(), onList, arguments.subList(1, arguments.size()), at);
        }
        if (function.is("identifier")) {
            return calledByName(function.text(), arguments, node, at);
        }
        if (function.text().equals("type(self)") && bodies.className() != null) {
            return new Value.Create(TypeText.of(bodies.className()), arguments, null, node.span());
        }
        return function.is("attribute")
                ? calledOn(function, arguments, node)
                : new Value.Call(value(function), Value.APPLY, arguments, at);
    }

    private Value calledByName(String name, List<Value> arguments, SyntaxNode node, SourceSpan at) {
        if (name.equals("isinstance") && arguments.size() == 2) {
            return kinds(arguments, node);
        }
        if (name.equals("defaultdict") && !arguments.isEmpty()
                && arguments.getFirst() instanceof Value.Name(String inside, var _)) {
            return new Value.Cast(new TypeText("dict", List.of(TypeText.of("?"), TypeText.of(inside)), 0),
                    new Value.ArrayOf(null, List.of(), at), at);
        }
        if (bodies.isOwnClass(name)) {
            return new Value.Create(TypeText.of(bodies.className()), arguments, null, node.span());
        }
        return name.equals("methodcaller") && !arguments.isEmpty()
                && arguments.getFirst() instanceof Value.Literal(Value.Literal.Kind kind, String text, SourceSpan _)
                && kind == Value.Literal.Kind.TEXT
                        ? asking(text.substring(1, text.length() - 1), arguments, at)
                        : new Value.Call(null, name, arguments, at);
    }

    /** {@code methodcaller("name", more)} asks whatever it is given. */
    private static Value asking(String name, List<Value> arguments, SourceSpan at) {
        Value call = new Value.Call(new Value.Name("asked", at), name, arguments.subList(1, arguments.size()), at);
        return new Value.Function(List.of(new ParameterDeclared("asked", null)), List.of(new Step.Return(call, at)),
                at);
    }

    private Value calledOn(SyntaxNode function, List<Value> arguments, SyntaxNode node) {
        SyntaxNode object = function.child("object");
        SyntaxNode name = function.child("attribute");
        SourceSpan at = from(name, node);
        String text = name.text();
        if (text.equals("__init__") && bodies.constructing() && (isSuper(object) || object.is("identifier"))) {
            boolean passesSelf = !isSuper(object) && !arguments.isEmpty();
            return new Value.Construct(true, passesSelf ? arguments.subList(1, arguments.size()) : arguments, at);
        }
        if (text.equals("__new__")) {
            Value bare = bare(object, arguments.size(), node.span());
            if (bare != null) {
                return bare;
            }
        }
        if (text.equals("update") && ownerOfAll(object) != null && arguments.size() == 1) {
            return allInto(ownerOfAll(object), node.child("arguments").children().getFirst(), at);
        }
        if ((text.equals("defaultdict") || text.equals("methodcaller")) && object.is("identifier")) {
            return calledByName(text, arguments, node, at);
        }
        if (text.equals("__class__") && bodies.isSelf(object.text())) {
            return new Value.Create(TypeText.of(bodies.className()), arguments, null, node.span());
        }
        return new Value.Call(isSuper(object) ? new Value.Super(object.span()) : value(object), text, arguments, at);
    }

    /** An object that is made without being set up; null when it is not told of what type. */
    private Value bare(SyntaxNode type, int arguments, SourceSpan at) {
        boolean own = isSuper(type) || type.text().equals("object") || type.text().equals("type(self)")
                || type.text().equals(bodies.className()) || bodies.isOwnClass(type.text());
        if (own && bodies.className() != null) {
            return new Value.Create(TypeText.of(bodies.className()), List.of(), null, at);
        }
        return type.is("identifier") && arguments == 1 ? new Value.Call(null, type.text(), List.of(), at) : null;
    }

    /** All that one object has, put into another: a call of a name that no operation has. */
    Value allInto(SyntaxNode owner, SyntaxNode given, SourceSpan at) {
        SyntaxNode from = given;
        if (from.is("call") && from.child("arguments") != null) { // a copy of the names and what they stand for
            List<SyntaxNode> arguments = from.child("arguments").children();
            from = arguments.size() == 1 ? arguments.getFirst() : from.child("function").child("object");
        }
        SyntaxNode whole = from == null ? null : ownerOfAll(from);
        return new Value.Call(value(owner), "__dict__", List.of(value(whole == null ? given : whole)), at);
    }

    /** What is before {@code .__dict__}; null for anything else. */
    static SyntaxNode ownerOfAll(SyntaxNode node) {
        return node.is("attribute") && node.child("attribute").text().equals("__dict__") ? node.child("object") : null;
    }

    private static Value kinds(List<Value> arguments, SyntaxNode node) {
        SyntaxNode asked = node.child("arguments").children().getLast();
        List<SyntaxNode> all = asked.is("tuple") ? asked.children() : List.of(asked);
        List<Value> tests = new ArrayList<>();
        for (SyntaxNode one : all) {
            TypeText type = one.text().endsWith(".__class__") ? null : WrittenType.of(one.text());
            if (type != null) {
                tests.add(new Value.KindTest(arguments.getFirst(), type, null, node.span()));
            }
        }
        return tests.size() == 1 ? tests.getFirst() : new Value.Computed("or", tests, node.span());
    }
}
