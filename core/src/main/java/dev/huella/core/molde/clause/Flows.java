package dev.huella.core.molde.clause;

import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import java.util.function.Predicate;

/** How values and control go from one operation to another. */
final class Flows {
    private Flows() {}

    /** True when one of the arguments may be of such an origin. */
    static boolean hands(Deed.Calls calls, Predicate<Origin> kind) {
        for (Flow argument : calls.arguments()) {
            if (argument.any(kind)) {
                return true;
            }
        }
        return false;
    }

    /** What an object has of its own, or was given: not the object itself, nor what is written out. */
    static boolean isData(Origin origin) {
        return switch (origin) {
            case Origin.OfField(var field, boolean own) -> own && !field.isStatic();
            case Origin.OfParameter _ -> true;
            case Origin.ElementOf(Origin container) -> isData(container);
            case Origin.CopyOf(Origin container, boolean _) -> isData(container);
            case Origin.Result(Operation _, Origin receiver) -> receiver != null && isData(receiver);
            case Origin.Self _, Origin.OfFunctionParameter _, Origin.Fresh _, Origin.OfFunction _, Origin.Constant _,
                    Origin.OfType _, Origin.Unknown _ ->
                false;
        };
    }

    /** True when a parameter of the operation is what the value is, or what the value was copied from. */
    static boolean fromInput(Flow value, Operation operation) {
        return value.any(origin -> isInput(origin, operation)
                || origin instanceof Origin.CopyOf(Origin inner, boolean _) && isInput(inner, operation));
    }

    /** What the constructor in the head of a type is given is there for what its fields begin with. */
    private static boolean isInput(Origin origin, Operation operation) {
        return Origins.parameter(origin, operation) != null
                || operation.kind() == Kind.INITIALISER && !operation.isStatic()
                        && origin instanceof Origin.OfParameter(Operation head, int _) && head.isConstructor()
                        && head.home() == operation.home();
    }
}
