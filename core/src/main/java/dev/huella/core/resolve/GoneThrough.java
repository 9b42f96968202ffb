package dev.huella.core.resolve;

import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import java.util.List;

/** What a call goes through that is not the receiver as written: a container handed to it, or what the object itself hands out. */
final class GoneThrough {
    private final Body body;
    private final Containers containers;

    GoneThrough(Body body, Containers containers) {
        this.body = body;
        this.containers = containers;
    }

    /**
     * What the call is taken to be on.
     *
     * @param callee null when it is not known
     * @param receiver null when none is written
     * @param on the receiver, or the object around a call without one
     */
    Flow through(Value.Call call, Operation callee, Flow receiver, Flow on, List<Flow> plain) {
        boolean goesOver = containers.goesOver(call.name());
        boolean nowhere = receiver == null || (goesOver || takesFunction(call)) && isOfLibrary(receiver);
        Flow handed = nowhere && callee == null && !body.from.isJava() && !body.world.library.copies(call.name())
                ? plain.stream()
                        .filter(flow -> flow != null && (containers.isContainer(flow.type())
                                || goesOver && containers.isGoneThrough(flow.type())))
                        .findFirst()
                        .orElse(on)
                : on;
        boolean elsewhere = callee == null || callee.home().external();
        return elsewhere && (goesOver || takesFunction(call)) ? containers.through(handed) : handed;
    }

    /** Not known, or a type from elsewhere: {@code Object.values(list)}, {@code itertools.chain(list)}. */
    private static boolean isOfLibrary(Flow receiver) {
        return receiver.equals(Flow.UNKNOWN)
                || receiver.first() instanceof Origin.OfType(CodeType type) && type.external();
    }

    private static boolean takesFunction(Value.Call call) {
        return !call.arguments().isEmpty() && Arguments.isFunction(call.arguments().getLast());
    }
}
