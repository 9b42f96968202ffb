package dev.huella.core.reading.ruby;

import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.Step.Branch;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Value.Literal;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.Bodies;
import dev.huella.core.reading.BuiltNames;
import dev.huella.core.reading.LocalNames;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Reads statements; expressions are in {@link RubyValues}. */
final class RubyBodies extends Bodies {
    private static final Set<String> EACH = Set.of("each", "each_value", "each_with_index", "each_pair", "reverse_each",
            "each_entry");
    /** The library's own name for what a delegator keeps. */
    static final String HELD = "__getobj__";
    private final String className;
    private final String operation;
    private final boolean isStatic;
    private final boolean constructing;
    private final LocalNames names = new LocalNames();
    private final BuiltNames builtNames = new BuiltNames();
    private final RubyPatterns patterns = new RubyPatterns(names);
    private final RubyValues values = new RubyValues(this);
    private String block = "block";
    private boolean delegator;
    private Map<String, RubyPools.Pool> pools = Map.of();
    private List<ParameterDeclared> parameters = List.of();

    RubyBodies(String className, String operation, boolean isStatic, boolean constructing) {
        this.className = className;
        this.operation = operation;
        this.isStatic = isStatic;
        this.constructing = constructing;
    }

    /** What a class asks for while it is read. */
    static OperationDeclared whileRead(String className, List<SyntaxNode> calls) {
        var bodies = new RubyBodies(className, "", true, false);
        List<Step> steps = calls.stream().<Step>map(call -> new Step.Do(bodies.value(call), call.span())).toList();
        return new OperationDeclared("<class>", OperationDeclared.Kind.INITIALISER,
                Modifiers.of(Visibility.PUBLIC, Mark.STATIC), List.of(), List.of(), null, steps, bodies.inner(),
                calls.getFirst().span());
    }

    /** Hashes of the type that make what is missing. */
    RubyBodies pools(Map<String, RubyPools.Pool> all) {
        pools = all;
        return this;
    }

    Map<String, RubyPools.Pool> pools() {
        return pools;
    }

    /** The library's base keeps one object for the type. */
    void delegator(boolean is) {
        delegator = is;
    }

    /** What the library's base keeps is the object that is meant; null when the base keeps none. */
    Value held(SourceSpan at) {
        return delegator ? new Value.Member(new Value.Self(null, at), HELD, at) : null;
    }

    /** The object becomes the one that the library's base keeps. */
    static Value keeps(Value given, SourceSpan at) {
        return new Value.Assign(new Value.Member(new Value.Self(null, at), HELD, at), given, true, at);
    }

    /** Names the parameter that holds the block. */
    void block(String name) {
        block = name;
    }

    void parameters(List<ParameterDeclared> all) {
        parameters = all;
    }

    BuiltNames builtNames() {
        return builtNames;
    }

    LocalNames names() {
        return names;
    }

    RubyPatterns patterns() {
        return patterns;
    }

    String className() {
        return className;
    }

    String operation() {
        return operation;
    }

    boolean isStatic() {
        return isStatic;
    }

    boolean constructing() {
        return constructing;
    }

    String blockName() {
        return block;
    }

    /** The parameters handed on by a bare {@code super}. */
    List<Value> handedOn(SourceSpan at) {
        return parameters.stream()
                .filter(one -> one.type() == null || !one.type().isFunction())
                .map(one -> (Value) new Value.Name(one.name(), at))
                .toList();
    }

    static boolean isRequire(Step step) {
        return step instanceof Step.Do(Value.Call call, var _) && call.receiver() == null
                && call.name().startsWith("require");
    }

    /** The body of an operation; {@code gives}: its last value is what it gives back. */
    List<Step> operation(SyntaxNode body, List<ParameterDeclared> given, boolean gives) {
        names.enter(given.stream().map(ParameterDeclared::name).toList());
        List<Step> steps = body == null
                ? List.of()
                : body.is("body_statement") ? guarded(body) : one(body);
        return names.leave(gives ? giving(steps, false) : steps);
    }

    void statement(SyntaxNode node, List<Step> into) {
        step(node, into);
    }

    List<Step> stepsOf(SyntaxNode node) {
        return node == null ? List.of() : steps(node);
    }

    @Override
    public Value value(SyntaxNode node) {
        return values.value(node);
    }

    @Override
    protected void step(SyntaxNode node, List<Step> into) {
        SourceSpan at = node.span();
        switch (node.kind()) {
            case "return" -> into.add(new Step.Return(values.argument(node), at));
            case "next" -> into.add(node.children().isEmpty()
                    ? new Step.Leave(false, at)
                    : new Step.Return(values.argument(node), at));
            case "break" -> into.add(new Step.Leave(true, at));
            case "if", "elsif" -> into.add(conditional(node, false));
            case "unless" -> into.add(conditional(node, true));
            case "if_modifier", "unless_modifier" -> into.add(choice(
                    negated(values.condition(node.child("condition")), node.is("unless_modifier")),
                    one(node.child("body")), null, at));
            case "while", "until", "while_modifier", "until_modifier" -> into.add(new Step.Loop(null, null,
                    values.condition(node.child("condition")), node.child("body").is("do")
                            ? steps(node.child("body"))
                            : one(node.child("body")),
                    at));
            case "for" -> {
                Value over = value(node.child("value").children().getFirst());
                SyntaxNode pattern = node.child("pattern");
                List<String> all = pattern.children().isEmpty()
                        ? List.of(pattern.text())
                        : pattern.children().stream().map(SyntaxNode::text).toList();
                names.enter(all);
                into.add(new Step.Loop(all.getLast(), null, over, names.leave(steps(node.child("body"))), at));
            }
            case "case" -> into.add(choice(node));
            case "case_match" -> into.add(matched(node));
            case "match_pattern" -> into.addAll(patterns.taken(node.child("pattern"), value(node.child("value"))));
            case "begin" -> into.addAll(guarded(node));
            case "body_statement", "then", "block_body", "parenthesized_statements", "ERROR", "do" ->
                into.addAll(steps(node));
            case "rescue_modifier" -> into.add(new Step.Block(null, one(node.child("body")), one(node.child("handler")),
                    List.of(), at));
            case "assignment" -> assignment(node, into);
            case "operator_assignment" -> operator(node, into);
            case "call" -> call(node, into);
            case "method", "class", "module", "singleton_method", "comment", "alias", "undef", "heredoc_body",
                    "empty_statement" -> {
                // declared elsewhere, or nothing is done
            }
            default -> into.add(act(value(node)));
        }
    }

    private static Value negated(Value value, boolean negate) {
        return negate ? new Value.Computed("!", List.of(value), value.at()) : value;
    }

    private Step conditional(SyntaxNode node, boolean negate) {
        SyntaxNode rest = node.child("alternative");
        List<Step> otherwise = rest == null ? null : rest.is("elsif") ? one(rest) : steps(rest);
        return choice(negated(values.condition(node.child("condition")), negate), stepsOf(node.child("consequence")),
                otherwise, node.span());
    }

    private Step choice(SyntaxNode node) {
        SyntaxNode on = node.child("value");
        Value value = on == null ? new Literal(Literal.Kind.TRUTH, "true", node.span()) : value(on);
        List<Branch> branches = new ArrayList<>();
        boolean complete = false;
        for (SyntaxNode branch : node.children()) {
            if (branch.is("when")) {
                List<Value> labels = new ArrayList<>();
                branch.children("pattern").forEach(pattern -> labels.add(label(pattern, value, on == null)));
                branches.add(new Branch(labels, stepsOf(branch.child("body"))));
            } else if (branch.is("else")) {
                complete = true;
                branches.add(new Branch(List.of(), steps(branch)));
            }
        }
        return new Step.Choose(value, branches, complete, node.span());
    }

    private Value label(SyntaxNode pattern, Value on, boolean conditions) {
        SyntaxNode only = pattern.children().isEmpty() ? pattern : pattern.children().getFirst();
        boolean kind = !conditions && (only.is("constant") || only.is("scope_resolution"))
                && !only.text().equals(only.text().toUpperCase(java.util.Locale.ROOT));
        return kind ? new Value.KindTest(on, RubyMacros.type(only), null, only.span()) : value(only);
    }

    private Step matched(SyntaxNode node) {
        Value on = value(node.child("value"));
        List<Branch> branches = new ArrayList<>();
        boolean complete = false;
        for (SyntaxNode branch : node.children()) {
            if (branch.is("in_clause")) {
                SyntaxNode pattern = branch.child("pattern");
                boolean any = pattern != null && pattern.is("identifier");
                complete |= any && branch.child("guard") == null;
                List<Step> steps = new ArrayList<>(any ? patterns.taken(pattern, on) : List.of());
                List<Value> labels = any ? List.of() : patterns.labels(pattern, on);
                steps.addAll(stepsOf(branch.child("body")));
                branches.add(new Branch(labels, steps));
            } else if (branch.is("else")) {
                complete = true;
                branches.add(new Branch(List.of(), steps(branch)));
            }
        }
        return new Step.Choose(on, branches, complete, node.span());
    }

    /** Statements with what is done on errors and in any case. */
    private List<Step> guarded(SyntaxNode node) {
        List<Step> steps = new ArrayList<>();
        List<Step> onError = new ArrayList<>();
        List<Step> always = new ArrayList<>();
        for (SyntaxNode child : node.children()) {
            switch (child.kind()) {
                case "rescue" -> {
                    SyntaxNode variable = child.child("variable");
                    if (variable != null && !variable.children().isEmpty()) {
                        onError.add(new Step.Declare(variable.children().getFirst().text(), null, null,
                                variable.span()));
                    }
                    onError.addAll(stepsOf(child.child("body")));
                }
                case "ensure" -> always.addAll(steps(child));
                case "else" -> steps.addAll(steps(child));
                default -> step(child, steps);
            }
        }
        return onError.isEmpty() && always.isEmpty()
                ? steps
                : List.of(new Step.Block(null, steps, onError, always, node.span()));
    }

    private void assignment(SyntaxNode node, List<Step> into) {
        SyntaxNode left = node.child("left");
        SyntaxNode right = node.child("right");
        if (!left.is("left_assignment_list")) {
            Value given = value(right);
            into.add(act(set(left, given, node)));
            builtNames.assigned(left.text(), right);
            return;
        }
        List<SyntaxNode> targets = left.children();
        boolean each = right.is("right_assignment_list") && right.children().size() == targets.size();
        Value whole = each ? null : value(right);
        for (int i = 0; i < targets.size(); i++) {
            Value given = each
                    ? value(right.children().get(i))
                    : Value.Element.part(whole, i, node.span());
            into.add(act(set(targets.get(i), given, node)));
        }
    }

    Value set(SyntaxNode left, Value given, SyntaxNode whole) {
        Value target = values.target(left);
        if (target instanceof Value.Name(String name, var _) && !names.knows(name)) {
            names.assigned(target);
        }
        return new Value.Assign(target, given, true, whole.span());
    }

    private void operator(SyntaxNode node, List<Step> into) {
        SyntaxNode left = node.child("left");
        Value target = values.target(left);
        if (target instanceof Value.Name(String name, var _) && !names.knows(name)) {
            names.assigned(target);
        }
        String sign = sign(node);
        if (sign.equals("||=")) {
            into.add(fill(target, value(node.child("right")), node.span()));
            into.add(act(target));
        } else {
            into.add(act(counted(united(sign), target, value(node.child("right")), node.span())));
        }
    }

    private void call(SyntaxNode node, List<Step> into) {
        SyntaxNode method = node.child("method");
        String name = method == null ? "" : method.text();
        SyntaxNode receiver = node.child("receiver");
        SyntaxNode written = node.child("block");
        if (name.equals("raise") && receiver == null) {
            into.add(new Step.Throw(values.raised(node), node.span()));
        } else if (written != null && receiver != null && EACH.contains(name)) {
            List<ParameterDeclared> given = RubyParameters.of(written.child("parameters"), written.child("body"));
            into.add(loop(value(receiver), name, given, written, node));
        } else if (written != null && receiver == null && name.equals("loop")
                || written != null && name.equals("times")) {
            if (receiver != null) {
                into.add(act(value(receiver)));
            }
            names.enter(
                    RubyParameters.of(written.child("parameters"), written.child("body"))
                            .stream()
                            .map(ParameterDeclared::name)
                            .toList());
            into.add(new Step.Loop(null, null, null, names.leave(stepsOf(written.child("body"))), node.span()));
        } else if (written != null && name.equals("synchronize") && receiver != null) {
            into.add(
                    new Step.Block(value(receiver), stepsOf(written.child("body")), List.of(), List.of(), node.span()));
        } else {
            into.add(act(value(node)));
        }
    }

    private Step loop(Value over, String name, List<ParameterDeclared> given, SyntaxNode block, SyntaxNode node) {
        names.enter(given.stream().map(ParameterDeclared::name).toList());
        List<Step> steps = new ArrayList<>();
        boolean indexed = name.equals("each_with_index");
        int element = given.isEmpty() ? -1 : indexed ? 0 : given.size() - 1;
        for (int i = 0; i < given.size(); i++) {
            if (i != element) {
                steps.add(new Step.Declare(given.get(i).name(), null, null, node.span()));
            }
        }
        steps.addAll(stepsOf(block.child("body")));
        return new Step.Loop(element < 0 ? "it" : given.get(element).name(), null, over, names.leave(steps),
                node.span());
    }
}
