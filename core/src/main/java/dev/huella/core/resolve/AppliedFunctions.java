package dev.huella.core.resolve;

import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import java.util.Collections;
import java.util.List;

/**
 * Functions that are kept or handed in and given to a call of the language's library that sorts, chooses or works
 * something out with them: the library calls them for whoever gives them.
 */
final class AppliedFunctions {
    private final Body body;
    private final Containers containers;

    AppliedFunctions(Body body, Containers containers) {
        this.body = body;
        this.containers = containers;
    }

    /** {@code given}: the arguments as they are written. */
    void by(Value.Call call, Operation callee, Flow on, List<Flow> given) {
        if (callee != null && !callee.home().external() || given.isEmpty()) {
            return;
        }
        boolean first = body.world.library.lists("appliesFirst", call.name());
        boolean two = body.world.library.lists("appliesToTwo", call.name());
        if (first || two || body.world.library.lists("applies", call.name())) {
            int at = first ? 0 : labelled(call.arguments());
            Flow function = given.get(at);
            boolean alone = call.receiver() != null || given.size() > 1
                    || call.arguments().get(at) instanceof Value.Labelled;
            if (alone && !Arguments.isFunction(call.arguments().get(at)) && mayBe(function)) {
                apply(call, function, containers.element(on), two ? 2 : 1);
            }
        }
    }

    /** The function has a name of its own where arguments have names; otherwise it comes last. */
    private static int labelled(List<Value> arguments) {
        for (int i = 0; i < arguments.size(); i++) {
            if (arguments.get(i) instanceof Value.Labelled) {
                return i;
            }
        }
        return arguments.size() - 1;
    }

    private boolean mayBe(Flow flow) {
        if (flow == null || !flow.anyOf(Origin.OfField.class) && !flow.anyOf(Origin.OfParameter.class)
                || containers.isContainer(flow.type())) {
            return false;
        }
        CodeType type = flow.type().type();
        return flow.type().isUnknown() || type != null && flow.type().dimensions() == 0
                && (type.kind() == TypeKind.FUNCTION || type.external() || body.world.members.single(type) != null);
    }

    private void apply(Value.Call call, Flow function, Flow element, int many) {
        CodeType type = function.type().type();
        Operation single = type == null ? null : body.world.members.single(type);
        int arguments = single == null ? many : single.parameters().size();
        body.add(new Deed.Calls(single, single == null ? Value.APPLY : single.name(), function,
                Collections.nCopies(arguments, element), true, body.setting, call.at()));
    }
}
