package dev.huella.core.reading.php;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.Step.Branch;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.Bodies;
import dev.huella.core.reading.BuiltNames;
import dev.huella.core.reading.LocalNames;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;

/** Reads statements; expressions are in {@link PhpValues}. */
final class PhpBodies extends Bodies {
    private final String className;
    private final String namespace;
    private final boolean isStatic;
    private final boolean constructing;
    private final LocalNames names = new LocalNames();
    private final List<FieldDeclared> kept = new ArrayList<>();
    private final BuiltNames builtNames = new BuiltNames();
    private final PhpValues values = new PhpValues(this);
    private String function;

    PhpBodies(String className, String namespace, boolean isStatic, boolean constructing) {
        this.className = className;
        this.namespace = namespace;
        this.isStatic = isStatic;
        this.constructing = constructing;
    }

    /** What is read is the body of a function outside types. */
    PhpBodies of(String function) {
        this.function = function;
        return this;
    }

    /** Null outside types. */
    String className() {
        return className;
    }

    String namespace() {
        return namespace;
    }

    boolean isStatic() {
        return isStatic;
    }

    boolean constructing() {
        return constructing;
    }

    BuiltNames builtNames() {
        return builtNames;
    }

    LocalNames names() {
        return names;
    }

    List<Step> function(SyntaxNode body, List<ParameterDeclared> parameters) {
        names.enter(parameters.stream().map(ParameterDeclared::name).toList());
        return names.leave(steps(body));
    }

    void statement(SyntaxNode node, List<Step> into) {
        step(node, into);
    }

    @Override
    public Value value(SyntaxNode node) {
        return values.value(node);
    }

    private List<Step> body(SyntaxNode node) {
        return node == null
                ? List.of()
                : node.is("compound_statement") || node.is("colon_block")
                        ? steps(node)
                        : one(node);
    }

    @Override
    protected void step(SyntaxNode node, List<Step> into) {
        SourceSpan at = node.span();
        switch (node.kind()) {
            case "expression_statement" -> node.children().forEach(child -> expression(child, into));
            case "return_statement" -> into.add(new Step.Return(firstOrNull(node), at));
            case "throw_expression" -> into.add(new Step.Throw(inside(node), at));
            case "break_statement" -> into.add(new Step.Leave(true, at));
            case "continue_statement" -> into.add(new Step.Leave(false, at));
            case "if_statement" -> into.add(conditional(node, 0));
            case "switch_statement" -> into.add(choice(node));
            case "foreach_statement" -> into.add(forEach(node));
            case "for_statement" -> counting(node, into);
            case "while_statement", "do_statement" -> into.add(new Step.Loop(null, null,
                    values.condition(node.child("condition")), body(node.child("body")), at));
            case "try_statement" -> into.add(attempt(node));
            case "compound_statement", "ERROR", "colon_block" -> into.addAll(steps(node));
            case "echo_statement" -> into.add(act(
                    new Value.Call(null, "echo", node.children().stream().map(this::value).toList(), at)));
            case "unset_statement" -> node.children().forEach(child -> unset(node, child, into));
            case "function_static_declaration" -> node.children().forEach(child -> held(child, into));
            case "global_declaration" -> node.children().forEach(child -> names.elsewhere(child.text().substring(1)));
            case "comment", "text_interpolation", "text", "php_tag", "namespace_use_declaration",
                    "const_declaration", "function_definition", "class_declaration", "interface_declaration",
                    "trait_declaration", "enum_declaration", "empty_statement" -> {
                // declared elsewhere, or nothing is done
            }
            default -> into.add(act(value(node)));
        }
    }

    private void unset(SyntaxNode statement, SyntaxNode child, List<Step> into) {
        if (child.is("subscript_expression") && child.children().size() > 1) {
            into.add(act(new Value.Call(value(child.children().getFirst()), "unset",
                    List.of(value(child.children().get(1))), statement.span())));
        } else {
            into.add(act(value(child)));
        }
    }

    /** A static variable is kept from one call to the next, as the fields of its type or of its file are. */
    private void held(SyntaxNode declaration, List<Step> into) {
        String name = declaration.child("name").text().substring(1);
        SyntaxNode value = declaration.child("value");
        Value initial = value == null ? null : value(value);
        if (className == null && function == null) {
            into.add(new Step.Declare(name, null, initial, declaration.span()));
        } else if (!keeps(name)) {
            names.elsewhere(keptAs(name));
            kept.add(new FieldDeclared(keptAs(name), null, Modifiers.of(Visibility.PRIVATE, Mark.STATIC),
                    FieldDeclared.Kind.FIELD, initial, List.of(), declaration.span()));
        }
    }

    boolean keeps(String variable) {
        return kept.stream().anyMatch(one -> one.name().equals(keptAs(variable)));
    }

    /** The name of the field for a static variable: the functions of a file may use the same one. */
    String keptAs(String variable) {
        return className == null ? variable + " of " + function : variable;
    }

    /** Static variables of what was read. */
    List<FieldDeclared> kept() {
        return List.copyOf(kept);
    }

    private void expression(SyntaxNode node, List<Step> into) {
        switch (node.kind()) {
            case "yield_expression" -> into.add(yielded(node));
            case "throw_expression" -> into.add(new Step.Throw(inside(node), node.span()));
            case "augmented_assignment_expression" -> {
                if (sign(node).equals("??=")) {
                    Value target = value(node.child("left"));
                    names.assigned(target);
                    into.add(fill(target, value(node.child("right")), node.span()));
                } else {
                    into.add(act(value(node)));
                }
            }
            default -> into.add(act(value(node)));
        }
    }

    private Step yielded(SyntaxNode node) {
        SyntaxNode element = node.children().isEmpty() ? null : node.children().getFirst();
        Value value = element == null
                ? null
                : element.is("array_element_initializer") ? value(element.children().getLast()) : value(element);
        return handsOut(value, node.text().matches("(?is)yield\\s+from\\b.*"), node.span());
    }

    private Step conditional(SyntaxNode node, int from) {
        return choice(values.condition(node.child("condition")), body(node.child("body")),
                otherwise(node.children("alternative"), from), node.span());
    }

    private List<Step> otherwise(List<SyntaxNode> rest, int from) {
        if (from >= rest.size()) {
            return null;
        }
        SyntaxNode next = rest.get(from);
        if (next.is("else_clause")) {
            return body(next.child("body"));
        }
        return List.of(choice(values.condition(next.child("condition")), body(next.child("body")),
                otherwise(rest, from + 1), next.span()));
    }

    private Step choice(SyntaxNode node) {
        Value on = value(node.child("condition"));
        List<Branch> branches = new ArrayList<>();
        List<Value> labels = new ArrayList<>();
        boolean complete = false;
        for (SyntaxNode branch : node.child("body").children()) {
            boolean last = branch.is("default_statement");
            complete |= last;
            List<SyntaxNode> statements = new ArrayList<>(branch.children());
            if (branch.child("value") != null) {
                labels.add(value(branch.child("value")));
                statements.removeFirst();
            }
            if (statements.isEmpty() && !last) {
                continue; // falls through to the next label
            }
            List<Step> steps = new ArrayList<>();
            statements.forEach(statement -> step(statement, steps));
            branches.add(new Branch(last ? List.of() : labels, steps));
            labels = new ArrayList<>();
        }
        return new Step.Choose(on, branches, complete, node.span());
    }

    private Step forEach(SyntaxNode node) {
        List<SyntaxNode> parts = node.children();
        SyntaxNode over = parts.getFirst();
        SyntaxNode bound = parts.size() > 1 ? parts.get(1) : over;
        List<Step> steps = new ArrayList<>();
        if (bound.is("pair")) {
            SyntaxNode key = bound.children().getFirst();
            steps.add(new Step.Declare(key.text().replace("$", ""), null, null, key.span()));
            bound = bound.children().getLast();
        }
        List<String> all = variables(bound);
        all.forEach(names::parameter);
        String name = all.isEmpty() ? bound.text() : all.getLast(); // of several, the one that patterns speak of
        for (String part : all) {
            if (!part.equals(name)) {
                steps.add(new Step.Declare(part, null, null, bound.span()));
            }
        }
        steps.addAll(body(node.child("body")));
        return new Step.Loop(name, null, value(over), steps, node.span());
    }

    private static List<String> variables(SyntaxNode bound) {
        List<String> parts = bound.is("list_literal") || bound.is("array_creation_expression")
                || bound.is("array_element_initializer") || bound.is("pair")
                        ? bound.children().stream().flatMap(part -> variables(part).stream()).toList()
                        : List.of();
        return !parts.isEmpty()
                ? parts
                : bound.text().matches("&?\\s*\\$\\w+") ? List.of(bound.text().replaceAll("[&$\\s]", "")) : List.of();
    }

    private void counting(SyntaxNode node, List<Step> into) {
        if (node.child("initialize") != null) {
            into.add(act(value(node.child("initialize"))));
        }
        SyntaxNode condition = node.child("condition");
        List<Step> steps = new ArrayList<>();
        node.children("body").forEach(part -> steps.addAll(body(part)));
        if (node.child("update") != null) {
            steps.add(act(value(node.child("update"))));
        }
        into.add(new Step.Loop(null, null, condition == null ? null : values.condition(condition), steps, node.span()));
    }

    private Step attempt(SyntaxNode node) {
        List<Step> onError = new ArrayList<>();
        List<Step> always = new ArrayList<>();
        for (SyntaxNode child : node.children()) {
            if (child.is("catch_clause")) {
                SyntaxNode name = child.child("name");
                if (name != null) {
                    onError.add(new Step.Declare(name.text().substring(1), null, null, name.span()));
                }
                onError.addAll(body(child.child("body")));
            } else if (child.is("finally_clause")) {
                always.addAll(body(child.child("body")));
            }
        }
        return new Step.Block(null, body(node.child("body")), onError, always, node.span());
    }
}
