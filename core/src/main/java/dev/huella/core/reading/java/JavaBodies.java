package dev.huella.core.reading.java;

import dev.huella.core.facts.Step;
import dev.huella.core.facts.Step.Branch;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.reading.SyntaxNode;
import java.util.ArrayList;
import java.util.List;

/** Reads the steps of one body, and gathers the types declared inside it. */
final class JavaBodies {
    private final JavaTypes types;
    private final JavaValues values;
    private final List<TypeDeclared> inner = new ArrayList<>();

    JavaBodies(JavaTypes types) {
        this.types = types;
        this.values = new JavaValues(this);
    }

    JavaValues values() {
        return values;
    }

    List<TypeDeclared> inner() {
        return inner;
    }

    /** A type made in place; it belongs to this body. */
    TypeDeclared anonymous(SyntaxNode body, TypeText base, String holder) {
        TypeDeclared type = types.anonymous(body, base, holder);
        inner.add(type);
        return type;
    }

    /** The steps of a block, or the one step that stands for it. */
    List<Step> block(SyntaxNode node) {
        List<Step> steps = new ArrayList<>();
        if (node == null) {
            return steps;
        }
        if (node.is("block") || node.is("constructor_body") || node.is("ERROR")
                || node.is("switch_block_statement_group")) {
            node.children().forEach(child -> step(child, steps));
        } else {
            step(node, steps);
        }
        return steps;
    }

    private void step(SyntaxNode node, List<Step> into) {
        switch (node.kind()) {
            case "local_variable_declaration" -> locals(node, into);
            case "expression_statement" -> expression(node, into);
            case "return_statement" -> into.add(new Step.Return(only(node), node.span()));
            case "yield_statement" -> into.add(new Step.Yield(only(node), node.span()));
            case "throw_statement" -> into.add(new Step.Throw(only(node), node.span()));
            case "break_statement" -> into.add(new Step.Leave(true, node.span()));
            case "continue_statement" -> into.add(new Step.Leave(false, node.span()));
            case "if_statement" -> into.add(choice(node));
            case "switch_expression" -> into.add(JavaSwitches.step(node, this));
            case "enhanced_for_statement" -> into.add(forEach(node));
            case "for_statement" -> counting(node, into);
            case "while_statement", "do_statement" -> into.add(new Step.Loop(null, null,
                    values.value(node.child("condition")), block(node.child("body")), node.span()));
            case "try_statement", "try_with_resources_statement" -> into.add(attempt(node));
            case "synchronized_statement" -> into.add(new Step.Block(values.value(node.children().getFirst()),
                    block(node.child("body")), List.of(), List.of(), node.span()));
            case "block", "ERROR" ->
                into.add(new Step.Block(null, block(node), List.of(), List.of(), node.span()));
            case "labeled_statement" -> step(node.children().getLast(), into);
            case "assert_statement" ->
                node.children().forEach(part -> into.add(new Step.Do(values.value(part), part.span())));
            case "explicit_constructor_invocation" -> expression(node, into);
            case "switch_label", "catch_formal_parameter" -> {
                // read by whoever reads the switch or try around it
            }
            default -> other(node, into);
        }
    }

    private void other(SyntaxNode node, List<Step> into) {
        if (JavaTypes.isType(node)) {
            TypeDeclared type = types.declared(node, null);
            inner.add(type);
            into.add(new Step.Local(type, node.span()));
        } else {
            into.add(new Step.Do(values.value(node), node.span()));
        }
    }

    private Value only(SyntaxNode node) {
        List<SyntaxNode> children = node.children();
        return children.isEmpty() ? null : values.value(children.getFirst());
    }

    private void expression(SyntaxNode node, List<Step> into) {
        if (node.is("explicit_constructor_invocation")) {
            SyntaxNode which = node.child("constructor");
            into.add(new Step.Do(new Value.Construct(which != null && which.is("super"),
                    values.arguments(node.child("arguments")), node.span()), node.span()));
            return;
        }
        List<SyntaxNode> children = node.children();
        if (!children.isEmpty()) {
            SyntaxNode first = children.getFirst();
            into.add(first.is("switch_expression")
                    ? JavaSwitches.step(first, this)
                    : new Step.Do(values.value(first), node.span()));
        }
    }

    private void locals(SyntaxNode node, List<Step> into) {
        TypeText type = JavaTypeTexts.type(node.child("type"));
        for (SyntaxNode declarator : node.children("declarator")) {
            SyntaxNode name = declarator.child("name");
            SyntaxNode value = declarator.child("value");
            TypeText full = type == null
                    ? null
                    : type.array(JavaTypeTexts.dimensions(declarator.child("dimensions")));
            Value initial = value == null ? null : values.heldBy(name.text(), value, type);
            into.add(new Step.Declare(name.text(), full, initial, declarator.span()));
        }
    }

    private Step choice(SyntaxNode node) {
        Value on = values.value(node.child("condition"));
        List<Branch> branches = new ArrayList<>();
        branches.add(new Branch(List.of(new Value.Literal(Value.Literal.Kind.TRUTH, "true", on.at())),
                block(node.child("consequence"))));
        SyntaxNode rest = node.child("alternative");
        if (rest != null) {
            branches.add(new Branch(List.of(), block(rest)));
        }
        return new Step.Choose(on, branches, rest != null, node.span());
    }

    private Step forEach(SyntaxNode node) {
        SyntaxNode name = node.child("name");
        return new Step.Loop(name == null ? "" : name.text(), JavaTypeTexts.type(node.child("type")),
                values.value(node.child("value")), block(node.child("body")), node.span());
    }

    private void counting(SyntaxNode node, List<Step> into) {
        node.children("init").forEach(init -> step(init, into));
        SyntaxNode condition = node.child("condition");
        List<Step> body = block(node.child("body"));
        node.children("update").forEach(update -> step(update, body));
        into.add(new Step.Loop(null, null, condition == null ? null : values.value(condition), body, node.span()));
    }

    private Step attempt(SyntaxNode node) {
        List<Step> steps = new ArrayList<>();
        SyntaxNode resources = node.child("resources");
        if (resources != null) {
            for (SyntaxNode resource : resources.children()) {
                SyntaxNode name = resource.child("name");
                if (name != null) {
                    steps.add(new Step.Declare(name.text(), JavaTypeTexts.type(resource.child("type")),
                            values.value(resource.child("value")), resource.span()));
                }
            }
        }
        steps.addAll(block(node.child("body")));
        List<Step> onError = new ArrayList<>();
        List<Step> always = new ArrayList<>();
        for (SyntaxNode child : node.children()) {
            if (child.is("catch_clause")) {
                caught(child, onError);
            } else if (child.is("finally_clause")) {
                child.children().forEach(part -> always.addAll(block(part)));
            }
        }
        return new Step.Block(null, steps, onError, always, node.span());
    }

    private void caught(SyntaxNode clause, List<Step> into) {
        SyntaxNode parameter = clause.first("catch_formal_parameter");
        if (parameter != null && parameter.child("name") != null) {
            into.add(new Step.Declare(parameter.child("name").text(), JavaTypeTexts.type(parameter.first("catch_type")),
                    null, parameter.span()));
        }
        into.addAll(block(clause.child("body")));
    }
}
