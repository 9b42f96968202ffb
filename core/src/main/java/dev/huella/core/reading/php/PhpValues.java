package dev.huella.core.reading.php;

import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.Step.Branch;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Value.Literal;
import dev.huella.core.reading.Bodies;
import dev.huella.core.reading.DocComment;
import dev.huella.core.reading.RoundTrip;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Reads expressions. */
final class PhpValues extends Bodies {
    private static final Set<String> LOGIC = Set.of("&&", "||", "and", "or", "xor");
    private final PhpBodies bodies;

    PhpValues(PhpBodies bodies) {
        this.bodies = bodies;
    }

    @Override
    protected void step(SyntaxNode node, List<Step> into) {
        bodies.statement(node, into);
    }

    @Override
    public Value value(SyntaxNode node) {
        SourceSpan at = node.span();
        return switch (node.kind()) {
            case "variable_name" -> variable(node, at);
            case "name", "qualified_name", "namespace_name" -> dotted(node.text(), at);
            case "relative_scope" -> scope(node);
            case "null" -> literal(Literal.Kind.NULL, node);
            case "boolean" -> literal(Literal.Kind.TRUTH, node);
            case "integer", "float" -> literal(Literal.Kind.NUMBER, node);
            case "string", "nowdoc", "string_content" -> literal(Literal.Kind.TEXT, node);
            case "encapsed_string", "heredoc", "shell_command_expression" -> text(node);
            case "parenthesized_expression", "argument", "by_ref", "variadic_unpacking", "error_suppression_expression",
                    "reference_assignment_expression" ->
                last(node);
            case "array_creation_expression" -> new Value.ArrayOf(null, elements(node), at);
            case "array_element_initializer" -> last(node);
            case "member_access_expression", "nullsafe_member_access_expression" -> member(node, at);
            case "scoped_property_access_expression" -> new Value.Member(value(node.child("scope")),
                    node.child("name").text().replace("$", ""), at);
            case "class_constant_access_expression" -> constant(node, at);
            case "member_call_expression", "nullsafe_member_call_expression", "scoped_call_expression" -> call(node);
            case "function_call_expression" -> function(node);
            case "object_creation_expression" -> creation(node);
            case "clone_expression" -> new Value.Call(inside(node), "clone", List.of(), at);
            case "assignment_expression" -> assignment(node);
            case "augmented_assignment_expression" -> augmented(node);
            case "update_expression" -> new Value.Assign(value(node.child("argument")),
                    new Literal(Literal.Kind.NUMBER, "1", at), false, at);
            case "conditional_expression" -> conditional(node);
            case "match_expression" -> match(node);
            case "binary_expression" -> binary(node);
            case "unary_op_expression" -> new Value.Computed(node.child("operator") == null
                    ? "unary"
                    : sign(node), List.of(condition(node.children().getLast())), at);
            case "subscript_expression" -> new Value.Element(value(node.children().getFirst()),
                    node.children().size() > 1
                            ? value(node.children().get(1))
                            : new Literal(Literal.Kind.NULL, "null", at),
                    at);
            case "cast_expression" -> value(node.child("value"));
            case "anonymous_function", "anonymous_function_creation_expression", "arrow_function" -> closure(node);
            case "throw_expression" -> new Value.Computed("throw", values(node), at);
            default -> computed(node);
        };
    }

    private Value last(SyntaxNode node) {
        List<SyntaxNode> children = node.children();
        if (children.isEmpty()) {
            return new Value.Computed("", List.of(), node.span());
        }
        Value value = value(children.getLast());
        SyntaxNode label = node.is("argument") ? node.child("name") : null;
        return label == null ? value : new Value.Labelled(label.text(), value, node.span());
    }

    private Value variable(SyntaxNode node, SourceSpan at) {
        String name = node.text().substring(1);
        if (bodies.keeps(name)) {
            return bodies.className() == null
                    ? new Value.Name(bodies.keptAs(name), at)
                    : new Value.Member(new Value.Name(bodies.className(), at), name, at);
        }
        return name.equals("this") ? new Value.Self(null, at) : new Value.Name(name, at);
    }

    private Value scope(SyntaxNode node) {
        return node.text().equals("parent")
                ? new Value.Super(node.span())
                : bodies.className() == null
                        ? new Value.Self(null, node.span())
                        : new Value.Name(bodies.className(), node.span());
    }

    private Value text(SyntaxNode node) {
        List<Value> parts = node.children()
                .stream()
                .filter(child -> !child.is("string_content") && !child.is("escape_sequence"))
                .map(this::value)
                .toList();
        return parts.isEmpty() ? literal(Literal.Kind.TEXT, node) : new Value.Computed("text", parts, node.span());
    }

    private List<Value> elements(SyntaxNode node) {
        List<Value> found = new ArrayList<>();
        node.children()
                .stream()
                .filter(child -> !child.children().isEmpty())
                .forEach(child -> found.add(child.children().getLast().is("variadic_unpacking")
                        ? spread(last(child))
                        : last(child)));
        return found;
    }

    private Value member(SyntaxNode node, SourceSpan at) {
        SyntaxNode name = node.child("name");
        Value of = ifThere(value(node.child("object")), node.is("nullsafe_member_access_expression"));
        return name.is("name")
                ? new Value.Member(of, name.text(), at)
                : new Value.Element(of, value(name), at);
    }

    private Value constant(SyntaxNode node, SourceSpan at) {
        List<SyntaxNode> parts = node.children();
        String name = parts.getLast().text();
        if (name.equals("class") || parts.size() < 2) {
            Value of = value(parts.getFirst());
            return of instanceof Value.Self || of instanceof Value.Call
                    ? new Value.Call(of, "getClass", List.of(), at)
                    : new Value.TypeName(TypeText.of(typeName(parts.getFirst())), at);
        }
        return new Value.Member(value(parts.getFirst()), name, at);
    }

    private String typeName(SyntaxNode node) {
        String text = PhpTypes.dotted(node.text());
        return (text.equals("self") || text.equals("static")) && bodies.className() != null ? bodies.className() : text;
    }

    private List<Value> arguments(SyntaxNode node) {
        SyntaxNode list = node.child("arguments") != null ? node.child("arguments") : node.first("arguments");
        return list == null ? List.of() : list.children().stream().map(this::value).toList();
    }

    private Value call(SyntaxNode node) {
        SyntaxNode name = node.child("name");
        SyntaxNode on = node.child("object") != null ? node.child("object") : node.child("scope");
        SourceSpan at = from(name, node);
        List<Value> arguments = arguments(node);
        String built = name.is("name") ? null : bodies.builtNames().of(name);
        if (built != null) {
            return new Value.Call(value(on), built, arguments, at);
        }
        if (!name.is("name")) {
            return new Value.Call(new Value.Element(value(on), value(name), at), Value.APPLY, arguments, at);
        }
        if (name.text().equals("__construct") && on.text().equals("parent")) {
            return new Value.Construct(true, arguments, at);
        }
        if (node.text().endsWith("(...)")) {
            return new Value.Reference(value(on), null, name.text(), at);
        }
        Value receiver = on.is("name") || on.is("qualified_name") ? type(on) : value(on);
        return new Value.Call(ifThere(receiver, node.is("nullsafe_member_call_expression")), name.text(), arguments,
                at);
    }

    private static Value type(SyntaxNode node) {
        return dotted(node.text(), node.span());
    }

    private Value function(SyntaxNode node) {
        SyntaxNode function = node.child("function");
        List<Value> arguments = arguments(node);
        SourceSpan at = from(function, node);
        if (!function.is("name") && !function.is("qualified_name")) {
            return new Value.Call(value(function), Value.APPLY, arguments, at);
        }
        String name = function.text().substring(function.text().lastIndexOf('\\') + 1);
        if (node.text().endsWith("(...)")) {
            return new Value.Name(name, at);
        }
        if (name.equals("isset") && arguments.size() == 1) {
            return absent(arguments.getFirst(), true, at);
        }
        if (name.equals("is_null") && arguments.size() == 1) {
            return absent(arguments.getFirst(), false, at);
        }
        if ((name.equals("call_user_func") || name.equals("call_user_func_array")) && !arguments.isEmpty()) {
            return applied(arguments.getFirst(), arguments.subList(1, arguments.size()), at);
        }
        if ((name.equals("array_push") || name.equals("array_unshift")) && arguments.size() > 1) {
            return new Value.Call(arguments.getFirst(), "push", arguments.subList(1, arguments.size()), at);
        }
        return RoundTrip.of(new Value.Call(null, name, arguments, at));
    }

    /** A function that is called; an object and what its operation is called stand side by side in a list. */
    private static Value applied(Value function, List<Value> given, SourceSpan at) {
        if (!(function instanceof Value.ArrayOf(var _, List<Value> pair, var _)) || pair.size() != 2) {
            return new Value.Call(function, Value.APPLY, given, at);
        }
        return pair.getLast() instanceof Literal(var kind, String name, var _) && kind == Literal.Kind.TEXT
                ? new Value.Call(pair.getFirst(), name.replaceAll("['\"]", ""), given, at)
                : new Value.Call(new Value.Element(pair.getFirst(), pair.getLast(), at), Value.APPLY, given, at);
    }

    private Value creation(SyntaxNode node) {
        SyntaxNode anonymous = node.first("anonymous_class");
        if (anonymous != null) {
            TypeDeclared type = new PhpTypes(bodies.namespace()).anonymous(anonymous, "");
            bodies.inner().add(type);
            TypeText base = type.realised().isEmpty()
                    ? type.extended().isEmpty() ? null : type.extended().getFirst()
                    : type.realised().getFirst();
            return new Value.Create(base == null ? TypeText.of("?") : base, arguments(anonymous), type, node.span());
        }
        SyntaxNode of = node.children().isEmpty() ? null : node.children().getFirst();
        List<Value> arguments = arguments(node);
        if (of == null) {
            return new Value.Computed("new", values(node), node.span());
        }
        if (!of.is("name") && !of.is("qualified_name") && !of.is("relative_scope")) {
            return new Value.Call(value(of), Value.APPLY, arguments, node.span());
        }
        String name = typeName(of);
        return new Value.Create(TypeText.of(name), arguments, null, node.span());
    }

    private Value assignment(SyntaxNode node) {
        SyntaxNode left = node.child("left");
        Value given = value(node.child("right"));
        if (left.is("list_literal") || left.is("array_creation_expression")) {
            List<Value> targets = new ArrayList<>();
            for (SyntaxNode child : left.children()) {
                SyntaxNode own = child.is("array_element_initializer") ? child.children().getLast() : child;
                if (own.is("variable_name") || own.is("member_access_expression")
                        || own.is("scoped_property_access_expression")) {
                    Value target = value(own);
                    bodies.names().assigned(target);
                    targets.add(target);
                }
            }
            List<Value> parts = given instanceof Value.ArrayOf written ? written.elements() : List.of();
            return together(targets, parts, given, node.span());
        }
        Value target = value(left);
        bodies.names().assigned(target);
        if (left.is("variable_name")) {
            bodies.builtNames().assigned(left.text(), node.child("right"));
        }
        return new Value.Assign(target, given, true, node.span());
    }

    private Value augmented(SyntaxNode node) {
        Value target = value(node.child("left"));
        Value given = value(node.child("right"));
        return sign(node).equals("??=")
                ? new Value.Assign(target, orElse(target, given, node.span()), true, node.span())
                : new Value.Assign(target, given, false, node.span());
    }

    private Value conditional(SyntaxNode node) {
        Value on = condition(node.child("condition"));
        SyntaxNode yes = node.child("body");
        Value no = value(node.child("alternative"));
        return yes == null ? orElse(on, no, node.span()) : either(on, value(yes), no, node.span());
    }

    private Value match(SyntaxNode node) {
        Value on = value(node.child("condition"));
        List<Branch> branches = new ArrayList<>();
        boolean complete = false;
        for (SyntaxNode branch : node.child("body").children()) {
            SyntaxNode result = branch.child("return_expression");
            if (result == null) {
                continue;
            }
            List<Step> steps = result.is("throw_expression")
                    ? List.of(new Step.Throw(inside(result), result.span()))
                    : List.of(new Step.Yield(value(result), result.span()));
            SyntaxNode conditions = branch.child("conditional_expressions");
            complete |= conditions == null;
            branches.add(new Branch(conditions == null ? List.of() : values(conditions), steps));
        }
        return new Value.Either(on, branches, complete, node.span());
    }

    /** A condition: what is combined in it is only tested, not handed on. */
    Value condition(SyntaxNode node) {
        if (node.is("parenthesized_expression") && !node.children().isEmpty()) {
            return condition(node.children().getLast());
        }
        if (node.is("binary_expression") && LOGIC.contains(sign(node))) {
            return new Value.Computed(sign(node),
                    List.of(condition(node.child("left")), condition(node.child("right"))), node.span());
        }
        return value(node);
    }

    private Value binary(SyntaxNode node) {
        SyntaxNode left = node.child("left");
        SyntaxNode right = node.child("right");
        String sign = sign(node);
        SourceSpan at = node.span();
        return switch (sign) {
            case "instanceof" -> right.is("name") || right.is("qualified_name") || right.is("relative_scope")
                    ? new Value.KindTest(value(left), TypeText.of(typeName(right)), null, at)
                    : computed(node);
            case "===", "==", "!==", "!=", "<>" -> new Value.Same(value(left), value(right), !sign.startsWith("="), at);
            case "??" -> orElse(value(left), value(right), at);
            default -> new Value.Computed(sign, List.of(value(left), value(right)), at);
        };
    }

    private Value closure(SyntaxNode node) {
        List<ParameterDeclared> parameters = PhpTypes.parameters(node.child("parameters"), DocComment.NONE,
                bodies.className());
        SyntaxNode body = node.child("body");
        bodies.names().enter(parameters.stream().map(ParameterDeclared::name).toList());
        SyntaxNode used = node.first("anonymous_function_use_clause");
        if (used != null) {
            used.children().forEach(one -> bodies.names().elsewhere(one.text().replaceAll("[&$\\s]", "")));
        }
        List<Step> steps = body.is("compound_statement") ? bodies.steps(body) : back(value(body));
        return new Value.Function(parameters, bodies.names().leave(steps), node.span());
    }
}
