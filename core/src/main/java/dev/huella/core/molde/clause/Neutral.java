package dev.huella.core.molde.clause;

import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import dev.huella.core.resolve.LibraryKnowledge;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/** Values that stand for none: nothing, zero, no elements; also where the library only wraps them, to be waited for or gone through. */
final class Neutral {
    private static final Set<String> NONE = Set.of("null", "false", "\"\"", "''", "[]");
    private static final Pattern ZERO = Pattern.compile("0(\\.0*)?[lLfFdDmMuUn]*");

    private Neutral() {}

    /** All the operation does is return a value that stands for none, an empty container, or its only input as it came. */
    static boolean givesNothing(Operation operation) {
        Flow value = Bodies.onlyReturn(operation);
        return value != null ? isNone(value, operation) : givesEmpty(operation) || wrapsNone(operation);
    }

    /** True for a value that stands for none, or is all that the operation was given. */
    static boolean isNone(Flow value, Operation operation) {
        return value.origins().stream().allMatch(origin -> isNone(origin, operation));
    }

    private static boolean isNone(Origin origin, Operation operation) {
        return switch (origin) {
            case Origin.Constant(String text) -> text == null || NONE.contains(text) || ZERO.matcher(text).matches();
            case Origin.OfParameter(Operation of, int _) -> of == operation && operation.parameters().size() == 1
                    && operation.home().kind() != TypeKind.FUNCTION;
            default -> false;
        };
    }

    private static boolean givesEmpty(Operation operation) {
        LibraryKnowledge library = LibraryKnowledge.of(operation.home());
        List<Deed> deeds = operation.deeds();
        return operation.kind() == Kind.OPERATION && deeds.size() == 2
                && deeds.getLast() instanceof Deed.Returns returns && returns.value() != null
                && switch (deeds.getFirst()) {
                    case Deed.Creates creates -> creates.arguments().isEmpty()
                            && (library.container(TypeUse.of(creates.type())) != null
                                    || library.lists("neutralTypes", creates.type().name()));
                    case Deed.Calls calls -> calls.arguments().isEmpty() && isOfLibrary(calls)
                            && library.container(returns.value().type()) != null;
                    default -> false;
                };
    }

    /** One after the other, calls of the library that put what stands for none into something that holds it. */
    private static boolean wrapsNone(Operation operation) {
        LibraryKnowledge library = LibraryKnowledge.of(operation.home());
        List<Deed> deeds = operation.deeds();
        return operation.kind() == Kind.OPERATION && deeds.size() > 1
                && deeds.getLast() instanceof Deed.Returns returns && returns.value() != null
                && returns.within() == null
                && returns.value()
                        .origins()
                        .stream()
                        .allMatch(origin -> origin instanceof Origin.Result || isNone(origin, operation))
                && deeds.subList(0, deeds.size() - 1)
                        .stream()
                        .allMatch(deed -> deed instanceof Deed.Calls calls && isOfLibrary(calls)
                                && library.lists("neutralCalls", calls.name())
                                && calls.arguments()
                                        .stream()
                                        .allMatch(given -> isNone(given, operation)
                                                || given.anyOf(Origin.Result.class)));
    }

    private static boolean isOfLibrary(Deed.Calls calls) {
        return calls.callee() == null || calls.callee().home().external() && calls.callee().isStatic();
    }
}
