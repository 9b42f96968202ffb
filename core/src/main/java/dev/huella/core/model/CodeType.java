package dev.huella.core.model;

import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;

/**
 * A type of the code, or one outside it that the code names. Filled by {@code resolve}, not changed afterwards.
 * Types of known libraries load their members when first asked.
 */
public final class CodeType implements Element {
    private final String name;
    private final String qualifiedName;
    private TypeKind kind;
    private final Modifiers modifiers;
    private final SourceSpan place;
    private final CodeType outer;
    private final boolean anonymous;
    private final List<CodeType> makers = new ArrayList<>(0);
    private String language = "";
    private boolean shape;
    private int headMentions;
    private volatile Runnable loader;
    private int id = -1;
    private Operation within;
    private List<TypeVariable> variables = List.of();
    private List<TypeUse> supertypes = List.of();
    private final List<Field> fields = new ArrayList<>();
    private final List<Operation> operations = new ArrayList<>();
    private final List<CodeType> nested = new ArrayList<>();
    private final List<CodeType> subtypes = new ArrayList<>();
    private final List<Mention> mentions = new ArrayList<>();
    private List<SourceSpan> unreadable = List.of();

    /**
     * A type.
     *
     * @param place null for a type outside the sources
     * @param outer the type around it, or null
     * @param anonymous true when the code gives it no name
     */
    public CodeType(String name, String qualifiedName, TypeKind kind, Modifiers modifiers, SourceSpan place,
            CodeType outer, boolean anonymous) {
        this.name = name;
        this.qualifiedName = qualifiedName;
        this.kind = kind;
        this.modifiers = modifiers;
        this.place = place;
        this.outer = outer;
        this.anonymous = anonymous;
    }

    /** A type outside the sources of which only the name is known. */
    public static CodeType named(String qualifiedName) {
        return named(qualifiedName, TypeKind.CLASS);
    }

    /** A type outside the sources of which only the name and kind are known. */
    public static CodeType named(String qualifiedName, TypeKind kind) {
        String name = qualifiedName.substring(qualifiedName.lastIndexOf('.') + 1);
        return new CodeType(name, qualifiedName, kind, Modifiers.NONE, null, null, false);
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
        return qualifiedName;
    }

    @Override
    public SourceSpan place() {
        return place;
    }

    @Override
    public CodeType home() {
        return this;
    }

    public TypeKind kind() {
        return kind;
    }

    /** A type outside the sources that is realised somewhere is an interface, whatever its name told. */
    public void isRealised() {
        kind = external() && kind == TypeKind.CLASS ? TypeKind.INTERFACE : kind;
    }

    public Modifiers modifiers() {
        return modifiers;
    }

    public CodeType outer() {
        return outer;
    }

    public boolean anonymous() {
        return anonymous;
    }

    public boolean external() {
        return place == null;
    }

    /** The package or namespace; for nested types that of the outermost. */
    public String namespace() {
        CodeType top = outermost();
        int dot = top.qualifiedName.lastIndexOf('.');
        return dot < 0 ? "" : top.qualifiedName.substring(0, dot);
    }

    public CodeType outermost() {
        CodeType top = this;
        while (top.outer != null) {
            top = top.outer;
        }
        return top;
    }

    /** The nearest type with a name that this one stands inside of; itself when it has a name. */
    public CodeType named() {
        CodeType at = this;
        while (at.anonymous && at.outer != null) {
            at = at.outer;
        }
        return at;
    }

    /** True for interfaces and abstract types: nobody can make one of exactly this type. */
    public boolean isAbstract() {
        return kind.promises() || modifiers.has(Mark.ABSTRACT) || promises();
    }

    /** The field of a type that only wraps one weakly held object; null for other types. */
    public Field wrapped() {
        List<Field> own = fields().stream().filter(field -> !field.isStatic()).toList();
        boolean box = own.size() == 1 && own.getFirst().modifiers().has(Mark.WEAK)
                && operations().stream().allMatch(operation -> operation.kind() != OperationDeclared.Kind.OPERATION);
        return box && !external() ? own.getFirst() : null;
    }

    /** True when one of its operations only promises. */
    private boolean promises() {
        for (Operation operation : operations) {
            if (operation.isAbstract()) {
                return true;
            }
        }
        return false;
    }

    /** The operation whose body it is declared in, or null. */
    public Operation within() {
        return within;
    }

    public String language() {
        return language;
    }

    public List<TypeVariable> variables() {
        load();
        return variables;
    }

    /** Direct supertypes, in the order written. */
    public List<TypeUse> supertypes() {
        load();
        return supertypes;
    }

    public List<Field> fields() {
        load();
        return fields;
    }

    public List<Operation> operations() {
        load();
        return operations;
    }

    /** Types that are asked when one of this type is to be made, and may hand out one of their choice. */
    public List<CodeType> makers() {
        return makers;
    }

    /** One more type that is asked when one of this type is to be made; for resolve. */
    public void madeBy(CodeType maker) {
        makers.add(maker);
    }

    /** Fields that the text declares: without those that come with a base of the library. */
    public List<Field> declaredFields() {
        return fields().stream().filter(field -> !field.modifiers().has(Mark.IMPLIED)).toList();
    }

    /** Those that some code declares: without what only the type's own code asks for and subtypes have. */
    public List<Operation> declaredOperations() {
        return operations().stream().filter(operation -> !operation.isOnlyAskedFor()).toList();
    }

    public List<CodeType> nested() {
        return nested;
    }

    /** Direct subtypes in the sources, in the order of the sources. */
    public List<CodeType> subtypes() {
        return subtypes;
    }

    /** Other types that the text of this one names, in order. */
    public List<Mention> mentions() {
        return mentions;
    }

    /** Stretches inside that did not parse. */
    public List<SourceSpan> unreadable() {
        return unreadable;
    }

    private void load() {
        if (loader != null) {
            synchronized (this) {
                if (loader != null) {
                    Runnable once = loader;
                    once.run();
                    loader = null;
                }
            }
        }
    }

    /**
     * True for a type that the code does not declare: what a function must take and give at one place, or what
     * operations a value without a type is asked for there.
     */
    public boolean shape() {
        return shape;
    }

    // What follows is for resolve, which fills the type once.

    public CodeType language(String id) {
        language = id;
        return this;
    }

    public CodeType within(Operation operation) {
        within = operation;
        return this;
    }

    public void unreadable(List<SourceSpan> spans) {
        unreadable = List.copyOf(spans);
    }

    public void variables(List<TypeVariable> all) {
        variables = List.copyOf(all);
    }

    public void supertypes(List<TypeUse> all) {
        supertypes = List.copyOf(all);
    }

    /** Takes out a field that turned out to be one of a supertype. */
    public void drop(Field field) {
        fields.remove(field);
    }

    public void add(Field field) {
        fields.add(field);
    }

    public void add(Operation operation) {
        operations.add(operation);
    }

    public void add(CodeType inner) {
        nested.add(inner);
    }

    public void addSubtype(CodeType sub) {
        subtypes.add(sub);
    }

    public void add(Mention mention) {
        mentions.add(mention);
    }

    /** Fills in members and supertypes when they are first asked for. */
    public void loadBy(Runnable once) {
        loader = once;
    }

    /** Marks a type that the code does not declare. */
    public CodeType asShape() {
        shape = true;
        return this;
    }

    /** Mentions so far come from heads and stay; later ones come from bodies. */
    public void headsRead() {
        headMentions = mentions.size();
    }

    /** Forgets what bodies mention, before they are resolved again. */
    public void forgetBodies() {
        mentions.subList(headMentions, mentions.size()).clear();
    }

    void number(int number) {
        id = number;
    }

    @Override
    public String toString() {
        return qualifiedName;
    }
}
