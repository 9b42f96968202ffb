package dev.huella.core.reading.script;

import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Value.Literal;
import dev.huella.core.reading.Bodies;
import dev.huella.core.reading.BuiltNames;
import dev.huella.core.reading.DocComment;
import dev.huella.core.reading.Pairs;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Reads expressions. */
final class ScriptValues extends Bodies {
    /** What objects that are tables are read as. */
    private static final String TABLE = "Record";
    /** The operation that gives the same elements. */
    private static final String ALL = "slice";

    private static final Set<String> FUNCTIONS = Set.of("arrow_function", "function_expression", "function",
            "generator_function", "function_declaration", "generator_function_declaration");
    private final ScriptBodies bodies;
    private final BuiltNames builtNames = new BuiltNames();

    ScriptValues(ScriptBodies bodies) {
        this.bodies = bodies;
    }

    static boolean isFunction(SyntaxNode node) {
        return FUNCTIONS.contains(node.kind()) && node.named();
    }

    static List<ParameterDeclared> parameters(SyntaxNode function, DocComment doc) {
        SyntaxNode single = function.child("parameter");
        return single != null
                ? List.of(new ParameterDeclared(single.text(), doc.parameter(single.text())))
                : ScriptMembers.parameters(function.child("parameters"), doc);
    }

    @Override
    protected void step(SyntaxNode node, List<Step> into) {
        into.add(act(value(node)));
    }

    /** A value that a variable starts with: objects and classes written in place are named after it. */
    Value heldBy(String holder, SyntaxNode node) {
        builtNames.assigned(holder, node);
        return switch (node.kind()) {
            case "object" -> object(node, holder);
            case "parenthesized_expression", "await_expression" -> heldBy(holder, node.children().getFirst());
            case "as_expression", "satisfies_expression" -> annotated(node, holder);
            case "class" -> classValue(node, holder);
            case "new_expression" -> creation(node, holder);
            case "call_expression" -> {
                TypeDeclared closure = ScriptClosures.calledAtOnce(node, holder);
                SyntaxNode inside = ScriptClosures.unwrapped(node); // frozen, and still an object of that name
                yield closure != null ? made(closure, node) : inside == node ? value(node) : heldBy(holder, inside);
            }
            default -> value(node);
        };
    }

    /** The same where the type is written: what it says is a table is one, even of functions. */
    Value heldBy(String holder, SyntaxNode node, TypeText type) {
        SyntaxNode written = ScriptClosures.unwrapped(node);
        return type != null && type.present().name().equals(TABLE) && written.is("object")
                ? table(written)
                : heldBy(holder, node);
    }

    private Value annotated(SyntaxNode node, String holder) {
        TypeText type = ScriptTypeTexts.type(node.children().getLast());
        Value value = heldBy(holder, node.children().getFirst(), type);
        return type == null ? value : new Value.Cast(type, value, node.span());
    }

    private Value made(TypeDeclared type, SyntaxNode node) {
        bodies.inner().add(type);
        return new Value.Create(null, List.of(), type, node.span());
    }

    @Override
    public Value value(SyntaxNode node) {
        SourceSpan at = node.span();
        return switch (node.kind()) {
            case "identifier", "shorthand_property_identifier" -> bodies.named(node.text(), at);
            case "this" -> new Value.Self(null, at);
            case "super" -> new Value.Super(at);
            case "null", "undefined" -> literal(Literal.Kind.NULL, node);
            case "true", "false" -> literal(Literal.Kind.TRUTH, node);
            case "number" -> literal(Literal.Kind.NUMBER, node);
            case "string", "regex" -> literal(Literal.Kind.TEXT, node);
            case "parenthesized_expression", "await_expression", "non_null_expression", "spread_element",
                    "template_substitution", "type_assertion", "yield_expression" ->
                last(node);
            case "as_expression", "satisfies_expression" -> annotated(node, "");
            case "member_expression" -> new Value.Member(object(node),
                    ScriptMembers.name(node.child("property")), at);
            case "subscript_expression" ->
                new Value.Element(value(node.child("object")), value(node.child("index")), at);
            case "new_expression" -> creation(node, "");
            case "call_expression" -> call(node);
            case "object" -> object(node, "");
            case "array" -> array(node);
            case "class" -> classValue(node, "");
            case "assignment_expression" -> assignment(node);
            case "augmented_assignment_expression" -> augmented(node);
            case "update_expression" -> new Value.Assign(value(node.child("argument")),
                    new Literal(Literal.Kind.NUMBER, "1", at), false, at);
            case "ternary_expression" -> either(condition(node.child("condition")), value(node.child("consequence")),
                    value(node.child("alternative")), at);
            case "binary_expression" -> binary(node);
            case "unary_expression" -> unary(node);
            case "template_string" -> new Value.Computed("text", values(node), at);
            default -> isFunction(node) ? function(node) : computed(node);
        };
    }

    private Value assignment(SyntaxNode node) {
        SyntaxNode left = node.child("left");
        if (left.kind().endsWith("_pattern")) {
            return together(left, node.child("right"), node.span());
        }
        return ScriptMembers.bindsOwn(node)
                ? value(left)
                : new Value.Assign(value(left), heldBy(lastName(left), node.child("right")), true, node.span());
    }

    private Value last(SyntaxNode node) {
        List<SyntaxNode> children = node.children();
        return children.isEmpty() ? new Value.Computed("", List.of(), node.span()) : value(children.getLast());
    }

    private static String lastName(SyntaxNode target) {
        SyntaxNode property = target.child("property");
        return property != null ? ScriptMembers.name(property) : target.is("identifier") ? target.text() : "";
    }

    Value function(SyntaxNode node) {
        return new Value.Function(parameters(node, DocComment.NONE), bodies.functionBody(node), node.span());
    }

    /** {@code [...others]} is a copy of the others, {@code [...others, more]} one with more in it. */
    private Value array(SyntaxNode node) {
        List<SyntaxNode> parts = node.children();
        if (parts.isEmpty() || !parts.getFirst().is("spread_element")) {
            return list(node, "spread_element");
        }
        Value first = value(parts.getFirst());
        List<Value> more = parts.stream().skip(1).map(this::value).toList();
        return new Value.Call(first, more.isEmpty() ? "slice" : "concat", more, node.span());
    }

    private Value classValue(SyntaxNode node, String holder) {
        TypeDeclared type = bodies.declares(ScriptTypes.type(node, holder, DocComment.NONE), node.span());
        return new Value.TypeName(TypeText.of(type.name()), node.span());
    }

    private Value creation(SyntaxNode node, String holder) {
        SyntaxNode of = node.child("constructor");
        List<Value> arguments = values(node.child("arguments"));
        if (of == null) {
            return new Value.Computed("new", values(node), node.span());
        }
        if (of.is("class")) {
            TypeDeclared type = ScriptTypes.type(of, holder, DocComment.NONE);
            bodies.inner().add(type);
            return new Value.Create(null, arguments, type, node.span());
        }
        if (!of.is("identifier") && !of.is("member_expression")) {
            return new Value.Call(value(of), Value.APPLY, arguments, node.span());
        }
        String name = of.text().replaceAll("\\s", "");
        if (name.equals("this.constructor")) {
            name = bodies.className();
        }
        if (name.equals("Object") && arguments.isEmpty()) {
            return table(of); // as one that is written out
        }
        SyntaxNode given = node.child("type_arguments");
        TypeText type = new TypeText(name, given == null ? List.of() : ScriptTypeTexts.types(given), 0);
        if (name.equals("Array")) {
            return new Value.ArrayOf(null, List.of(), node.span());
        }
        Value kept = name.equals("Map") && arguments.size() == 1 ? Pairs.kept(arguments.getFirst(), ALL) : null;
        return kept == null
                ? new Value.Create(type, arguments, null, node.span())
                : new Value.Cast(type, kept, node.span());
    }

    private Value call(SyntaxNode node) {
        SyntaxNode function = node.child("function");
        SyntaxNode list = node.child("arguments");
        List<Value> arguments = list == null ? List.of() : given(list, "spread_element");
        TypeDeclared closure = ScriptClosures.calledAtOnce(node, "");
        if (closure != null) {
            return made(closure, node);
        }
        while (function.is("parenthesized_expression") && !function.children().isEmpty()) {
            function = function.children().getFirst();
        }
        SourceSpan at = from(function, node);
        if (function.is("super")) {
            return new Value.Construct(true, arguments, at);
        }
        if (function.is("identifier")) {
            SyntaxNode given = list == null || list.children().isEmpty() ? null : list.children().getFirst();
            boolean whole = given != null && given.text().matches("\\{\\s*\\.\\.\\.this\\s*\\}"); // all it has
            return new Value.Call(null, function.text(), whole ? List.of(new Value.Self(null, at)) : arguments, at);
        }
        String built = function.is("subscript_expression") ? called(function.child("index")) : null;
        if (built != null) {
            return new Value.Call(value(function.child("object")), built, arguments, at);
        }
        if (!function.is("member_expression")) {
            return new Value.Call(value(function), Value.APPLY, arguments, at);
        }
        Value inherited = ScriptSupers.asked(function, arguments, at);
        return inherited == null ? callOfMember(node, function, arguments, at) : inherited;
    }

    private Value callOfMember(SyntaxNode node, SyntaxNode function, List<Value> arguments, SourceSpan at) {
        SyntaxNode property = function.child("property");
        String name = ScriptMembers.name(property);
        String object = function.child("object").text();
        if (object.equals("Object") && name.equals("freeze") && arguments.size() == 1) {
            return arguments.getFirst();
        }
        Value kept = object.equals("Object") && name.equals("fromEntries") && arguments.size() == 1
                ? Pairs.kept(arguments.getFirst(), ALL)
                : null;
        if (kept != null) {
            return new Value.Cast(TypeText.of(TABLE), kept, at);
        }
        SyntaxNode bound = ScriptMembers.bound(node);
        if (bound != null) {
            return value(bound); // the operation, of the object it is asked of anyway
        }
        boolean alike = object.equals("Object") && name.equals("create") && bodies.className() != null
                && node.child("arguments").text().matches("\\(\\s*Object\\.getPrototypeOf\\(this\\)\\s*\\)");
        if (alike) { // an empty one of the own kind
            return new Value.Create(TypeText.of(bodies.className()), List.of(), null, at);
        }
        return new Value.Call(object(function), name, arguments, from(property, node));
    }

    /** The operation that is called by what stands between brackets; null when the text does not tell. */
    private String called(SyntaxNode index) {
        return index.text().startsWith("Symbol.")
                ? index.text().substring("Symbol.".length())
                : builtNames.of(index);
    }

    /** {@code tags: [...this.tags]} */
    private static boolean isOfOwn(SyntaxNode pair) {
        return pair.is("pair") && pair.child("value").text().contains("this." + pair.child("key").text());
    }

    /** An object with operations is a type of its own; one with values only is a map. */
    private Value object(SyntaxNode node, String holder) {
        if (ScriptClosures.hasFunctions(node)) {
            return made(ScriptClosures.object(node, holder), node);
        }
        List<SyntaxNode> written = node.children();
        boolean copy = !written.isEmpty() && written.getFirst().is("spread_element")
                && !written.getFirst().children().getFirst().is("this");
        boolean own = !copy && bodies.isInPlace() && !written.isEmpty() && written.getFirst().is("spread_element")
                && written.stream().skip(1).allMatch(ScriptValues::isOfOwn);
        if (own) { // {...this}, where all there is to an object is what it has, is another one like it
            var made = new Value.Create(TypeText.of(bodies.className()), List.of(), null, node.span());
            return new Value.Call(new Value.Name("Object", node.span()), "assign",
                    List.of(made, new Value.Self(null, node.span()), table(node)), node.span());
        }
        if (copy && written.size() == 1) { // {...others} is a copy of the others
            return new Value.Call(value(written.getFirst()), "slice", List.of(), node.span());
        }
        return table(node);
    }

    /** The values of an object literal, with their names. */
    private Value table(SyntaxNode node) {
        List<Value> parts = new ArrayList<>();
        for (SyntaxNode child : node.children()) {
            SyntaxNode value = child.is("pair") ? child.child("value") : child;
            if (child.is("method_definition")) {
                parts.add(new Value.Labelled(child.child("name").text(), function(child), child.span()));
            } else if (value != null) {
                SyntaxNode key = child.is("pair") ? child.child("key") : child;
                boolean named = key != null
                        && (key.is("property_identifier") || key.is("shorthand_property_identifier"));
                boolean all = value.text().equals("...this");
                Value part = all
                        ? spread(inside(value))
                        : named && value.is("object") ? object(value, key.text()) : value(value);
                parts.add(named ? new Value.Labelled(key.text(), part, child.span()) : part);
            }
        }
        return new Value.Cast(TypeText.of(TABLE), new Value.ArrayOf(null, parts, node.span()), node.span());
    }

    private Value object(SyntaxNode member) {
        return ifThere(value(member.child("object")), member.child("optional_chain") != null);
    }

    private Value augmented(SyntaxNode node) {
        String sign = sign(node);
        Value target = value(node.child("left"));
        Value given = heldBy(lastName(node.child("left")), node.child("right"));
        if (sign.equals("??=") || sign.equals("||=")) {
            return new Value.Assign(target, orElse(target, given, node.span()), true, node.span());
        }
        return new Value.Assign(target, given, false, node.span());
    }

    private Value unary(SyntaxNode node) {
        SyntaxNode argument = node.child("argument");
        String sign = sign(node);
        if (sign.equals("delete") && argument.is("subscript_expression")) {
            return new Value.Call(value(argument.child("object")), "delete", List.of(value(argument.child("index"))),
                    node.span());
        }
        if (sign.equals("+") || sign.equals("-") || sign.equals("~")) {
            return new Value.Cast(TypeText.of("number"), value(argument), node.span());
        }
        return new Value.Computed(sign, List.of(sign.equals("!") ? condition(argument) : value(argument)), node.span());
    }

    /** A condition: what is combined in it is only tested, not handed on. */
    Value condition(SyntaxNode node) {
        if (node.is("parenthesized_expression") && !node.children().isEmpty()) {
            return condition(node.children().getLast());
        }
        if (node.is("binary_expression")) {
            String sign = sign(node);
            if (sign.equals("&&") || sign.equals("||")) {
                return new Value.Computed(sign, List.of(condition(node.child("left")), condition(node.child("right"))),
                        node.span());
            }
        }
        return value(node);
    }

    private Value binary(SyntaxNode node) {
        SyntaxNode left = node.child("left");
        SyntaxNode right = node.child("right");
        String sign = sign(node);
        SourceSpan at = node.span();
        return switch (sign) {
            case "instanceof" -> new Value.KindTest(value(left), TypeText.of(right.text()), null, at);
            case "===", "==", "!==", "!=" -> {
                boolean negated = sign.startsWith("!");
                boolean kind = left.is("member_expression") && left.child("property").text().equals("constructor");
                yield kind
                        ? new Value.KindTest(value(left.child("object")), TypeText.of(right.text()), null, at)
                        : new Value.Same(value(left), value(right), negated, at);
            }
            case "??", "||" -> orElse(value(left), value(right), at);
            case "&&" -> new Value.Computed(sign, List.of(condition(left), value(right)), at);
            default -> new Value.Computed(sign, List.of(value(left), value(right)), at);
        };
    }

    /** {@code [this.a, this.b] = [a, b]} and {@code {a: this.a} = all}. */
    private Value together(SyntaxNode pattern, SyntaxNode right, SourceSpan at) {
        Value whole = value(right);
        List<Value> targets = new ArrayList<>();
        List<Value> named = new ArrayList<>();
        for (SyntaxNode part : pattern.children()) {
            boolean pair = part.is("pair_pattern");
            SyntaxNode own = pair ? part.child("value") : part;
            SyntaxNode target = own.kind().endsWith("assignment_pattern") ? own.child("left") : own;
            targets.add(value(target));
            named.add(new Value.Member(whole, pair ? ScriptMembers.name(part.child("key")) : target.text(),
                    part.span()));
        }
        return together(targets, pattern.is("array_pattern") ? parts(right, "array") : named, whole, at);
    }
}
