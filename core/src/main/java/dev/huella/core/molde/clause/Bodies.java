package dev.huella.core.molde.clause;

import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What a body amounts to as a whole. */
final class Bodies {
    /** A text with something in it. */
    private static final Pattern SAID = Pattern.compile("(?s)[`'\"].+[`'\"]");

    private Bodies() {}

    /** There is a body, and it does nothing; handing on to the supertype's own counts as something. */
    static boolean empty(Operation operation) {
        return operation.kind() == Kind.OPERATION && operation.hasBody() && operation.deeds().isEmpty();
    }

    /** All it returns is its own object. */
    static boolean handsBackItself(Operation operation) {
        List<Flow> returned = Origins.returned(operation);
        return !returned.isEmpty() && returned.stream()
                .allMatch(value -> value.origins().stream().allMatch(origin -> origin instanceof Origin.Self));
    }

    /** What an operation of its own gives that each kind answers by handing back its own object. */
    static boolean isItself(Flow value) {
        return value.origins().size() == 1
                && value.first() instanceof Origin.Result(Operation asked, Origin of) && of instanceof Origin.Self
                && asked != null && (asked.hasBody()
                        ? handsBackItself(asked)
                        : asked.parameters().isEmpty() && !asked.overriders().isEmpty()
                                && asked.overriders().stream().allMatch(Bodies::handsBackItself));
    }

    /** All it does is say that it is not supported. */
    static boolean refuses(Operation operation) {
        boolean unsupported = false;
        for (Deed deed : operation.deeds()) {
            switch (deed) {
                case Deed.Throws thrown when thrown.type() != null
                        && LibraryKnowledge.of(operation.home()).unsupported(thrown.type())
                        && thrown.within() == null ->
                    unsupported = true;
                case Deed.Creates _ -> {
                    // the error itself
                }
                case Deed.Throws thrown when thrown.type() == null && thrown.within() == null -> {
                    // an error whose kind the call before it names
                }
                case Deed.Returns returns when returns.within() == null && calledOnly(returns) -> {
                    // what a call that ends all would give
                }
                case Deed.Calls calls when LibraryKnowledge.of(operation.home()).unsupported(calls.name())
                        && calls.within() == null ->
                    unsupported = true; // the error itself, of which only the name is known, or a call that ends all
                default -> {
                    return false;
                }
            }
        }
        return unsupported;
    }

    private static boolean calledOnly(Deed.Returns returns) {
        return returns.value() == null
                || returns.value().origins().stream().allMatch(origin -> origin instanceof Origin.Result);
    }

    /** All it does is give back what it was given. */
    static boolean passesInput(Operation operation) {
        Flow value = onlyReturn(operation);
        return value != null && value.origins().stream().allMatch(origin -> origin instanceof Origin.OfParameter);
    }

    /** All it does is say something fixed where others of its kind do more. */
    static boolean says(Operation operation) {
        return isFixed(operation) && (operation.overridden()
                .stream()
                .flatMap(above -> above.overriders().stream())
                .anyMatch(other -> other != operation && other.hasBody() && !isFixed(other))
                || operation.home()
                        .supertypes()
                        .stream()
                        .filter(above -> above.type() != null && above.type().shape())
                        .flatMap(above -> above.type().subtypes().stream())
                        .flatMap(type -> type.declaredFields().stream())
                        .anyMatch(field -> field.name().equals(operation.name())
                                && field.modifiers().visibility() == Visibility.PUBLIC));
    }

    /** It only answers that its object is the one of a kind: true, where each other realisation says false. */
    static boolean tellsItsKind(Operation operation) {
        List<Operation> others = operation.overridden()
                .stream()
                .flatMap(above -> Stream.concat(Stream.of(above), above.overriders().stream()))
                .filter(other -> other != operation && other.hasBody())
                .toList();
        return operation.parameters().isEmpty() && isTruth(operation, "true") && !others.isEmpty()
                && others.stream().allMatch(other -> isTruth(other, "false"));
    }

    private static boolean isTruth(Operation operation, String truth) {
        Flow value = onlyReturn(operation);
        return value != null && value.origins()
                .stream()
                .allMatch(origin -> origin instanceof Origin.Constant(String text) && truth.equalsIgnoreCase(text));
    }

    private static boolean isFixed(Operation operation) {
        Flow value = onlyReturn(operation);
        return value != null && value.origins()
                .stream()
                .allMatch(origin -> origin instanceof Origin.Constant(String text) && !text.matches("[-+]?[0-9].*"));
    }

    /** All it does is return a constant or a field, and it is asked without input. */
    static boolean reports(Operation operation) {
        Flow value = operation.parameters().isEmpty() ? onlyReturn(operation) : null;
        return value != null && value.origins()
                .stream()
                .allMatch(origin -> origin instanceof Origin.Constant || Origins.whole(origin) != null);
    }

    /** It reports something other than a text of its own, which is its work. */
    static boolean onlyReports(Operation operation) {
        return reports(operation) && !speaks(operation);
    }

    /** All it does is give back a text that is written in it, as work does in an example. */
    static boolean speaks(Operation operation) {
        Flow value = operation.parameters().isEmpty() ? onlyReturn(operation) : null;
        return value != null && value.origins()
                .stream()
                .allMatch(origin -> origin instanceof Origin.Constant(String text) && text != null
                        && SAID.matcher(text).matches());
    }

    static Flow onlyReturn(Operation operation) {
        List<Deed> deeds = operation.deeds();
        return operation.kind() == Kind.OPERATION && deeds.size() == 1
                && deeds.getFirst() instanceof Deed.Returns returns
                        ? returns.value()
                        : null;
    }

    /** Whatever it does, it ends with an error. */
    static boolean onlyFails(Operation operation) {
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Throws thrown && thrown.within() == null)
                && operation.deeds()
                        .stream()
                        .noneMatch(deed -> deed instanceof Deed.Returns || deed instanceof Deed.Sets);
    }
}
