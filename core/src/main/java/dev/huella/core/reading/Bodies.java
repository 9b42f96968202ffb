package dev.huella.core.reading;

import dev.huella.core.facts.Step;
import dev.huella.core.facts.Step.Branch;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Value.Literal;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.NoSuchElementException;
import java.util.regex.Pattern;

/** The forms of steps and values that languages share. A reader says which of its nodes are which. */
public abstract class Bodies {
    /** Numbers and texts of which no part is called, and the words of the languages for nothing, for truth and for the object itself. */
    private static final Pattern PLAIN = Pattern.compile("[-+]?\\.?\\d[^(]*|[a-zA-Z]{0,2}[\"'`][^(]*|:\\w+|/[^(]*"
            + "|true|false|null|nil|undefined|nullptr|self|this|\\.\\w+|default|\\*");

    /** No name that code can give. */
    private static final String EACH = "each of them";
    private static final Set<String> SIGNS = Set.of("+", "-", "*", "/", "%");

    private final List<TypeDeclared> inner = new ArrayList<>();

    /** Types declared inside this body, in order. */
    public final List<TypeDeclared> inner() {
        return inner;
    }

    /** The value of an expression; never null. */
    public abstract Value value(SyntaxNode node);

    /** Adds the steps that a statement stands for. */
    protected abstract void step(SyntaxNode node, List<Step> into);

    /** The steps of all children. */
    public final List<Step> steps(SyntaxNode block) {
        List<Step> steps = new ArrayList<>();
        if (block != null) {
            block.children().forEach(child -> guarded(child, steps));
        }
        return steps;
    }

    /** In a text that did not parse whole, a statement may lack parts that every whole one has: then it is left out. */
    private void guarded(SyntaxNode node, List<Step> into) {
        int before = into.size();
        try {
            step(node, into);
        } catch (NullPointerException | NoSuchElementException | IndexOutOfBoundsException e) {
            if (!node.tree().broken()) {
                throw e;
            }
            into.subList(before, into.size()).clear();
        }
    }

    /** The sign between or before operands; empty for signs that carry nothing. */
    protected static String sign(SyntaxNode node) {
        SyntaxNode operator = node.child("operator");
        return operator == null ? "" : operator.named() ? operator.text() : operator.kind();
    }

    /** {@code x += y}, which adds to a container or counts, and other signs that change what is there. */
    protected static Value counted(String sign, Value target, Value value, SourceSpan at) {
        return sign.equals("+=") || sign.equals("-=")
                ? new Value.Call(target, sign, List.of(value), at)
                : new Value.Assign(target, value, false, at);
    }

    /** Where sets are united with a sign, putting all of another set in is what the sign for lists does. */
    protected static String united(String sign) {
        return sign.equals("|=") ? "+=" : sign;
    }

    /** The sign between two operands of a grammar that does not name its operators. */
    public static String signBetween(SyntaxNode node) {
        return node.tokens().stream().map(SyntaxNode::kind).filter(SIGNS::contains).findFirst().orElse(node.kind());
    }

    /** The steps of one statement. */
    protected final List<Step> one(SyntaxNode node) {
        List<Step> steps = new ArrayList<>();
        if (node != null) {
            guarded(node, steps);
        }
        return steps;
    }

    protected final List<Value> values(SyntaxNode node) {
        return node == null ? List.of() : node.children().stream().map(this::value).toList();
    }

    /** A list written out. {@code spread}: the kind of node that stands for what lies in another list. */
    protected final Value list(SyntaxNode node, String spread) {
        return new Value.ArrayOf(null, given(node, spread), node.span());
    }

    /** What a call is given. {@code spread}: the kind of node that stands for what lies in a list. */
    protected final List<Value> given(SyntaxNode arguments, String spread) {
        return arguments.children()
                .stream()
                .map(child -> child.is(spread) ? spread(inside(child)) : value(child))
                .toList();
    }

    /** What lies in another list. */
    public static Value spread(Value list) {
        return new Value.Computed(Value.ArrayOf.SPREAD, List.of(list), list.at());
    }

    /** The parts of what is written out as a node of that kind; none for anything else. */
    protected final List<Value> parts(SyntaxNode node, String kind) {
        return node.is(kind) ? values(node) : List.of();
    }

    /** The first child's value; an empty computation when there is none. */
    protected final Value inside(SyntaxNode node) {
        List<SyntaxNode> children = node.children();
        return children.isEmpty() ? new Value.Computed("", List.of(), node.span()) : value(children.getFirst());
    }

    protected final Value firstOrNull(SyntaxNode node) {
        List<SyntaxNode> children = node.children();
        return children.isEmpty() ? null : value(children.getFirst());
    }

    protected final Value computed(SyntaxNode node) {
        return new Value.Computed(node.kind(), values(node), node.span());
    }

    /** Reads the types declared in a value but keeps no steps: for what cannot be told apart. */
    protected static Literal literal(Literal.Kind kind, SyntaxNode node) {
        return new Literal(kind, kind == Literal.Kind.NULL ? "null" : node.text(), node.span());
    }

    /** From the name that is called to the end of the call, so that places point at the name. */
    protected static SourceSpan from(SyntaxNode name, SyntaxNode whole) {
        SourceSpan own = name.span();
        SourceSpan end = whole.span();
        return new SourceSpan(own.file(), own.line(), own.column(), end.endLine(), end.endColumn());
    }

    /** A two-way choice of steps. {@code otherwise} is null when nothing is written for the other case. */
    protected static Step choice(Value on, List<Step> then, List<Step> otherwise, SourceSpan at) {
        List<Branch> branches = new ArrayList<>();
        branches.add(new Branch(List.of(new Literal(Literal.Kind.TRUTH, "true", on.at())), then));
        if (otherwise != null) {
            branches.add(new Branch(List.of(), otherwise));
        }
        return new Step.Choose(on, branches, otherwise != null, at);
    }

    /** A two-way choice of values. */
    protected static Value either(Value on, Value yes, Value no, SourceSpan at) {
        return new Value.Either(on, List.of(
                new Branch(List.of(new Literal(Literal.Kind.TRUTH, "true", on.at())),
                        List.of(new Step.Yield(yes, yes.at()))),
                new Branch(List.of(), List.of(new Step.Yield(no, no.at())))), true, at);
    }

    /** The value, or another where it is missing. */
    protected static Value orElse(Value value, Value other, SourceSpan at) {
        return new Value.Fallback(value, other, at);
    }

    /**
     * What parameters are when a call leaves them out, as steps for the start of the body. Values written out say
     * nothing and are left out. {@code list}: the node that holds the parameters, their defaults inside or beside them.
     */
    public final List<Step> defaults(SyntaxNode list) {
        List<Step> steps = new ArrayList<>();
        SyntaxNode name = null;
        boolean given = false;
        for (SyntaxNode token : list == null ? List.<SyntaxNode>of() : list.tokens()) {
            if (given && token.named()) {
                addDefault(name, token, steps);
                given = false;
            } else if (token.is("=")) {
                given = name != null;
            } else if (token.named()) {
                name = nameOf(token) == null ? name : nameOf(token);
                SyntaxNode inside = firstOf(token, "value", "default_value", "right");
                if (inside != null) {
                    addDefault(name, inside, steps);
                } else {
                    steps.addAll(token.is("class_parameter") ? defaults(token) : List.of());
                }
            }
        }
        return steps;
    }

    private static SyntaxNode nameOf(SyntaxNode parameter) {
        SyntaxNode field = firstOf(parameter, "name", "pattern", "left", "declarator");
        return field != null
                ? field
                : parameter.is("simple_identifier") ? parameter : parameter.first("simple_identifier");
    }

    private static SyntaxNode firstOf(SyntaxNode node, String... fields) {
        for (String field : fields) {
            if (node.child(field) != null) {
                return node.child(field);
            }
        }
        return null;
    }

    private void addDefault(SyntaxNode name, SyntaxNode value, List<Step> into) {
        if (name != null && !PLAIN.matcher(value.text()).matches()) {
            SourceSpan at = value.span();
            var target = new Value.Name(name.text().replace("$", ""), at);
            into.add(choice(absent(target, false, at),
                    List.of(act(new Value.Assign(target, value(value), true, at))), null, at));
        }
    }

    /** A value that is only used where it is there, when {@code asked}. */
    protected static Value ifThere(Value value, boolean asked) {
        return asked
                ? new Value.Fallback(value, new Literal(Literal.Kind.NULL, "null", value.at()), value.at())
                : value;
    }

    /** A test whether a value is missing; {@code negated}: whether it is there. */
    public static Value absent(Value value, boolean negated, SourceSpan at) {
        return new Value.Same(value, new Literal(Literal.Kind.NULL, "null", at), negated, at);
    }

    /** Sets the target only where it holds nothing yet. */
    protected static Step fill(Value target, Value value, SourceSpan at) {
        return choice(absent(target, false, at),
                List.of(new Step.Do(new Value.Assign(target, value, true, at), at)), null, at);
    }

    protected static Step block(List<Step> steps, SourceSpan at) {
        return new Step.Block(null, steps, List.of(), List.of(), at);
    }

    protected static Step act(Value value) {
        return new Step.Do(value, value.at());
    }

    /**
     * Several targets set at once: part by part where what they are given is written out, else each to a part of it.
     *
     * @param given the parts, when they are written out; else empty
     * @param whole all that they are given
     */
    protected static Value together(List<Value> targets, List<Value> given, Value whole, SourceSpan at) {
        List<Value> sets = new ArrayList<>();
        for (int i = 0; i < targets.size(); i++) {
            Value part = given.size() == targets.size()
                    ? given.get(i)
                    : Value.Element.part(whole, i, at);
            sets.add(new Value.Assign(targets.get(i), part, true, at));
        }
        return new Value.Computed("=", sets, at);
    }

    /**
     * New variables for the parts of a value, in their order.
     *
     * @param names of the variables
     * @param whole what is taken apart, null when nothing is given yet
     */
    protected static void takenApart(List<SyntaxNode> names, Value whole, List<Step> into) {
        for (int place = 0; place < names.size(); place++) {
            SourceSpan at = names.get(place).span();
            into.add(new Step.Declare(names.get(place).text(), null,
                    whole == null ? null : Value.Element.part(whole, place, at), at));
        }
    }

    /** {@code a.b.c} as names and members. */
    public static Value dotted(String text, SourceSpan at) {
        Value whole = null;
        for (String part : text.split("\\s*(?:\\.|::|\\\\|->)\\s*")) {
            if (!part.isEmpty()) {
                whole = whole == null ? new Value.Name(part, at) : new Value.Member(whole, part, at);
            }
        }
        return whole == null ? new Value.Computed("", List.of(), at) : whole;
    }

    /** The last value of some steps becomes what they give back; {@code asValue}: to the choice around them. */
    public static List<Step> giving(List<Step> steps, boolean asValue) {
        if (steps.isEmpty()) {
            return steps;
        }
        List<Step> all = new ArrayList<>(steps);
        Step last = all.removeLast();
        switch (last) {
            case Step.Do(Value.Assign _, SourceSpan _) when !asValue -> all.add(last);
            case Step.Do(Value value, SourceSpan at) -> all.add(asValue
                    ? new Step.Yield(value, at)
                    : new Step.Return(value, at));
            case Step.Choose choose -> all.add(new Step.Choose(choose.on(), choose.branches()
                    .stream()
                    .map(branch -> new Branch(branch.labels(), giving(branch.steps(), asValue)))
                    .toList(), choose.complete(), choose.at()));
            case Step.Block inner -> all.add(new Step.Block(inner.lock(), giving(inner.steps(), asValue),
                    giving(inner.onError(), asValue), inner.always(), inner.at()));
            default -> all.add(last);
        }
        return all;
    }

    /** A generator hands out a value, or one after the other all that another one hands out. */
    protected static Step handsOut(Value value, boolean all, SourceSpan at) {
        return all && value != null
                ? new Step.Loop(EACH, null, value, List.of(new Step.Yield(new Value.Name(EACH, at), at)), at)
                : new Step.Yield(value, at);
    }

    /** The body of a function of one value. */
    protected static List<Step> back(Value value) {
        return List.of(new Step.Return(value, value.at()));
    }
}
