package dev.huella.core.reading.cpp;

import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Value.Literal;
import dev.huella.core.reading.Bodies;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/** Reads expressions. */
final class CppValues extends Bodies {
    private static final Set<String> MAKERS = Set.of("make_unique", "make_shared", "make_optional");
    /** Casts that give nothing where the kind is another. */
    private static final Pattern ASKING = Pattern.compile("(std\\.)?dynamic_(pointer_)?cast|qobject_cast");
    private static final Set<String> CASTS = Set.of("static_cast", "dynamic_cast", "const_cast", "reinterpret_cast",
            "dynamic_pointer_cast", "static_pointer_cast", "any_cast", "qobject_cast");
    private static final Set<String> THROUGH = Set.of("std.move", "std.forward", "std.ref", "std.cref",
            "std.as_const", "move", "std.addressof", "unique_ptr", "shared_ptr", "std.unique_ptr", "std.shared_ptr");
    /** The standard library's streams to the terminal. */
    private static final Set<String> PRINTED = Set.of("cout", "cerr", "clog", "wcout", "wcerr");
    private static final Set<String> OVER = Set.of("for_each", "transform", "any_of", "all_of", "none_of", "find_if",
            "find_if_not", "count_if", "copy_if", "sort", "stable_sort", "partition", "max_element", "min_element",
            "accumulate", "reduce", "transform_reduce");
    /** The standard library's containers, which may be made of what another one holds. */
    private static final Set<String> CONTAINERS = Set.of("std.vector", "std.list", "std.deque", "std.set",
            "std.multiset", "std.unordered_set", "std.map", "std.multimap", "std.unordered_map", "vector", "list",
            "deque", "set");
    private final CppBodies bodies;

    CppValues(CppBodies bodies) {
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
            case "identifier", "type_identifier", "field_identifier", "namespace_identifier" ->
                new Value.Name(node.text(), at);
            case "qualified_identifier" -> node.text().equals("std::nullopt")
                    ? new Literal(Literal.Kind.NULL, "null", at)
                    : dotted(CppTypeTexts.plain(node.text()), at);
            case "template_function", "template_type", "template_method" -> value(node.child("name"));
            case "this" -> new Value.Self(null, at);
            case "null", "nullptr" -> new Literal(Literal.Kind.NULL, "null", at);
            case "true", "false" -> literal(Literal.Kind.TRUTH, node);
            case "number_literal" -> literal(Literal.Kind.NUMBER, node);
            case "string_literal", "raw_string_literal", "char_literal", "concatenated_string",
                    "user_defined_literal" ->
                literal(Literal.Kind.TEXT, node);
            case "pointer_expression" -> {
                SyntaxNode of = node.children().getLast(); // *it++ is what it has come to
                yield value(sign(node).equals("*") && of.is("update_expression") ? of.child("argument") : of);
            }
            case "parenthesized_expression", "parameter_pack_expansion", "co_await_expression",
                    "condition_clause" ->
                last(node);
            case "field_expression" -> new Value.Member(value(node.child("argument")), field(node), at);
            case "call_expression" -> call(node);
            case "new_expression" -> creation(node);
            case "compound_literal_expression" -> new Value.Create(CppTypeTexts.type(node.child("type")),
                    whole(bodies.arguments(node.child("value"))), null, at);
            case "initializer_list" -> new Value.ArrayOf(null, values(node), at);
            case "initializer_pair" -> value(node.child("value"));
            case "subscript_expression" -> new Value.Element(value(node.child("argument")),
                    node.child("indices") == null ? literal(Literal.Kind.NUMBER, node) : last(node.child("indices")),
                    at);
            case "assignment_expression" -> assignment(node);
            case "update_expression" -> new Value.Assign(value(node.child("argument")),
                    new Literal(Literal.Kind.NUMBER, "1", at), false, at);
            case "conditional_expression" ->
                either(condition(node.child("condition")), value(node.child("consequence")),
                        value(node.child("alternative")), at);
            case "binary_expression" -> binary(node);
            case "unary_expression" -> new Value.Computed(sign(node), List.of(condition(node.child("argument"))), at);
            case "cast_expression" -> cast(CppTypeTexts.type(node.child("type")), value(node.child("value")), at);
            case "lambda_expression" -> lambda(node);
            case "delete_expression" -> new Value.Call(inside(node), "delete", List.of(), at);
            case "comma_expression" -> computed(node);
            default -> computed(node);
        };
    }

    private static String field(SyntaxNode node) {
        SyntaxNode field = node.child("field");
        return field == null
                ? ""
                : CppTypeTexts.plain(field.is("template_method") || field.is("dependent_name")
                        ? field.children().getFirst().text()
                        : field.text());
    }

    private Value last(SyntaxNode node) {
        List<SyntaxNode> children = node.children();
        return children.isEmpty() ? new Value.Computed("", List.of(), node.span()) : value(children.getLast());
    }

    private static Value cast(TypeText type, Value value, SourceSpan at) {
        return type == null ? value : new Value.Cast(type, value, at);
    }

    private Value creation(SyntaxNode node) {
        TypeText type = CppTypeTexts.type(node.child("type"));
        return node.child("declarator") != null
                ? new Value.ArrayOf(type, List.of(), node.span())
                : new Value.Create(type, bodies.arguments(node.child("arguments")), null, node.span());
    }

    private static TypeText firstArgument(SyntaxNode function) {
        SyntaxNode at = function;
        while (at.is("qualified_identifier") && at.child("name") != null) {
            at = at.child("name");
        }
        SyntaxNode list = at.child("arguments");
        return list == null || list.children().isEmpty() ? null : CppTypeTexts.type(list.children().getFirst());
    }

    /** {@code (xs.begin(), xs.end())}: all of them. */
    static List<Value> whole(List<Value> arguments) {
        return arguments.size() == 2 && arguments.getFirst() instanceof Value.Call(Value of, String begin, var _, var _)
                && arguments.getLast() instanceof Value.Call(Value same, String end, var _, var _)
                && begin.endsWith("begin") && end.endsWith("end") && of != null && same != null
                        ? List.of(of)
                        : arguments;
    }

    /** An argument that the grammar takes for a parameter, since an object made that way looks like a function. */
    Value takenForParameter(SyntaxNode node) {
        SyntaxNode type = node.child("type");
        SyntaxNode declarator = node.child("declarator");
        boolean called = type != null && declarator != null && declarator.text().startsWith("(");
        if (!called) {
            return new Value.Name(node.text().replaceAll("[&*\\s]", ""), node.span());
        }
        String path = CppTypeTexts.plain(type.text());
        String name = path.substring(path.lastIndexOf('.') + 1);
        SyntaxNode list = declarator.child("parameters") == null ? declarator : declarator.child("parameters");
        List<Value> arguments = list.children().stream().map(this::takenForParameter).toList();
        if (THROUGH.contains(path) && arguments.size() == 1) {
            return arguments.getFirst();
        }
        if (MAKERS.contains(name) && firstArgument(type) != null) {
            return new Value.Create(firstArgument(type).present(), arguments, null, node.span());
        }
        return Character.isUpperCase(name.charAt(0))
                ? new Value.Create(CppTypeTexts.type(type), arguments, null, node.span())
                : new Value.Call(null, name, arguments, node.span());
    }

    private Value call(SyntaxNode node) {
        SyntaxNode function = node.child("function");
        List<Value> arguments = bodies.arguments(node.child("arguments"));
        SourceSpan at = from(function, node);
        if (function.is("field_expression")) {
            return onObject(node, function, arguments);
        }
        String path = CppTypeTexts.plain(function.text());
        String name = path.substring(path.lastIndexOf('.') + 1);
        Value meant = meant(name, node.child("arguments"), arguments, at);
        if (meant != null) {
            return meant;
        }
        if (MAKERS.contains(name) && firstArgument(function) != null) {
            return new Value.Create(firstArgument(function).present(), arguments, null, node.span());
        }
        if (CASTS.contains(name) && arguments.size() == 1) {
            return cast(firstArgument(function), arguments.getFirst(), at);
        }
        Value ofLibrary = ofLibrary(path, name, arguments, at);
        if (ofLibrary != null) {
            return ofLibrary;
        }
        if (CONTAINERS.contains(path) && path.startsWith("std.") && !function.text().endsWith(">")
                && arguments.size() == 1) {
            return new Value.Call(arguments.getFirst(), "copied", List.of(), at);
        }
        if (CONTAINERS.contains(path) && function.text().endsWith(">")) {
            return new Value.Create(CppTypeTexts.type(function), whole(arguments), null, node.span());
        }
        if (function.is("template_function") && Character.isUpperCase(name.charAt(0))) {
            return new Value.Create(new TypeText(name, List.of(firstArgument(function) == null
                    ? TypeText.of("?")
                    : firstArgument(function)), 0), arguments, null, node.span());
        }
        int dot = path.lastIndexOf('.');
        if (function.is("qualified_identifier") && dot > 0) {
            return new Value.Call(dotted(path.substring(0, dot), function.span()), name, arguments, at);
        }
        if (function.is("identifier") || function.is("template_function") || function.is("type_identifier")) {
            return new Value.Call(null, name, arguments, at);
        }
        return new Value.Call(value(function), Value.APPLY, arguments, at);
    }

    /** Functions of the library that stand for an operation of what they are handed first; null for other calls. */
    private static Value ofLibrary(String path, String name, List<Value> arguments, SourceSpan at) {
        if (THROUGH.contains(path) && arguments.size() == 1) {
            return arguments.getFirst();
        }
        if (OVER.contains(name) && arguments.size() > 1 && arguments.getFirst() instanceof Value.Call begin
                && begin.name().endsWith("begin")) {
            return new Value.Call(begin.receiver(), name, arguments.subList(2, arguments.size()), at);
        }
        if (OVER.contains(name) && arguments.size() > 1 && path.contains("ranges.")) {
            return new Value.Call(arguments.getFirst(), name, arguments.subList(1, arguments.size()), at);
        }
        if (path.equals("std.exchange") && arguments.size() == 2) {
            return new Value.Call(arguments.getFirst(), "exchange", List.of(), at);
        }
        if ((path.equals("std.erase") || path.equals("std.erase_if")) && arguments.size() == 2) {
            return new Value.Call(arguments.getFirst(), "remove", List.of(arguments.getLast()), at);
        }
        if (path.equals("std.visit") && arguments.size() == 2 && arguments.getFirst() instanceof Value.Function) {
            return new Value.Call(arguments.getLast(), "std::visit", List.of(arguments.getFirst()), at);
        }
        if ((path.equals("std.invoke") || path.equals("std.visit")) && !arguments.isEmpty()) {
            return new Value.Call(arguments.getFirst(), Value.APPLY, arguments.subList(1, arguments.size()), at);
        }
        return null;
    }

    /** {@code std::mem_fn(&Type::operation)}, {@code std::bind_front(&Type::operation, object)}; null for other calls. */
    private static Value meant(String name, SyntaxNode written, List<Value> arguments, SourceSpan at) {
        boolean binds = name.equals("bind") || name.equals("bind_front");
        if (arguments.isEmpty() || !binds && !name.equals("mem_fn")) {
            return null;
        }
        String path = CppTypeTexts.plain(written.children().getFirst().text());
        int dot = path.lastIndexOf('.');
        boolean open = arguments.stream().skip(2).allMatch(CppValues::isOpen);
        if (!path.startsWith("&") || dot < 0 || !open) {
            return null;
        }
        String operation = path.substring(dot + 1);
        return arguments.size() == 1 || isOpen(arguments.get(1))
                ? new Value.Reference(null, TypeText.of(path.substring(1, dot).strip()), operation, at)
                : new Value.Reference(arguments.get(1), null, operation, at);
    }

    /** {@code _1}: what is handed over later. */
    private static boolean isOpen(Value argument) {
        return argument instanceof Value.Name(String name, SourceSpan _) && name.matches("_\\d")
                || argument instanceof Value.Member(Value _, String member, SourceSpan _) && member.matches("_\\d");
    }

    /** {@code xs.erase(std::remove(xs.begin(), xs.end(), x), xs.end())} takes {@code x} out. */
    private Value onObject(SyntaxNode node, SyntaxNode function, List<Value> arguments) {
        SyntaxNode field = function.child("field");
        SourceSpan at = from(field == null ? function : field, node);
        Value on = value(function.child("argument"));
        String name = field(function);
        if (name.equals("erase") && !arguments.isEmpty() && arguments.getFirst() instanceof Value.Call removed
                && removed.name().startsWith("remove") && removed.arguments().size() == 3) {
            return new Value.Call(on, removed.name(), List.of(removed.arguments().getLast()), at);
        }
        return new Value.Call(on, name, arguments, at);
    }

    private Value assignment(SyntaxNode node) {
        Value other = bodies.other(node.child("left").text());
        Value target = other == null ? value(node.child("left")) : other;
        Value given = value(node.child("right"));
        return sign(node).equals("=")
                ? new Value.Assign(target, given, true, node.span())
                : counted(sign(node), target, given, node.span());
    }

    /** A condition: what is combined in it is only tested; a cast in it tests the kind. */
    Value condition(SyntaxNode node) {
        if ((node.is("parenthesized_expression") || node.is("condition_clause")) && !node.children().isEmpty()) {
            return condition(node.children().getLast());
        }
        if (node.is("binary_expression")) {
            String sign = sign(node);
            if (sign.equals("&&") || sign.equals("||") || sign.equals("and") || sign.equals("or")) {
                return new Value.Computed(sign, List.of(condition(node.child("left")), condition(node.child("right"))),
                        node.span());
            }
        }
        if (node.is("unary_expression") && sign(node).equals("!")) {
            return new Value.Computed("!", List.of(condition(node.child("argument"))), node.span());
        }
        Value value = value(node);
        return node.is("call_expression") && value instanceof Value.Cast(TypeText type, Value inner, SourceSpan at)
                && ASKING.matcher(CppTypeTexts.plain(node.child("function").text())).lookingAt()
                        ? new Value.KindTest(inner, type.present(), null, at)
                        : value;
    }

    /** A value as a statement, where {@code in >> x} fills a variable. */
    Value done(SyntaxNode node) {
        List<Value> filled = new ArrayList<>();
        SyntaxNode at = node;
        while (at.is("binary_expression") && sign(at).equals(">>")) {
            SyntaxNode source = at;
            while (source.is("binary_expression")) {
                source = source.child("left");
            }
            filled.addFirst(new Value.Assign(value(at.child("right")),
                    new Value.Call(value(source), ">>", List.of(), at.span()), true, at.span()));
            at = at.child("left");
        }
        return filled.isEmpty() ? value(node) : new Value.Computed(">>", filled, node.span());
    }

    private Value binary(SyntaxNode node) {
        SyntaxNode left = node.child("left");
        SyntaxNode right = node.child("right");
        String sign = sign(node);
        SourceSpan at = node.span();
        return switch (sign) {
            case "==", "!=" -> {
                boolean kinds = left.text().startsWith("typeid") && right.text().startsWith("typeid");
                yield kinds
                        ? new Value.KindTest(last(left.child("arguments")), TypeText.of(
                                CppTypeTexts.plain(right.child("arguments").children().getFirst().text())), null, at)
                        : new Value.Same(value(left), value(right), sign.equals("!="), at);
            }
            case "<<" -> new Value.Call(value(left), printed(left) ? "print" : "<<", List.of(value(right)), at);
            default -> new Value.Computed(sign, List.of(condition(left), condition(right)), at);
        };
    }

    /** True for the streams that every program has to the outside: putting something into one prints it. */
    private static boolean printed(SyntaxNode stream) {
        SyntaxNode first = stream;
        while (first.child("left") != null) {
            first = first.child("left");
        }
        return PRINTED.contains(first.text().replaceFirst("^(::)?std::", ""));
    }

    private Value lambda(SyntaxNode node) {
        SyntaxNode declarator = node.child("declarator");
        List<ParameterDeclared> parameters = declarator == null
                ? List.of()
                : CppMembers.parameters(declarator.child("parameters"));
        return new Value.Function(parameters, new ArrayList<>(bodies.inPlace(node.child("body"))), node.span());
    }
}
