package dev.huella.core.facts;

import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.source.SourceSpan;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** An expression, in the few forms that patterns are made of. Parentheses are gone. */
public sealed interface Value {
    /** Name of a call whose receiver is the function that is called. */
    String APPLY = "()";

    SourceSpan at();

    /** A bare name: a local, parameter, field, or type. */
    record Name(String name, SourceSpan at) implements Value {}

    /** The receiver. {@code outer} names the enclosing type it is taken from, null for the innermost. */
    record Self(String outer, SourceSpan at) implements Value {
        /** The innermost receiver's own variables, which no accessor stands before. */
        public static final String INSIDE = "";
    }

    /** The receiver, seen as its supertype. */
    record Super(SourceSpan at) implements Value {}

    /** A literal. */
    record Literal(Kind kind, String text, SourceSpan at) implements Value {
        /** What is written. */
        public enum Kind {
            NULL, TEXT, NUMBER, TRUTH,
            /** The place of a part in what is taken apart, counted from 0. */
            PLACE
        }
    }

    /** {@code of.name}. */
    record Member(Value of, String name, SourceSpan at) implements Value {}

    /**
     * An operation called; {@code receiver} is null when none is written. The name {@link #APPLY} stands for calling
     * the receiver itself.
     */
    record Call(Value receiver, String name, List<Value> arguments, SourceSpan at) implements Value {
        public Call {
            arguments = List.copyOf(arguments);
        }
    }

    /** An object made. {@code body} is the type without a name that it is made from, or null. */
    record Create(TypeText type, List<Value> arguments, TypeDeclared body, SourceSpan at) implements Value {
        public Create {
            arguments = List.copyOf(arguments);
        }
    }

    /** The constructor hands on to another: {@code this(…)} or {@code super(…)}. */
    record Construct(boolean ofSuper, List<Value> arguments, SourceSpan at) implements Value {
        public Construct {
            arguments = List.copyOf(arguments);
        }
    }

    /**
     * An array or list written out; {@code type} is null when none is written. What lies in another list and is put in here
     * is a {@link Computed} of that list, with the sign {@link #SPREAD}, as is what a call is given out of a list.
     */
    record ArrayOf(TypeText type, List<Value> elements, SourceSpan at) implements Value {
        public static final String SPREAD = "...";

        public ArrayOf {
            elements = List.copyOf(elements);
        }
    }

    /** A function written in place. A body of one value is one {@link Step.Return}. */
    record Function(List<ParameterDeclared> parameters, List<Step> body, SourceSpan at) implements Value {
        public Function {
            parameters = List.copyOf(parameters);
            body = List.copyOf(body);
        }
    }

    /** An operation meant, not called; {@code of} is a value or names a type. {@code name} is {@code new} for making. */
    record Reference(Value of, TypeText type, String name, SourceSpan at) implements Value {}

    /** A variable, field or element given a value. {@code plain}: replaces what was there. */
    record Assign(Value target, Value value, boolean plain, SourceSpan at) implements Value {}

    /** One of several values, chosen by another. {@code complete}: there is a branch for everything else. */
    record Either(Value on, List<Step.Branch> branches, boolean complete, SourceSpan at) implements Value {
        public Either {
            branches = List.copyOf(branches);
        }
    }

    /** The value, or another one where it is missing. */
    record Fallback(Value value, Value other, SourceSpan at) implements Value {}

    /** A value taken to be of a type. */
    record Cast(TypeText type, Value value, SourceSpan at) implements Value {}

    /**
     * A test of what kind a value is. {@code binding} names the variable it is bound to, or null; {@code type} is null where
     * the value is only bound, of whatever kind it is.
     */
    record KindTest(Value value, TypeText type, String binding, SourceSpan at) implements Value {}

    /** An element by position. */
    record Element(Value of, Value index, SourceSpan at) implements Value {
        /** The part that a value has at a place, counted from 0, where it is taken apart into several variables. */
        public static Element part(Value whole, int place, SourceSpan at) {
            return new Element(whole, new Literal(Literal.Kind.PLACE, "" + place, at), at);
        }

        /** True for one of several parts that a value is taken apart into. */
        public boolean isPart() {
            return index instanceof Literal literal && literal.kind() == Literal.Kind.PLACE;
        }
    }

    /** Two values compared by {@code ==} or {@code !=}. */
    record Same(Value left, Value right, boolean negated, SourceSpan at) implements Value {}

    /** What steps give that are done when it is first asked for: the value itself where giving it is all they do. */
    static Value given(List<Step> steps, SourceSpan at) {
        return steps.size() == 1 && steps.getFirst() instanceof Step.Return back && back.value() != null
                ? back.value()
                : new Call(new Function(List.of(), steps, at), APPLY, List.of(), at);
    }

    /** A type meant as a value. */
    record TypeName(TypeText type, SourceSpan at) implements Value {}

    /** An argument given to the parameter of that name. */
    record Labelled(String name, Value value, SourceSpan at) implements Value {}

    /** Anything else computed from values: arithmetic, logic. A long sum is one value of many parts, however it is nested. */
    record Computed(String sign, List<Value> parts, SourceSpan at) implements Value {
        private static final Set<String> ADDS = Set.of("+", ".");

        public Computed {
            parts = parts.size() == 2 && ADDS.contains(sign) && parts.getFirst() instanceof Computed before
                    && before.sign.equals(sign)
                            ? Stream.concat(before.parts.stream(), Stream.of(parts.getLast())).toList()
                            : List.copyOf(parts);
        }
    }
}
