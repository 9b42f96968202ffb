package dev.huella.core.model;

/** Where a value comes from, as far as one body shows. */
public sealed interface Origin {
    /** The receiver itself. {@code of}: the type whose receiver it is; an enclosing one in inner types. */
    record Self(CodeType of) implements Origin {}

    /** The value of a field. {@code own}: of the receiver or a type around it, or static; else of some other object. */
    record OfField(Field field, boolean own) implements Origin {}

    /** A parameter, counted from 0. */
    record OfParameter(Operation operation, int index) implements Origin {}

    /** A parameter of a function written in place. */
    record OfFunctionParameter(int index) implements Origin {}

    /** An object made here. */
    record Fresh(CodeType type) implements Origin {}

    /** What a call gave back. {@code callee} is null when unknown; {@code receiver} is null when none was written. */
    record Result(Operation callee, Origin receiver) implements Origin {}

    /** One element of a container. */
    record ElementOf(Origin container) implements Origin {}

    /** A container with the same elements as another. {@code detached}: later changes of the other do not show in it. */
    record CopyOf(Origin container, boolean detached) implements Origin {}

    /** A function, or an object that stands for one. */
    record OfFunction(CodeType function) implements Origin {}

    /** Written out in the code. {@code text} is {@code null} for the absence of a value. */
    record Constant(String text) implements Origin {}

    /** A type itself, as receiver of a static call. */
    record OfType(CodeType type) implements Origin {}

    /** Worked out from other values, or not known. */
    record Unknown() implements Origin {}

    Origin UNKNOWN = new Unknown();
    Origin NOTHING = new Constant("null");
}
