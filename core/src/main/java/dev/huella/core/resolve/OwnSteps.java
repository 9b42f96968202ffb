package dev.huella.core.resolve;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import java.util.List;

/** What one meets when going through a type of the code base that says how: its elements, by what hands out the steps. */
final class OwnSteps {
    private static final String ASKED = "asksForSteps";
    private static final String STEPS = "steps";
    private final Resolution world;
    private final Nesting nesting;

    OwnSteps(Resolution world) {
        this.world = world;
        this.nesting = new Nesting(world.library);
    }

    /** True for what is gone through with steps of its own, wherever they lead. */
    boolean has(TypeUse of) {
        return of.dimensions() == 0 && isOwn(of) && asked(of.type(), ASKED) != null;
    }

    /** One element, which comes from the operation that the language asks for steps; of an unknown type where nothing tells. */
    Flow element(Flow of) {
        CodeType type = of.type().type();
        Operation asked = asked(type, ASKED);
        List<Origin> elements = of.origins()
                .stream()
                .map(origin -> Containers.elementOf(new Origin.Result(asked, origin)))
                .toList();
        TypeUse steps = result(of.type(), asked);
        TypeUse inside = nesting.elementOf(steps);
        if (inside != null && steps.type() != null && world.library.lists("stepsThrough", steps.type().name())) {
            return new Flow(elements, nesting.innermost(inside)); // it names the collection it steps through
        }
        return new Flow(elements, inside == null ? stepped(steps) : inside);
    }

    /** What an iterator of the code base gives with each step. */
    private TypeUse stepped(TypeUse iterator) {
        TypeUse result = isOwn(iterator)
                ? result(iterator, asked(iterator.type(), STEPS))
                : TypeUse.UNKNOWN;
        TypeUse wrapped = nesting.elementOf(result);
        return wrapped == null ? result : wrapped;
    }

    private static boolean isOwn(TypeUse use) {
        return use.type() != null && !use.type().external() && !use.type().shape();
    }

    /** What takes a function to hand its elements to, as Ruby's {@code each} does, gives no steps. */
    private Operation asked(CodeType type, String list) {
        return world.library.names(list)
                .stream()
                .sorted()
                .flatMap(name -> world.members.operations(type, name).stream())
                .filter(operation -> !operation.home().external() && operation.parameters().isEmpty())
                .findFirst()
                .orElse(null);
    }

    private TypeUse result(TypeUse of, Operation asked) {
        TypeUse seen = asked == null ? null : world.supertypes.as(of, asked.home());
        return seen == null ? TypeUse.UNKNOWN : asked.returns().substitute(Supertypes.bindings(seen));
    }
}
