package dev.huella.core.facts;

import java.util.EnumSet;
import java.util.Set;

/** What stands before a declaration, in words that several languages share. Sets are not to be changed. */
public record Modifiers(Visibility visibility, Set<Mark> marks) {
    /** One word before a declaration. {@code DEFAULT}: an operation with a body in an interface. */
    public enum Mark {
        STATIC, ABSTRACT, FINAL, SEALED, DEFAULT, SYNCHRONIZED, VOLATILE, OVERRIDE,
        /** Operations that no subtype may replace because nothing opens them. */
        FIXED,
        /** Read like a field. */
        GETTER,
        /** Written to like a field. */
        SETTER,
        /** A field that is the language's own list of those to tell. */
        EVENT,
        /** Nothing in the text declares it: it comes with a base of the library. */
        IMPLIED,
        /** A constant of an enumeration that comes with values of its own each time: there are many of it. */
        VARYING,
        /** Made when first asked for. */
        LAZY,
        /** Stands outside the type of its first parameter but is called as if it stood in it. */
        EXTENSION,
        /** A part of the object that holds it: it is made and goes with it. */
        OWNED,
        /** Does not keep alive what it refers to. */
        WEAK,
        /** Hands all that is asked of it on to what it holds. */
        DELEGATE,
        /** Evaluates the block that it is given inside an object of its own. */
        EVALUATES
    }

    public static final Modifiers NONE = new Modifiers(Visibility.PACKAGE, EnumSet.noneOf(Mark.class));

    public static Modifiers of(Visibility visibility, Mark... marks) {
        EnumSet<Mark> set = EnumSet.noneOf(Mark.class);
        set.addAll(java.util.List.of(marks));
        return new Modifiers(visibility, set);
    }

    public boolean has(Mark mark) {
        return marks.contains(mark);
    }

    public Modifiers with(Mark mark) {
        if (has(mark)) {
            return this;
        }
        var all = EnumSet.copyOf(marks);
        all.add(mark);
        return new Modifiers(visibility, all);
    }

    public Modifiers with(Visibility other) {
        return new Modifiers(other, marks);
    }
}
