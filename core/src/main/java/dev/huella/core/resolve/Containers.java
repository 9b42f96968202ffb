package dev.huella.core.resolve;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import dev.huella.core.resolve.LibraryContainers.Kept;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Follows elements through the library's containers: copies, views, iterators and streams keep what they go over. */
final class Containers {
    private static final Pattern REFERS = Pattern.compile("[&*]$");
    private final LibraryKnowledge library;
    private final OwnSteps ownSteps;

    /** {@code ownSteps} follows elements through types of the code base as well; null for those of the library only. */
    Containers(LibraryKnowledge library, OwnSteps ownSteps) {
        this.library = library;
        this.ownSteps = ownSteps;
    }

    boolean isContainer(TypeUse type) {
        return type.dimensions() > 0 || library.container(type) != null;
    }

    /** True for containers, and for types of the code base that say how one goes through them. */
    boolean isGoneThrough(TypeUse type) {
        return isContainer(type) || ownSteps != null && ownSteps.has(type);
    }

    /** True when an operation of that name gives something of the elements of a container, or made of them. */
    boolean goesOver(String operation) {
        return library.oneElement(operation) || library.sameElements(operation) || library.maps(operation);
    }

    /** True for what wraps at most one object. */
    boolean holdsOne(TypeUse type) {
        Kept kept = type.dimensions() > 0 ? null : library.container(type);
        return kept != null && (kept.kind().optional() || kept.kind().single());
    }

    /** Several things that are kept together, of which one matters. */
    boolean isTogether(TypeUse type) {
        Kept kept = type.dimensions() > 0 ? null : library.container(type);
        return kept != null && kept.kind().anyOwn();
    }

    /** One element of an array or container; where that is one itself, what lies in it lies in the whole. */
    Flow element(Flow of) {
        TypeUse awaited = of.type().awaited();
        if (awaited != of.type() && isContainer(awaited)) {
            return element(of.as(awaited)); // of the container that was waited for
        }
        TypeUse type = of.type().dimensions() > 0 ? of.type().element() : keptType(of.type());
        if (type.isUnknown() && Enumerations.named(of) != null) {
            return Flow.of(elementOf(of.first()), TypeUse.of(Enumerations.named(of)));
        }
        if (type.isUnknown() && ownSteps != null && ownSteps.has(of.type())) {
            return ownSteps.element(of);
        }
        return new Flow(of.origins()
                .stream()
                .map(origin -> isWrittenOut(origin, of.type()) || isWrapped(origin, of.type())
                        ? origin
                        : isContainer(type) && !holdsOne(type) ? within(origin) : elementOf(origin))
                .toList(), type);
    }

    /** What is gone through: of the object itself the field whose elements it hands out. */
    Flow through(Flow of) {
        return ownSteps == null ? of : ownSteps.through(of);
    }

    /** What a function that goes over a container is handed. */
    List<Origin> handed(Flow container) {
        return holdsOne(container.type())
                ? element(container).origins()
                : container.origins()
                        .stream()
                        .map(Containers::elementOf)
                        .filter(origin -> origin != Origin.UNKNOWN)
                        .toList();
    }

    /** What may be there, or was only put into what holds one, is that object again. */
    private boolean isWrapped(Origin origin, TypeUse wrapper) {
        return holdsOne(wrapper) && (origin instanceof Origin.OfField || origin instanceof Origin.OfParameter
                || origin instanceof Origin.ElementOf || origin instanceof Origin.Result);
    }

    /** An object that was made as one of the elements of a list written in place. */
    private static boolean isWrittenOut(Origin origin, TypeUse list) {
        return list.dimensions() > 0
                && (origin instanceof Origin.Fresh(CodeType made) && !made.external()
                        || origin instanceof Origin.OfFunction);
    }

    private static Origin within(Origin container) {
        return container instanceof Origin.Fresh || container == Origin.UNKNOWN
                ? Origin.UNKNOWN
                : copy(container, false);
    }

    static Origin elementOf(Origin container) {
        return container instanceof Origin.Fresh || container == Origin.UNKNOWN
                ? Origin.UNKNOWN
                : new Origin.ElementOf(container);
    }

    /** What an operation that adds puts into a container: the value itself, or what lies in it. */
    Flow added(String operation, Flow value) {
        return library.lists("addsAll", operation) && isContainer(value.type()) ? element(value) : value;
    }

    private TypeUse keptType(TypeUse type) {
        Kept kept = library.container(type);
        return kept == null ? TypeUse.UNKNOWN : kept.element();
    }

    /** What a library's operation on a container gives back: an element, or something over the same elements. */
    List<Origin> result(Operation callee, Flow receiver, TypeUse result) {
        boolean itsOwn = receiver.anyOf(Origin.Self.class) && callee.hasBody() && !callee.home().external();
        if (itsOwn || !isContainer(receiver.type())) {
            return List.of();
        }
        boolean same = isContainer(result) || result.isUnknown() && isContainer(callee.returns())
                || callee.name().equals("clone");
        boolean element = callee.returns().variable() != null && callee.returns().dimensions() == 0;
        if (!same && !element) {
            return List.of();
        }
        List<Origin> found = new ArrayList<>();
        for (Origin origin : receiver.origins()) {
            if (origin instanceof Origin.Fresh || origin instanceof Origin.Unknown) {
                continue;
            }
            found.add(same
                    ? copy(origin, detached(callee, result))
                    : isWrapped(origin, receiver.type()) ? origin : elementOf(origin));
        }
        return found;
    }

    /** What an operation known by name only gives back when it is called on a container; empty when that says nothing. */
    Flow byName(String operation, Flow receiver, TypeUse made) {
        if (library.oneElement(operation)) {
            return element(receiver);
        }
        if (library.sameElements(operation)) {
            return new Flow(receiver.origins()
                    .stream()
                    .map(origin -> origin instanceof Origin.Fresh || origin instanceof Origin.Unknown
                            ? origin
                            : copy(origin, !library.views(operation)))
                    .toList(),
                    likewise(receiver));
        }
        return library.maps(operation) ? Flow.of(computed(receiver), made.array(1)) : null;
    }

    /** Where objects lie in place or lists are values, a container that is put into a variable of its own type is another one. */
    Flow inPlace(Flow given, TypeUse variable) {
        boolean copied = library.rule(Rule.OBJECTS_IN_PLACE) && isContainer(variable) && !holdsOne(variable)
                && variable.dimensions() == 0 && !REFERS.matcher(variable.text()).find();
        boolean list = library.rule(Rule.LISTS_ARE_VALUES)
                && (given.type().dimensions() > 0 || given.type().type() == null && isContainer(given.type()));
        return !copied && !list
                ? given
                : new Flow(given.origins()
                        .stream()
                        .map(origin -> origin instanceof Origin.OfField ? copy(origin, true) : origin)
                        .toList(), given.type());
    }

    /** The type of another container of the same elements. */
    private TypeUse likewise(Flow container) {
        TypeUse type = container.type();
        TypeUse element = isContainer(type) ? keptType(type) : element(container).type();
        return type.dimensions() > 0 || element.isUnknown() && isContainer(type)
                ? type
                : element.isUnknown() ? element : element.array(1);
    }

    /** What is worked out from the elements of something that is kept or was given. */
    private static Origin computed(Flow from) {
        return switch (from.first()) {
            case Origin.OfField field -> new Origin.Result(null, field);
            case Origin.CopyOf copy -> new Origin.Result(null, copy);
            case Origin.ElementOf element -> new Origin.Result(null, element);
            default -> Origin.UNKNOWN;
        };
    }

    static Origin copy(Origin origin, boolean detached) {
        return origin instanceof Origin.CopyOf(Origin inner, boolean before)
                ? new Origin.CopyOf(inner, before || detached)
                : new Origin.CopyOf(origin, detached);
    }

    private boolean detached(Operation callee, TypeUse result) {
        return !library.views(callee.name())
                && (result.type() == null || !library.stepsThrough(result.type()));
    }

    /** What a library's operation without a container receiver hands on from its arguments. */
    List<Origin> fromArguments(Operation callee, List<Flow> arguments, TypeUse result) {
        List<Origin> found = new ArrayList<>();
        boolean container = isContainer(result);
        for (int i = 0; i < arguments.size(); i++) {
            Flow argument = arguments.get(i);
            TypeUse declared = i < callee.parameters().size() ? callee.parameters().get(i).type() : TypeUse.UNKNOWN;
            boolean handedOn = callee.returns().variable() != null
                    && callee.returns().variable() == declared.variable();
            for (Origin origin : argument.origins()) {
                if (handedOn || container && (origin instanceof Origin.OfFunction
                        || origin instanceof Origin.OfType(CodeType named) && !named.external())) {
                    found.add(origin);
                } else if (container && isContainer(argument.type()) && !(origin instanceof Origin.Unknown)
                        && !(origin instanceof Origin.Constant)) {
                    found.add(origin instanceof Origin.Fresh || origin instanceof Origin.OfFunction
                            ? origin
                            : copy(origin, detached(callee, result)));
                } else if (container && (origin instanceof Origin.Fresh
                        || isWrapped(origin, result))) {
                    found.add(origin);
                }
            }
        }
        return found;
    }
}
