package dev.huella.core.model;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.source.SourceSpan;
import java.util.List;
import java.util.stream.Stream;

/** A field of a type. Filled by {@code resolve}, not changed afterwards. */
public final class Field implements Element {
    private final CodeType home;
    private final String name;
    private TypeUse type;
    private boolean optional;
    private boolean inferred;
    private Modifiers modifiers;
    private final FieldDeclared.Kind kind;
    private final SourceSpan place;
    private Flow flow;
    private int id = -1;
    private List<Field> keptIn = List.of();
    private Held held = new Held(TypeUse.UNKNOWN, Multiplicity.ONE, null);

    public Field(CodeType home, String name, TypeUse type, Modifiers modifiers, FieldDeclared.Kind kind,
            SourceSpan place) {
        this.home = home;
        this.name = name;
        this.type = type;
        this.modifiers = modifiers;
        this.kind = kind;
        this.place = place;
        this.flow = Flow.of(new Origin.OfField(this, true), type);
    }

    /**
     * What the field holds once containers are looked into.
     *
     * @param type of one element
     * @param container the library's container that keeps them, null when the value is held directly
     */
    public record Held(TypeUse type, Multiplicity many, CodeType container) {}

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

    @Override
    public SourceSpan place() {
        return place;
    }

    @Override
    public CodeType home() {
        return home;
    }

    public TypeUse type() {
        return type;
    }

    public Modifiers modifiers() {
        return modifiers;
    }

    /** What only bodies show. */
    public void mark(Mark mark) {
        modifiers = modifiers.with(mark);
    }

    public FieldDeclared.Kind kind() {
        return kind;
    }

    public boolean isStatic() {
        return modifiers.has(Mark.STATIC);
    }

    public Held held() {
        return held;
    }

    /** The value of this field of the receiver. */
    Flow ownFlow() {
        return flow;
    }

    /** True when it is declared so that it may hold nothing. */
    public boolean isOptional() {
        return optional;
    }

    public void optional(boolean mayBeMissing) {
        optional = mayBeMissing;
    }

    /** True when no type is written and what it holds was worked out. */
    public boolean isInferred() {
        return inferred;
    }

    /** True when a parameter with a type of its own is put into it. */
    public boolean isTypedByItsInput() {
        return home.operations()
                .stream()
                .flatMap(operation -> operation.deeds().stream())
                .anyMatch(deed -> deed instanceof Deed.Sets sets && sets.field() == this
                        && sets.value()
                                .any(origin -> origin instanceof Origin.OfParameter(Operation of, int index)
                                        && index < of.parameters().size() && !of.parameters().get(index).inferred()
                                        && !of.parameters().get(index).type().isUnknown()));
    }

    /** A type worked out from what the field is given and how it is used. */
    public void inferred(TypeUse found) {
        inferred |= type.isUnknown(); // a written container of unwritten things stays written
        type = found;
        flow = Flow.of(new Origin.OfField(this, true), found);
    }

    /** Fields in the sources that are this one, which an abstraction promises, in the types below it. */
    public List<Field> keptIn() {
        return keptIn;
    }

    public void keptBy(Field field) {
        keptIn = Stream.concat(keptIn.stream(), Stream.of(field)).toList();
    }

    public void held(Held found) {
        held = found;
    }

    void number(int number) {
        id = number;
    }

    @Override
    public String toString() {
        return qualifiedName();
    }
}
