package dev.huella.core.reading.python;

import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.Step.Branch;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Value.Literal;
import dev.huella.core.reading.Bodies;
import dev.huella.core.reading.LocalNames;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;

/** Reads statements; expressions are in {@link PythonValues}. */
final class PythonBodies extends Bodies {
    private final PythonTypes types;
    private final String className;
    private final boolean isStatic;
    private final LocalNames names = new LocalNames();
    private final PythonValues values = new PythonValues(this);
    private String self;
    private boolean constructing;

    PythonBodies(PythonTypes types, String className, boolean isStatic) {
        this.types = types;
        this.className = className;
        this.isStatic = isStatic;
    }

    PythonBodies self(String name) {
        self = name;
        return this;
    }

    PythonBodies constructing(boolean inConstructor) {
        constructing = inConstructor;
        return this;
    }

    LocalNames names() {
        return names;
    }

    PythonTypes types() {
        return types;
    }

    String className() {
        return className;
    }

    boolean constructing() {
        return constructing;
    }

    boolean isSelf(String name) {
        return name.equals(self) && !isStatic;
    }

    boolean isOwnClass(String name) {
        return name.equals(self) && isStatic;
    }

    /** The body of a function, its variables declared first. */
    List<Step> function(SyntaxNode body, List<ParameterDeclared> parameters) {
        names.enter(PythonTypes.names(parameters));
        return names.leave(steps(body));
    }

    List<Step> stepsOf(SyntaxNode statement) {
        return one(statement);
    }

    /** A value that a variable starts with. */
    Value heldBy(String holder, SyntaxNode node) {
        return value(node);
    }

    /** Fills a variable at the first time only. */
    static Step keep(Value variable, Value value, SourceSpan at) {
        return fill(variable, value, at);
    }

    @Override
    public Value value(SyntaxNode node) {
        return values.value(node);
    }

    @Override
    protected void step(SyntaxNode node, List<Step> into) {
        SourceSpan at = node.span();
        switch (node.kind()) {
            case "expression_statement" -> node.children().forEach(child -> expression(child, into));
            case "return_statement" -> into.add(new Step.Return(firstOrNull(node), at));
            case "raise_statement" -> into.add(new Step.Throw(firstOrNull(node) == null
                    ? new Value.Computed("raise", List.of(), at)
                    : firstOrNull(node), at));
            case "break_statement" -> into.add(new Step.Leave(true, at));
            case "continue_statement" -> into.add(new Step.Leave(false, at));
            case "if_statement" -> into.add(conditional(node, 0));
            case "while_statement" -> into.add(new Step.Loop(null, null, values.condition(node.child("condition")),
                    steps(node.child("body")), at));
            case "for_statement" -> into.add(forEach(node));
            case "try_statement" -> into.add(attempt(node));
            case "with_statement" -> with(node, into);
            case "match_statement" -> into.add(match(node));
            case "function_definition", "class_definition", "decorated_definition" -> nested(node, into);
            case "global_statement", "nonlocal_statement" ->
                node.children().forEach(child -> names.elsewhere(child.text()));
            case "delete_statement" -> node.children().forEach(child -> deleted(child, into));
            case "assert_statement" -> node.children().forEach(child -> into.add(act(value(child))));
            case "block", "ERROR" -> into.addAll(steps(node));
            case "pass_statement", "import_statement", "import_from_statement", "future_import_statement",
                    "comment" -> {
                // nothing is done
            }
            default -> into.add(act(value(node)));
        }
    }

    private void expression(SyntaxNode node, List<Step> into) {
        switch (node.kind()) {
            case "yield" -> into.add(yielded(node));
            case "assignment" -> assignment(node, into);
            case "ellipsis" -> into.add(new Step.Do(new Literal(Literal.Kind.TEXT, "...", node.span()), node.span()));
            case "string" -> into.add(new Step.Do(literal(Literal.Kind.TEXT, node), node.span()));
            default -> into.add(act(value(node)));
        }
    }

    private Step yielded(SyntaxNode node) {
        boolean all = node.tokens().stream().anyMatch(token -> token.is("from"));
        return handsOut(firstOrNull(node), all, node.span());
    }

    private void assignment(SyntaxNode node, List<Step> into) {
        SyntaxNode left = node.child("left");
        SyntaxNode right = node.child("right");
        if (right == null) {
            return; // a bare annotation
        }
        if (right.is("assignment")) {
            assignment(right, into);
            into.add(act(set(left, value(right.child("left")), node)));
            return;
        }
        if (right.is("yield")) {
            into.add(yielded(right));
        }
        boolean several = left.is("pattern_list") || left.is("tuple_pattern");
        if (several && (right.is("expression_list") || right.is("tuple"))
                && right.children().size() == left.children().size()) {
            for (int i = 0; i < left.children().size(); i++) {
                into.add(act(set(left.children().get(i), value(right.children().get(i)), node)));
            }
        } else if (several) {
            Value whole = value(right);
            for (int i = 0; i < left.children().size(); i++) {
                into.add(act(set(left.children().get(i), Value.Element.part(whole, i, node.span()), node)));
            }
        } else if (PythonValues.ownerOfAll(left) != null) {
            into.add(act(values.allInto(PythonValues.ownerOfAll(left), right, node.span())));
        } else {
            into.add(act(set(left, heldBy(left.text(), right), node)));
            values.given(left, right);
        }
    }

    private Value set(SyntaxNode left, Value given, SyntaxNode whole) {
        Value target = value(left.is("list_splat_pattern") ? left.children().getFirst() : left);
        names.assigned(target);
        return new Value.Assign(target, given, true, whole.span());
    }

    void assigned(Value target) {
        names.assigned(target);
    }

    private Step conditional(SyntaxNode node, int from) {
        List<SyntaxNode> rest = node.children("alternative");
        Value on = values.condition(node.child("condition"));
        return choice(on, steps(node.child("consequence")), otherwise(rest, from), node.span());
    }

    private List<Step> otherwise(List<SyntaxNode> rest, int from) {
        if (from >= rest.size()) {
            return null;
        }
        SyntaxNode next = rest.get(from);
        if (next.is("else_clause")) {
            return steps(next.child("body"));
        }
        return List.of(choice(values.condition(next.child("condition")), steps(next.child("consequence")),
                otherwise(rest, from + 1), next.span()));
    }

    private Step forEach(SyntaxNode node) {
        SyntaxNode left = node.child("left");
        return new Step.Loop(lastName(left), null, value(node.child("right")), loopBody(left, node), node.span());
    }

    private List<Step> loopBody(SyntaxNode left, SyntaxNode node) {
        List<Step> steps = new ArrayList<>();
        List<String> all = allNames(left);
        all.stream()
                .limit(Math.max(0, all.size() - 1L))
                .forEach(name -> steps.add(
                        new Step.Declare(name, null, null, left.span())));
        steps.addAll(steps(node.child("body")));
        return steps;
    }

    private static List<String> allNames(SyntaxNode pattern) {
        if (pattern.is("identifier")) {
            return List.of(pattern.text());
        }
        return pattern.children().stream().flatMap(child -> allNames(child).stream()).toList();
    }

    /** Of several names for parts of an element, the last is the one that patterns speak of. */
    static String lastName(SyntaxNode pattern) {
        List<String> all = pattern == null ? List.of() : allNames(pattern);
        return all.isEmpty() ? "_" : all.getLast();
    }

    private Step attempt(SyntaxNode node) {
        List<Step> steps = new ArrayList<>(steps(node.child("body")));
        List<Step> onError = new ArrayList<>();
        List<Step> always = new ArrayList<>();
        for (SyntaxNode child : node.children()) {
            switch (child.kind()) {
                case "except_clause", "except_group_clause" -> {
                    SyntaxNode alias = child.child("value") == null ? null : child.child("value").child("alias");
                    if (alias != null) {
                        onError.add(new Step.Declare(alias.text(), null, null, alias.span()));
                    }
                    onError.addAll(steps(child.first("block")));
                }
                case "else_clause" -> steps.addAll(steps(child.child("body")));
                case "finally_clause" -> always.addAll(steps(child.first("block")));
                default -> {
                    // the body was read already
                }
            }
        }
        return new Step.Block(null, steps, onError, always, node.span());
    }

    private void with(SyntaxNode node, List<Step> into) {
        Value lock = null;
        SyntaxNode clause = node.first("with_clause");
        for (SyntaxNode item : clause == null ? List.<SyntaxNode>of() : clause.children()) {
            SyntaxNode value = item.child("value");
            if (value == null) {
                continue;
            }
            if (value.is("as_pattern")) {
                SyntaxNode alias = value.child("alias");
                Value made = value(value.children().getFirst());
                Value target = alias == null || alias.children().isEmpty() ? null : value(alias.children().getFirst());
                names.assigned(target);
                into.add(act(target == null ? made : new Value.Assign(target, made, true, value.span())));
            } else if (value.is("identifier") || value.is("attribute")) {
                lock = value(value);
            } else {
                into.add(act(value(value)));
            }
        }
        into.add(new Step.Block(lock, steps(node.child("body")), List.of(), List.of(), node.span()));
    }

    private Step match(SyntaxNode node) {
        Value on = value(node.child("subject"));
        List<Branch> branches = new ArrayList<>();
        boolean complete = false;
        SyntaxNode body = node.child("body");
        for (SyntaxNode clause : body == null ? List.<SyntaxNode>of() : body.children()) {
            List<Value> labels = new ArrayList<>();
            List<Step> steps = new ArrayList<>();
            for (SyntaxNode pattern : clause.children()) {
                if (pattern.is("case_pattern") && PythonPatterns.takesAny(pattern)) {
                    steps.add(new Step.Declare(pattern.text(), null, on, pattern.span()));
                } else if (pattern.is("case_pattern") && !pattern.text().equals("_")) {
                    labels.add(PythonPatterns.test(pattern, on));
                }
            }
            complete |= labels.isEmpty();
            steps.addAll(steps(clause.child("consequence")));
            branches.add(new Branch(labels, steps));
        }
        return new Step.Choose(on, branches, complete, node.span());
    }

    private void nested(SyntaxNode node, List<Step> into) {
        SyntaxNode definition = node.is("decorated_definition") ? node.child("definition") : node;
        if (definition == null) {
            return;
        }
        if (definition.is("class_definition")) {
            TypeDeclared type = types.type(definition, PythonTypes.decorators(node));
            inner().add(type);
            into.add(new Step.Local(type, node.span()));
            return;
        }
        List<ParameterDeclared> parameters = PythonTypes.parameters(definition.child("parameters"));
        String name = definition.child("name").text();
        Value function = new Value.Function(parameters, function(definition.child("body"), parameters), node.span());
        into.add(new Step.Declare(name, null, function, definition.child("name").span()));
    }

    private void deleted(SyntaxNode node, List<Step> into) {
        if (node.is("subscript")) {
            into.add(act(new Value.Call(value(node.child("value")), "__delitem__",
                    node.children("subscript").stream().map(this::value).toList(), node.span())));
        } else if (node.is("expression_list")) {
            node.children().forEach(child -> deleted(child, into));
        }
    }
}
