package dev.huella.core.reading.csharp;

import dev.huella.core.facts.Step;
import dev.huella.core.facts.Step.Branch;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.reading.Bodies;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Reads statements; expressions are in {@link CSharpValues}. */
final class CSharpBodies extends Bodies {
    private static final Set<String> HANDED_OUT = Set.of("expression_statement", "if_statement", "while_statement",
            "local_declaration_statement", "return_statement");
    private final String className;
    private final CSharpValues values = new CSharpValues(this);

    CSharpBodies(String className) {
        this.className = className;
    }

    String className() {
        return className;
    }

    @Override
    public Value value(SyntaxNode node) {
        return values.value(node);
    }

    List<Value> arguments(SyntaxNode list) {
        return list == null ? List.of() : values(list);
    }

    void statement(SyntaxNode node, List<Step> into) {
        step(node, into);
    }

    /** What a declarator starts its variable with; null for nothing. */
    static SyntaxNode initial(SyntaxNode declarator) {
        List<SyntaxNode> parts = declarator.children();
        boolean given = declarator.tokens().stream().anyMatch(token -> token.is("="));
        return given && parts.size() > 1 ? parts.getLast() : null;
    }

    /** A block or the one value behind an arrow, which is given back unless {@code plain}. */
    List<Step> body(SyntaxNode node, boolean plain) {
        if (node == null) {
            return List.of();
        }
        if (!node.is("arrow_expression_clause")) {
            return node.is("block") ? steps(node) : back(value(node));
        }
        SyntaxNode only = valueOf(node);
        if (only == null) {
            return List.of();
        }
        if (only.is("throw_expression")) {
            return List.of(new Step.Throw(inside(only), only.span()));
        }
        List<Step> steps = new ArrayList<>();
        handedOut(only, null, steps);
        steps.addAll(plain ? List.of(act(value(only))) : back(value(only)));
        return steps;
    }

    private List<Step> block(SyntaxNode node) {
        return node == null ? List.of() : node.is("block") ? steps(node) : one(node);
    }

    @Override
    protected void step(SyntaxNode node, List<Step> into) {
        SourceSpan at = node.span();
        handedOut(node, into);
        switch (node.kind()) {
            case "expression_statement" -> node.children().forEach(child -> expression(child, into));
            case "local_declaration_statement" -> node.children().forEach(child -> declared(child, into));
            case "variable_declaration" -> declared(node, into);
            case "return_statement" -> into.add(new Step.Return(firstOrToken(node), at));
            case "yield_statement" -> into.add(node.tokens().stream().anyMatch(token -> token.is("break"))
                    ? new Step.Return(null, at)
                    : new Step.Yield(firstOrToken(node), at));
            case "throw_statement" -> into.add(new Step.Throw(node.children().isEmpty()
                    ? new Value.Computed("throw", List.of(), at)
                    : inside(node), at));
            case "break_statement" -> into.add(new Step.Leave(true, at));
            case "continue_statement" -> into.add(new Step.Leave(false, at));
            case "if_statement" -> into.add(choice(values.condition(node.child("condition")),
                    block(node.child("consequence")), node.child("alternative") == null
                            ? null
                            : block(node.child("alternative")),
                    at));
            case "switch_statement" -> into.add(choice(node));
            case "foreach_statement" -> into.add(forEach(node));
            case "for_statement" -> counting(node, into);
            case "while_statement", "do_statement" -> into.add(new Step.Loop(null, null,
                    values.condition(node.child("condition")), block(node.child("body")), at));
            case "try_statement" -> into.add(attempt(node));
            case "using_statement" -> {
                node.children()
                        .stream()
                        .filter(child -> !"body".equals(child.field()))
                        .forEach(child -> step(child, into));
                into.addAll(block(node.child("body")));
            }
            case "lock_statement" -> into.add(new Step.Block(values.token(node, 1), block(node.children().getLast()),
                    List.of(), List.of(), at));
            case "block", "ERROR", "checked_statement", "unsafe_statement", "fixed_statement", "labeled_statement",
                    "preproc_if", "preproc_else" ->
                into.addAll(steps(node));
            case "local_function_statement" -> into.add(new Step.Declare(node.child("name").text(), null,
                    new Value.Function(CSharpMembers.parameters(node.child("parameters")),
                            body(node.child("body"), false), at),
                    node.child("name").span()));
            case "empty_statement", "comment", "goto_statement", "preproc_region", "preproc_endregion" -> {
                // nothing is done
            }
            default -> into.add(act(value(node)));
        }
    }

    private void handedOut(SyntaxNode node, List<Step> into) {
        SyntaxNode head = node.is("if_statement") || node.is("while_statement") ? node.child("condition") : node;
        if (HANDED_OUT.contains(node.kind()) && head != null) {
            handedOut(head, null, into);
        }
    }

    /** Variables that a call in the statement fills for its caller. {@code function}: what is called around. */
    private void handedOut(SyntaxNode node, SyntaxNode function, List<Step> into) {
        if (node.is("declaration_expression") && node.child("name") != null) {
            SyntaxNode type = node.child("type");
            boolean written = type != null && !type.is("implicit_type");
            into.add(new Step.Declare(node.child("name").text(), written ? CSharpTypes.held(type) : null,
                    taken(function, node), node.span()));
        } else if (node.is("argument") && node.tokens().getFirst().is("out") && node.first("identifier") != null) {
            Value taken = taken(function, node);
            if (taken != null) {
                into.add(act(new Value.Assign(value(node.first("identifier")), taken, true, node.span())));
            }
        } else if (!node.is("lambda_expression")) {
            SyntaxNode pattern = node.is("is_pattern_expression") ? node.child("pattern") : null;
            if (pattern != null && pattern.child("type") == null && pattern.child("name") != null) {
                into.add(new Step.Declare(pattern.child("name").text(), null, value(node.child("expression")),
                        pattern.span())); // the value itself, if there is one
            }
            SyntaxNode called = node.is("invocation_expression") ? node.child("function") : function;
            node.children().forEach(child -> handedOut(child, called, into));
        }
    }

    /** The element that a library's attempt to find one hands out; null for other calls. */
    private Value taken(SyntaxNode function, SyntaxNode variable) {
        return function != null && function.is("member_access_expression")
                && function.child("name").text().startsWith("Try")
                        ? new Value.Element(value(function.child("expression")),
                                new Value.Literal(Value.Literal.Kind.NULL, "null", variable.span()), variable.span())
                        : null;
    }

    private Value firstOrToken(SyntaxNode node) {
        SyntaxNode value = valueOf(node);
        return value == null ? null : value(value);
    }

    /** The last value in it, {@code this} among them; null when there is none. */
    private static SyntaxNode valueOf(SyntaxNode node) {
        return node.tokens()
                .stream()
                .filter(token -> token.named() || token.is("this"))
                .reduce((first, second) -> second)
                .orElse(null);
    }

    private void expression(SyntaxNode node, List<Step> into) {
        if (node.is("assignment_expression") && sign(node).equals("??=")) {
            into.add(fill(value(node.child("left")), value(node.child("right")), node.span()));
        } else {
            into.add(act(value(node)));
        }
    }

    private void declared(SyntaxNode declaration, List<Step> into) {
        TypeText type = CSharpTypes.held(declaration.child("type"));
        for (SyntaxNode declarator : declaration.children()) {
            SyntaxNode name = declarator.child("name");
            if (declarator.is("variable_declarator") && name != null) {
                SyntaxNode value = initial(declarator);
                into.add(new Step.Declare(name.text(), type, value == null ? null : value(value), declarator.span()));
            } else if (declarator.first("tuple_pattern") != null) {
                takenApart(declarator.first("tuple_pattern").children(), value(declarator.children().getLast()), into);
            }
        }
    }

    private Step choice(SyntaxNode node) {
        Value on = values.token(node, 1);
        List<Branch> branches = new ArrayList<>();
        List<Value> labels = new ArrayList<>();
        boolean complete = false;
        for (SyntaxNode section : node.child("body").children()) {
            boolean last = section.tokens().stream().anyMatch(token -> token.is("default"));
            complete |= last;
            List<Step> steps = new ArrayList<>();
            for (SyntaxNode part : section.children()) {
                if (part.kind().endsWith("pattern") || part.is("discard")) {
                    labels.add(values.pattern(part, on));
                } else if (part.kind().endsWith("statement") || part.is("block")) {
                    step(part, steps);
                }
            }
            if (steps.isEmpty() && !last) {
                continue; // falls through to the next label
            }
            branches.add(new Branch(last ? List.of() : labels, steps));
            labels = new ArrayList<>();
        }
        return new Step.Choose(on, branches, complete, node.span());
    }

    private Step forEach(SyntaxNode node) {
        SyntaxNode left = node.child("left");
        List<Step> steps = new ArrayList<>();
        String name = left == null ? "_" : left.text();
        if (left != null && !left.is("identifier")) {
            List<SyntaxNode> parts = left.children();
            for (SyntaxNode part : parts) {
                steps.add(new Step.Declare(part.text(), null, null, part.span()));
            }
            name = parts.isEmpty() ? "_" : parts.getLast().text();
            if (!steps.isEmpty()) {
                steps.removeLast();
            }
        }
        steps.addAll(block(node.child("body")));
        return new Step.Loop(name, CSharpTypes.type(node.child("type")), value(node.child("right")), steps,
                node.span());
    }

    private void counting(SyntaxNode node, List<Step> into) {
        node.children("initializer").forEach(part -> step(part, into));
        SyntaxNode condition = node.child("condition");
        List<Step> steps = new ArrayList<>(block(node.child("body")));
        node.children("update").forEach(part -> steps.add(act(value(part))));
        into.add(new Step.Loop(null, null, condition == null ? null : values.condition(condition), steps, node.span()));
    }

    private Step attempt(SyntaxNode node) {
        List<Step> onError = new ArrayList<>();
        List<Step> always = new ArrayList<>();
        for (SyntaxNode child : node.children()) {
            if (child.is("catch_clause")) {
                SyntaxNode caught = child.first("catch_declaration");
                if (caught != null && caught.child("name") != null) {
                    onError.add(
                            new Step.Declare(caught.child("name").text(), CSharpTypes.type(caught.child("type")), null,
                                    caught.span()));
                }
                SyntaxNode filter = child.first("catch_filter_clause");
                if (filter != null) {
                    onError.add(act(values.condition(filter.children().getFirst())));
                }
                onError.addAll(block(child.child("body")));
            } else if (child.is("finally_clause")) {
                always.addAll(block(child.first("block")));
            }
        }
        return new Step.Block(null, block(node.child("body")), onError, always, node.span());
    }

    /** What {@code with { … }} gives the copy in place of what the object has. */
    List<Value> changed(SyntaxNode with) {
        List<Value> found = new ArrayList<>();
        for (SyntaxNode child : with.children()) {
            if (child.is("with_initializer")) {
                found.add(new Value.Labelled(child.children().getFirst().text(), value(child.children().getLast()),
                        child.span()));
            }
        }
        return found;
    }
}
