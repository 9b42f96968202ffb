package dev.huella.core.facts;

import java.util.EnumSet;
import java.util.Set;

/** What stands before a declaration, in words that several languages share. Sets are not to be changed. */
public record Modifiers(Visibility visibility, Set<Mark> marks) {
    /** One word before a declaration. {@code DEFAULT}: an operation with a body in an interface. */
    public enum Mark {
        STATIC, ABSTRACT, FINAL, SEALED, DEFAULT, SYNCHRONIZED, VOLATILE, OVERRIDE
    }

    public static final Modifiers NONE = new Modifiers(Visibility.PACKAGE, EnumSet.noneOf(Mark.class));

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
