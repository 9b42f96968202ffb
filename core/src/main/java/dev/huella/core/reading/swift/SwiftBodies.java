package dev.huella.core.reading.swift;

import dev.huella.core.facts.Step;
import dev.huella.core.facts.Step.Branch;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Value.Literal;
import dev.huella.core.reading.Bodies;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.regex.Pattern;

/** Reads statements; expressions are in {@link SwiftValues}. */
final class SwiftBodies extends Bodies {
    private final String className;
    private final SwiftValues values = new SwiftValues(this);

    SwiftBodies(String className) {
        this.className = className;
    }

    String className() {
        return className;
    }

    @Override
    public Value value(SyntaxNode node) {
        return values.value(node);
    }

    /** The one name, or the last of several, that a pattern binds. */
    static String boundName(SyntaxNode pattern) {
        List<String> all = boundNames(pattern);
        return all.isEmpty() ? pattern == null ? "_" : pattern.text() : all.getLast();
    }

    static List<String> boundNames(SyntaxNode pattern) {
        List<String> found = new ArrayList<>();
        Deque<SyntaxNode> open = new ArrayDeque<>();
        if (pattern != null) {
            open.push(pattern);
        }
        while (!open.isEmpty()) {
            SyntaxNode node = open.pop();
            if (node.is("simple_identifier")) {
                found.add(node.text());
            } else if (!SwiftTypes.isTypeNode(node)) {
                node.children().reversed().forEach(open::push);
            }
        }
        return found;
    }

    List<Step> block(SyntaxNode node) {
        if (node == null) {
            return List.of();
        }
        List<Step> all = new ArrayList<>();
        for (SyntaxNode child : node.tokens()) {
            if (child.is("statements") || child.is("function_body")) {
                all.addAll(block(child));
            } else if (child.is("nil") || child.named()) {
                all.addAll(one(child));
            }
        }
        return all;
    }

    void statement(SyntaxNode node, List<Step> into) {
        step(node, into);
    }

    @Override
    protected void step(SyntaxNode node, List<Step> into) {
        SourceSpan at = node.span();
        switch (node.kind()) {
            case "property_declaration" -> declared(node, into);
            case "control_transfer_statement" -> transfer(node, into);
            case "if_statement", "guard_statement" -> conditional(node, into);
            case "switch_statement" -> into.add(choice(node));
            case "for_statement" -> into.add(forEach(node));
            case "while_statement", "repeat_while_statement" -> into.add(repeated(node));
            case "do_statement" -> into.add(attempt(node));
            case "assignment" -> into.add(act(values.assignment(node)));
            case "function_declaration" -> {
                SyntaxNode name = node.child("name");
                into.add(new Step.Declare(name.text(), null, new Value.Function(SwiftMembers.parameters(node),
                        block(node.child("body")), at), name.span()));
            }
            case "class_declaration", "protocol_declaration" -> {
                TypeDeclared type = SwiftTypes.declared(node, new ArrayList<>());
                inner().add(type);
                into.add(new Step.Local(type, at));
            }
            case "statements", "ERROR", "function_body" -> into.addAll(block(node));
            case "call_expression" -> call(node, into);
            case "getter_specifier", "setter_specifier", "comment", "multiline_comment", "typealias_declaration",
                    "throw_keyword", "where_keyword", "where_clause", "pattern", "import_declaration",
                    "statement_label", "shebang_line" -> {
                // nothing is done
            }
            default -> into.add(act(value(node)));
        }
    }

    private void call(SyntaxNode node, List<Step> into) {
        String text = node.children().isEmpty() ? "" : node.children().getFirst().text();
        if (text.equals("fatalError") || text.equals("preconditionFailure")) {
            into.add(new Step.Throw(value(node), node.span()));
        } else if (text.equals("defer") && !node.children().isEmpty()) {
            Value value = value(node);
            if (value instanceof Value.Call call && !call.arguments().isEmpty()
                    && call.arguments().getLast() instanceof Value.Function function) {
                into.add(new Step.Block(null, List.of(), List.of(), plain(function.body()), node.span()));
            }
        } else {
            into.add(act(value(node)));
        }
    }

    /** What a body of one value would give back as a function is only done here. */
    private static List<Step> plain(List<Step> body) {
        return body.size() == 1 && body.getFirst() instanceof Step.Return(Value value, var _) && value != null
                ? List.of(act(value))
                : body;
    }

    private List<Step> inner(SyntaxNode node) {
        SyntaxNode statements = node.first("statements");
        return statements == null ? List.of() : block(statements);
    }

    private void transfer(SyntaxNode node, List<Step> into) {
        SyntaxNode result = node.child("result");
        String text = node.text();
        if (text.startsWith("throw")) {
            into.add(new Step.Throw(value(node.children().getLast()), node.span()));
        } else if (text.startsWith("return") || text.startsWith("yield")) {
            into.add(new Step.Return(result == null ? null : value(result), node.span()));
        } else {
            into.add(new Step.Leave(text.startsWith("break"), node.span()));
        }
    }

    private void declared(SyntaxNode node, List<Step> into) {
        List<SyntaxNode> parts = node.tokens();
        for (int i = 0; i < parts.size(); i++) {
            if (!parts.get(i).is("pattern")) {
                continue;
            }
            SyntaxNode type = null;
            SyntaxNode value = null;
            for (int j = i + 1; j < parts.size() && !parts.get(j).is("pattern"); j++) {
                type = parts.get(j).is("type_annotation") ? parts.get(j) : type;
                value = "value".equals(parts.get(j).field()) ? parts.get(j) : value;
            }
            List<String> names = boundNames(parts.get(i));
            Value given = value == null ? null : value(value);
            for (int place = 0; place < names.size(); place++) {
                Value own = names.size() == 1 || given == null ? given : Value.Element.part(given, place, node.span());
                into.add(new Step.Declare(names.get(place), SwiftTypes.type(type), own, node.span()));
            }
        }
    }

    /**
     * What a condition tests, and the variables that hold where it does.
     *
     * @param early true when it asks these variables something itself, so that they come first
     */
    private record Condition(Value on, List<Step> binds, boolean early) {}

    /** True when a condition speaks of a variable that it brings. */
    private static boolean asksItsOwn(List<SyntaxNode> parts) {
        for (int i = 0; i + 1 < parts.size(); i++) {
            if (parts.get(i).is("value_binding_pattern")) {
                String name = "(?s).*(?<![\\w.])" + Pattern.quote(parts.get(i + 1).text()) + "\\b.*";
                if (parts.stream().skip(i + 4L).anyMatch(part -> part.named() && part.text().matches(name))) {
                    return true;
                }
            }
        }
        return false;
    }

    private Condition condition(SyntaxNode node) {
        List<SyntaxNode> parts = node.tokens()
                .stream()
                .filter(token -> "condition".equals(token.field()) || "bound_identifier".equals(token.field()))
                .toList();
        List<Value> tests = new ArrayList<>();
        List<Step> binds = new ArrayList<>();
        boolean early = asksItsOwn(parts);
        for (int i = 0; i < parts.size(); i++) {
            SyntaxNode part = parts.get(i);
            if (part.is("value_binding_pattern")) {
                SyntaxNode name = i + 1 < parts.size() ? parts.get(i + 1) : part;
                boolean given = i + 3 < parts.size() && parts.get(i + 2).is("=");
                Value value = value(given ? parts.get(i + 3) : name);
                SourceSpan at = name.span();
                if (value instanceof Value.Cast(TypeText type, Value inner, SourceSpan own)) {
                    tests.add(new Value.KindTest(inner, type.present(), name.text(), own));
                } else {
                    tests.add(absent(early ? new Value.Name(name.text(), at) : value, true, at));
                    binds.add(new Step.Declare(name.text(), null, value, at));
                }
                i += given ? 3 : 1;
            } else if (part.is("case")) {
                while (i < parts.size() && !parts.get(i).is("=")) {
                    i++;
                }
            } else if (part.named() && !part.is("pattern")) {
                tests.add(value(part));
            }
        }
        Value on = tests.size() == 1 ? tests.getFirst() : new Value.Computed("&&", tests, node.span());
        return new Condition(on, binds, early);
    }

    /** What a condition binds is there in each round. */
    private Step repeated(SyntaxNode node) {
        if (node.child("condition") == null) {
            return new Step.Loop(null, null, null, inner(node), node.span());
        }
        Condition condition = condition(node);
        List<Step> round = new ArrayList<>(condition.binds);
        if (condition.early) {
            round.add(choice(condition.on, inner(node), null, node.span()));
            return new Step.Loop(null, null, null, round, node.span());
        }
        round.addAll(inner(node));
        return new Step.Loop(null, null, condition.on, round, node.span());
    }

    private void conditional(SyntaxNode node, List<Step> into) {
        Condition condition = condition(node);
        List<SyntaxNode> blocks = new ArrayList<>();
        boolean otherwise = false;
        List<Step> rest = null;
        SyntaxNode then = null;
        for (SyntaxNode token : node.tokens()) {
            if (token.is("else")) {
                otherwise = true;
                rest = List.of();
            } else if (token.is("statements")) {
                if (otherwise) {
                    rest = block(token);
                } else {
                    then = token;
                }
                blocks.add(token);
            } else if (otherwise && token.is("if_statement")) {
                rest = one(token);
            }
        }
        List<Step> first = condition.early ? condition.binds : List.of();
        List<Step> inside = condition.early ? List.of() : condition.binds;
        if (node.is("guard_statement")) {
            into.addAll(first);
            into.add(choice(negated(condition.on), rest == null ? List.of() : rest, null, node.span()));
            into.addAll(inside);
            return;
        }
        List<Step> steps = new ArrayList<>(inside);
        steps.addAll(then == null ? List.of() : block(then));
        Step choice = choice(condition.on, steps, rest, node.span());
        if (first.isEmpty()) {
            into.add(choice);
        } else {
            List<Step> whole = new ArrayList<>(first);
            whole.add(choice);
            into.add(new Step.Block(null, whole, List.of(), List.of(), node.span()));
        }
    }

    private static Value negated(Value value) {
        return value instanceof Value.Same same
                ? new Value.Same(same.left(), same.right(), !same.negated(), same.at())
                : new Value.Computed("!", List.of(value), value.at());
    }

    private Step choice(SyntaxNode node) {
        SyntaxNode tested = node.child("expr");
        Value on = tested == null ? new Literal(Literal.Kind.TRUTH, "true", node.span()) : value(tested);
        List<Branch> branches = new ArrayList<>();
        boolean complete = false;
        for (SyntaxNode entry : node.children()) {
            if (!entry.is("switch_entry")) {
                continue;
            }
            List<Value> labels = new ArrayList<>();
            List<Step> steps = new ArrayList<>();
            for (SyntaxNode part : entry.children()) {
                if (part.is("switch_pattern")) {
                    labels.add(label(part, on));
                    binds(part, steps);
                } else if (part.is("statements")) {
                    steps.addAll(block(part));
                }
            }
            complete |= labels.isEmpty();
            branches.add(new Branch(labels, steps));
        }
        return new Step.Choose(on, branches, complete, node.span());
    }

    private Value label(SyntaxNode pattern, Value on) {
        SyntaxNode inner = pattern.children().isEmpty() ? pattern : pattern.children().getFirst();
        boolean kind = inner.tokens().stream().anyMatch(token -> token.is("is") || token.is("as"));
        TypeText type = kind ? SwiftTypes.type(inner.children().getLast()) : null;
        return type == null
                ? literal(Literal.Kind.TEXT, pattern)
                : new Value.KindTest(on, type, kind && inner.tokens().stream().anyMatch(token -> token.is("as"))
                        ? boundName(inner)
                        : null, pattern.span());
    }

    private static void binds(SyntaxNode pattern, List<Step> into) {
        Deque<SyntaxNode> open = new ArrayDeque<>(List.of(pattern));
        while (!open.isEmpty()) {
            SyntaxNode node = open.pop();
            SyntaxNode bound = node.child("bound_identifier");
            if (bound != null && !pattern.text().contains(" as ")) {
                into.add(new Step.Declare(bound.text(), null, null, bound.span()));
            }
            node.children().forEach(open::push);
        }
    }

    private Step forEach(SyntaxNode node) {
        List<String> names = boundNames(node.child("item"));
        List<Step> steps = new ArrayList<>();
        for (String name : names.subList(0, Math.max(0, names.size() - 1))) {
            steps.add(new Step.Declare(name, null, null, node.span()));
        }
        SyntaxNode where = node.first("where_clause");
        if (where == null) {
            steps.addAll(inner(node));
        } else {
            steps.add(new Step.Choose(value(where.children().getLast()), List.of(
                    new Branch(List.of(new Literal(Literal.Kind.TRUTH, "true", where.span())), inner(node))), false,
                    where.span()));
        }
        SyntaxNode over = node.child("collection");
        return new Step.Loop(names.isEmpty() ? "_" : names.getLast(), null,
                over == null ? new Value.Computed("", List.of(), node.span()) : value(over), steps, node.span());
    }

    private Step attempt(SyntaxNode node) {
        List<Step> onError = new ArrayList<>();
        for (SyntaxNode child : node.children()) {
            if (child.is("catch_block")) {
                boundNames(child.child("error")).forEach(name -> onError.add(
                        new Step.Declare(name, null, null, child.span())));
                onError.addAll(inner(child));
            }
        }
        return new Step.Block(null, inner(node), onError, List.of(), node.span());
    }
}
