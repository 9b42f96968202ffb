package dev.huella.core.reading.script;

import dev.huella.core.facts.TypeText;
import dev.huella.core.reading.WrittenType;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.Step.Branch;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.Value;
import dev.huella.core.reading.Bodies;
import dev.huella.core.reading.DocComment;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Reads statements; expressions are in {@link ScriptValues}. */
final class ScriptBodies extends Bodies {
    private final String className;
    private final ScriptValues values = new ScriptValues(this);
    private final List<Step> unplaced = new ArrayList<>();
    private boolean constructing;
    private boolean inPlace;
    private Set<String> state = Set.of();
    private Set<String> selves = Set.of();

    ScriptBodies(String className) {
        this.className = className;
    }

    ScriptBodies constructing(boolean inConstructor) {
        constructing = inConstructor;
        return this;
    }

    /** These are the functions of an object written in place. */
    ScriptBodies inPlace() {
        inPlace = true;
        return this;
    }

    /** Variables of the function around are state of the object, and some of them stand for the object itself. */
    ScriptBodies around(Set<String> variables, Set<String> itself) {
        state = variables;
        selves = itself;
        return this;
    }

    /** What a bare name stands for. */
    Value named(String name, SourceSpan at) {
        return selves.contains(name)
                ? new Value.Self(null, at)
                : state.contains(name)
                        ? new Value.Member(new Value.Self(null, at), name, at)
                        : new Value.Name(name, at);
    }

    boolean isInPlace() {
        return inPlace;
    }

    String className() {
        return className;
    }

    boolean constructing() {
        return constructing;
    }

    @Override
    public Value value(SyntaxNode node) {
        return values.value(node);
    }

    Value heldBy(String holder, SyntaxNode node) {
        return values.heldBy(holder, node);
    }

    Value heldBy(String holder, SyntaxNode node, TypeText type) {
        return values.heldBy(holder, node, type);
    }

    List<Step> block(SyntaxNode node) {
        if (node == null) {
            return List.of();
        }
        return node.is("statement_block") || node.is("ERROR") ? hoisted(node) : one(node);
    }

    /** Functions are known in their whole block, so they come first. */
    private List<Step> hoisted(SyntaxNode block) {
        List<Step> steps = new ArrayList<>();
        block.children().stream().filter(ScriptBodies::isFunction).forEach(child -> step(child, steps));
        block.children().stream().filter(child -> !isFunction(child)).forEach(child -> step(child, steps));
        return steps;
    }

    private static boolean isFunction(SyntaxNode node) {
        return node.is("function_declaration") || node.is("generator_function_declaration");
    }

    /** The steps of a function, whose body may be a single value. */
    List<Step> functionBody(SyntaxNode function) {
        SyntaxNode body = function.child("body");
        if (body == null) {
            return List.of();
        }
        List<Step> steps = takenApart(function.child("parameters"));
        steps.addAll(body.is("statement_block") ? block(body) : back(value(body)));
        steps.addAll(0, unplaced);
        unplaced.clear();
        return steps;
    }

    /** Parameters that are patterns take what they are given apart before anything else happens. */
    List<Step> takenApart(SyntaxNode parameters) {
        List<Step> steps = new ArrayList<>();
        for (SyntaxNode child : parameters == null ? List.<SyntaxNode>of() : parameters.children()) {
            SyntaxNode pattern = child.child("pattern") != null
                    ? child.child("pattern")
                    : child.is("assignment_pattern") ? child.child("left") : child;
            if (pattern.is("object_pattern") || pattern.is("array_pattern")) {
                var whole = new Value.Name(pattern.text(), pattern.span());
                pattern.children().forEach(part -> parted(part, pattern.is("object_pattern"), whole, steps));
            }
        }
        return steps;
    }

    void statement(SyntaxNode node, List<Step> into) {
        step(node, into);
    }

    @Override
    protected void step(SyntaxNode node, List<Step> into) {
        int before = into.size();
        read(node, into);
        into.addAll(before, unplaced);
        unplaced.clear();
    }

    /** A class written where a value is asked for is declared before the statement that it stands in. */
    TypeDeclared declares(TypeDeclared type, SourceSpan at) {
        inner().add(type);
        unplaced.add(new Step.Local(type, at));
        return type;
    }

    private void read(SyntaxNode node, List<Step> into) {
        SourceSpan at = node.span();
        switch (node.kind()) {
            case "expression_statement" -> node.children().forEach(child -> expression(child, into));
            case "lexical_declaration", "variable_declaration" ->
                node.children().forEach(child -> declared(child, into));
            case "return_statement" -> into.add(new Step.Return(firstOrNull(node), at));
            case "throw_statement" -> into.add(new Step.Throw(inside(node), at));
            case "break_statement" -> into.add(new Step.Leave(true, at));
            case "continue_statement" -> into.add(new Step.Leave(false, at));
            case "if_statement" -> into.add(conditional(node));
            case "switch_statement" -> into.add(choice(node));
            case "for_in_statement" -> into.add(forEach(node));
            case "for_statement" -> counting(node, into);
            case "while_statement", "do_statement" -> into.add(new Step.Loop(null, null,
                    values.condition(node.child("condition")), block(node.child("body")), at));
            case "try_statement" -> into.add(attempt(node));
            case "statement_block", "ERROR" -> into.add(block(block(node), at));
            case "labeled_statement" -> step(node.child("body"), into);
            case "function_declaration", "generator_function_declaration" -> into.add(new Step.Declare(
                    node.child("name").text(), null, values.function(node), node.child("name").span()));
            case "class_declaration", "abstract_class_declaration" -> {
                declares(ScriptTypes.type(node, "", DocComment.NONE), at);
            }
            case "empty_statement", "comment", "import_statement", "debugger_statement", "interface_declaration",
                    "type_alias_declaration", "enum_declaration" -> {
                // nothing is done
            }
            default -> into.add(act(value(node)));
        }
    }

    private void expression(SyntaxNode node, List<Step> into) {
        if (node.is("yield_expression")) {
            into.add(yielded(node));
        } else if (node.is("sequence_expression")) {
            node.children().forEach(child -> expression(child, into));
        } else if (ScriptMembers.assignedAtOnce(node) != null) {
            ScriptMembers.assignedAtOnce(node)
                    .forEach((name, given) -> into.add(act(new Value.Assign(
                            new Value.Member(new Value.Self(null, given.span()), name, given.span()), value(given),
                            true,
                            given.span()))));
        } else {
            into.add(act(value(node)));
        }
    }

    private Step yielded(SyntaxNode node) {
        boolean all = node.tokens().stream().anyMatch(token -> token.is("*"));
        return handsOut(firstOrNull(node), all, node.span());
    }

    private void declared(SyntaxNode declarator, List<Step> into) {
        SyntaxNode name = declarator.child("name");
        SyntaxNode value = declarator.child("value");
        if (name == null) {
            return;
        }
        TypeDeclared type = !name.is("identifier") || value == null
                ? null
                : value.is("class")
                        ? ScriptTypes.type(value, name.text(), DocComment.NONE)
                        : ScriptFactories.made(value, name.text());
        if (type != null) {
            declares(type, declarator.span());
            return;
        }
        if (name.is("identifier")) {
            if (value != null && value.is("yield_expression")) {
                into.add(yielded(value));
            }
            TypeText written = ScriptTypeTexts.type(declarator.child("type"));
            into.add(new Step.Declare(name.text(), written, value == null ? null : heldBy(name.text(), value, written),
                    declarator.span()));
            return;
        }
        Value whole = value == null ? null : value(value);
        for (SyntaxNode part : name.children()) {
            parted(part, name.is("object_pattern"), whole, into);
        }
    }

    /** One name of a pattern that takes a value apart. */
    private void parted(SyntaxNode part, boolean byName, Value whole, List<Step> into) {
        SourceSpan at = part.span();
        switch (part.kind()) {
            case "identifier", "shorthand_property_identifier_pattern" -> into.add(new Step.Declare(part.text(), null,
                    whole == null
                            ? null
                            : byName
                                    ? new Value.Member(whole, part.text(), at)
                                    : new Value.Element(whole, literal(Value.Literal.Kind.NUMBER, part), at),
                    at));
            case "pair_pattern" -> {
                SyntaxNode target = part.child("value");
                SyntaxNode own = target.is("assignment_pattern") ? target.child("left") : target;
                Value member = whole == null
                        ? null
                        : new Value.Member(whole, ScriptMembers.name(part.child("key")), at);
                if (own.is("identifier")) {
                    into.add(new Step.Declare(own.text(), null, member, at));
                } else {
                    own.children().forEach(child -> parted(child, own.is("object_pattern"), member, into));
                }
            }
            case "assignment_pattern", "object_assignment_pattern" -> {
                SyntaxNode name = part.children().getFirst();
                TypeText truth = WrittenType.orOfDefault(null, part.child("right"), WrittenType.Plain.SCRIPT);
                if (whole == null || !byName || name.is("object_pattern") || name.is("array_pattern")) {
                    parted(name, byName, whole, into);
                } else {
                    Value given = new Value.Member(whole, name.text(), at);
                    into.add(new Step.Declare(name.text(), truth, truth != null
                            ? given
                            : new Value.Fallback(given, heldBy(name.text(), part.child("right")), at), at));
                }
            }
            case "rest_pattern" -> into.add(new Step.Declare(part.children().isEmpty()
                    ? ""
                    : part.children()
                            .getFirst()
                            .text(),
                    null, whole, at));
            case "object_pattern", "array_pattern" ->
                part.children().forEach(child -> parted(child, part.is("object_pattern"), null, into));
            default -> {
                // holes bind nothing
            }
        }
    }

    private Step conditional(SyntaxNode node) {
        SyntaxNode otherwise = node.child("alternative");
        List<Step> rest = otherwise == null
                ? null
                : block(otherwise.is("else_clause") ? otherwise.children().getFirst() : otherwise);
        return choice(values.condition(node.child("condition")), block(node.child("consequence")), rest, node.span());
    }

    private Step choice(SyntaxNode node) {
        Value on = value(node.child("value"));
        List<Branch> branches = new ArrayList<>();
        List<Value> labels = new ArrayList<>();
        boolean complete = false;
        for (SyntaxNode branch : node.child("body").children()) {
            boolean last = branch.is("switch_default");
            complete |= last;
            if (branch.child("value") != null) {
                labels.add(value(branch.child("value")));
            }
            List<SyntaxNode> statements = branch.children("body");
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
        SyntaxNode left = node.child("left");
        List<Step> steps = new ArrayList<>();
        String name = left.text();
        if (!left.is("identifier")) {
            name = lastName(left);
            for (SyntaxNode part : left.children()) {
                if (part.is("identifier") && !part.text().equals(name)) {
                    steps.add(new Step.Declare(part.text(), null, null, part.span()));
                }
            }
        }
        steps.addAll(block(node.child("body")));
        SyntaxNode sign = node.child("operator");
        boolean keys = sign != null && sign.is("in");
        return keys
                ? new Step.Loop(null, null, value(node.child("right")), withKey(name, left, steps), node.span())
                : new Step.Loop(name, null, value(node.child("right")), steps, node.span());
    }

    private static List<Step> withKey(String name, SyntaxNode left, List<Step> steps) {
        List<Step> all = new ArrayList<>(steps);
        all.addFirst(new Step.Declare(name, null, null, left.span()));
        return all;
    }

    /** Of several names for parts of an element, the last is the one that patterns speak of. */
    private static String lastName(SyntaxNode pattern) {
        List<SyntaxNode> parts = pattern.children();
        return parts.isEmpty() ? pattern.text() : lastName(parts.getLast());
    }

    private void counting(SyntaxNode node, List<Step> into) {
        SyntaxNode first = node.child("initializer");
        if (first != null) {
            step(first, into);
        }
        SyntaxNode condition = node.child("condition");
        List<Step> steps = new ArrayList<>(block(node.child("body")));
        if (node.child("increment") != null) {
            steps.add(act(value(node.child("increment"))));
        }
        into.add(new Step.Loop(null, null, condition == null || condition.is("empty_statement")
                ? null
                : values.condition(condition), steps, node.span()));
    }

    private Step attempt(SyntaxNode node) {
        List<Step> onError = new ArrayList<>();
        SyntaxNode handler = node.child("handler");
        if (handler != null) {
            SyntaxNode parameter = handler.child("parameter");
            if (parameter != null && parameter.is("identifier")) {
                onError.add(new Step.Declare(parameter.text(), null, null, parameter.span()));
            }
            onError.addAll(block(handler.child("body")));
        }
        SyntaxNode last = node.child("finalizer");
        return new Step.Block(null, block(node.child("body")), onError,
                last == null ? List.of() : block(last.child("body")), node.span());
    }
}
