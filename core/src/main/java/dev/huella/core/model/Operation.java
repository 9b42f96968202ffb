package dev.huella.core.model;

import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** An operation, constructor or initialiser with what its body does. Filled by {@code resolve}. */
public final class Operation implements Element {
    private final CodeType home;
    private final String name;
    private final Kind kind;
    private final Modifiers modifiers;
    private boolean hasBody;
    private boolean promised;
    private boolean onlyAskedFor;
    private boolean resultInferred;
    private final SourceSpan place;
    private int id = -1;
    private List<TypeVariable> variables = List.of();
    private List<Parameter> parameters = List.of();
    private TypeUse returns = TypeUse.UNKNOWN;
    private Operation front;
    private List<Deed> written = List.of();
    private List<Deed> deeds = List.of();
    /** Made when first asked for; by then the model is complete. */
    private volatile Set<Operation> reached;
    private Set<Field> reads = Set.of();
    private int depth;
    private final List<Operation> overridden = new ArrayList<>();
    private final List<Operation> overriders = new ArrayList<>();
    private List<Field> keptIn = List.of();

    public Operation(CodeType home, String name, Kind kind, Modifiers modifiers, boolean hasBody, SourceSpan place) {
        this.home = home;
        this.name = name;
        this.kind = kind;
        this.modifiers = modifiers;
        this.hasBody = hasBody;
        this.place = place;
    }

    /**
     * A parameter with its resolved type.
     *
     * @param optional a call may leave it out
     * @param inferred no type is written; it was worked out from what is given and asked
     */
    public record Parameter(String name, TypeUse type, boolean optional, boolean inferred) {
        /** A parameter with a written type. */
        public Parameter(String name, TypeUse type, boolean optional) {
            this(name, type, optional, false);
        }

        /** A parameter that every call must give. */
        public Parameter(String name, TypeUse type) {
            this(name, type, false);
        }
    }

    @Override
    public int id() {
        return id;
    }

    @Override
    public String name() {
        return name;
    }

    @Override
    public String qualifiedName() {
        return home.qualifiedName() + "." + name;
    }

    /** Name and parameter types, to tell overloads apart. */
    public String signature() {
        return name + "(" + String.join(", ", parameters.stream().map(parameter -> parameter.type().text()).toList())
                + ")";
    }

    @Override
    public SourceSpan place() {
        return place;
    }

    @Override
    public CodeType home() {
        return home;
    }

    public Kind kind() {
        return kind;
    }

    public Modifiers modifiers() {
        return modifiers;
    }

    public boolean hasBody() {
        return hasBody;
    }

    public boolean isStatic() {
        return modifiers.has(Mark.STATIC);
    }

    public boolean isConstructor() {
        return kind == Kind.CONSTRUCTOR;
    }

    public boolean isAbstract() {
        return !hasBody && (promised || modifiers.has(Mark.ABSTRACT) || home.kind().promises());
    }

    /** True when a subtype may put its own in its place. */
    public boolean overridable() {
        return kind == Kind.OPERATION && (!isStatic() || modifiers.has(Mark.ABSTRACT)) && !modifiers.has(Mark.FINAL)
                && (!modifiers.has(Mark.FIXED) || !overridden.isEmpty())
                && (modifiers.visibility() != Visibility.PRIVATE || home.language().equals("cpp")
                        || home.language().equals("ruby"))
                && !home.modifiers().has(Mark.FINAL);
    }

    public List<TypeVariable> variables() {
        return variables;
    }

    public List<Parameter> parameters() {
        return parameters;
    }

    /** True when no result is written and what it gives was worked out from its body. */
    public boolean isResultInferred() {
        return resultInferred;
    }

    /** True when no code declares it: its type asks it of itself, and only subtypes have it. */
    public boolean isOnlyAskedFor() {
        return onlyAskedFor;
    }

    /** The declared result; unknown for constructors. */
    public TypeUse returns() {
        return returns;
    }

    /** What the body itself does, in order, functions written inside it included. */
    public List<Deed> written() {
        return written;
    }

    /** The same, with what private operations do that only this body calls in the place of the calls. */
    public List<Deed> deeds() {
        return deeds;
    }

    /** The operation itself and all it calls on the same object, through any number of others. Asked only of a complete model. */
    public Set<Operation> reached() {
        if (reached == null) {
            Set<Operation> found = new LinkedHashSet<>(Set.of(this));
            Deque<Operation> open = new ArrayDeque<>(found);
            while (!open.isEmpty()) {
                Operation operation = open.poll();
                for (Deed deed : operation.written) {
                    if (deed instanceof Deed.Calls calls && operation.callsItself(calls) && found.add(calls.callee())) {
                        open.add(calls.callee());
                    }
                }
            }
            reached = found.size() == 1 ? Set.of(this) : found;
        }
        return reached;
    }

    private boolean callsItself(Deed.Calls calls) {
        return calls.callee() != null && calls.receiver()
                .any(origin -> origin instanceof Origin.Self(CodeType of) && of.outermost() == home.outermost());
    }

    /** The only operation that calls this one and does nothing else; null when there is none. */
    public Operation front() {
        return front;
    }

    /** Fields whose value the deeds use, whatever they do with it; what is only set is none. */
    public Set<Field> reads() {
        return reads;
    }

    /** How many functions written in place stand around the body's own deeds: 0 but for functions themselves. */
    public int depth() {
        return depth;
    }

    /** True for what stands in the body itself rather than in a function inside it. {@code within}: null at the top. */
    public boolean isOwn(Setting within) {
        return Setting.functions(within) <= depth;
    }

    /** Operations of direct or further supertypes that this one stands in place of, nearest first. */
    public List<Operation> overridden() {
        return overridden;
    }

    /** Operations in the sources that stand in place of this one, in the order of the sources. */
    public List<Operation> overriders() {
        return overriders;
    }

    /** Fields in the sources that are what subtypes give, or set, where this operation without a body is called. */
    public List<Field> keptIn() {
        return keptIn;
    }

    // What follows is for resolve, which fills the operation once.

    /** What it gives was worked out; no type is written. */
    public void resultWorkedOut() {
        resultInferred = true;
    }

    /** No code declares it. */
    public void onlyAskedFor() {
        onlyAskedFor = true;
    }

    public void signature(List<TypeVariable> typeVariables, List<Parameter> all, TypeUse result) {
        variables = List.copyOf(typeVariables);
        parameters = List.copyOf(all);
        returns = result;
    }

    /** The body was found elsewhere. */
    public void completed() {
        hasBody = true;
    }

    /** Only promises: it has a body, but one that refuses to do anything and is replaced in subtypes. */
    public void onlyPromised() {
        hasBody = false;
        promised = true;
    }

    public void deeds(List<Deed> all) {
        written = List.copyOf(all);
        deeds = written;
        front = null;
    }

    /** What other operations do belongs to this one. */
    public void takesIn(List<Deed> all, Set<Field> used) {
        deeds = List.copyOf(all);
        reads(used);
    }

    /** The body is all that another operation has. */
    public void wholeOf(Operation other) {
        front = other;
    }

    public void reads(Set<Field> used) {
        reads = Collections.unmodifiableSet(used);
    }

    public void depth(int functionsAround) {
        depth = functionsAround;
    }

    public void overrides(Operation other) {
        overridden.add(other);
    }

    public void overriddenBy(Operation other) {
        overriders.add(other);
    }

    public void keptBy(Field field) {
        keptIn = Stream.concat(keptIn.stream(), Stream.of(field)).toList();
    }

    void number(int number) {
        id = number;
    }

    @Override
    public String toString() {
        return home.qualifiedName() + "." + signature();
    }
}
