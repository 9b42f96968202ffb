package dev.huella.core.resolve;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import java.util.List;
import java.util.Objects;

/** What one meets when going through a type of the code base that says how: its elements, by what hands out the steps. */
final class OwnSteps {
    private final Resolution world;
    private final Nesting nesting;
    private final List<String> asked;
    private final List<String> steps;

    /** The world must have its library and members. */
    OwnSteps(Resolution world) {
        this.world = world;
        this.nesting = new Nesting(world.library);
        this.asked = world.library.names("asksForSteps").stream().sorted().toList();
        this.steps = world.library.names("steps").stream().sorted().toList();
    }

    /** True for what is gone through with steps of its own, wherever they lead. */
    boolean has(TypeUse of) {
        return of.dimensions() == 0 && isOwn(of) && asked(of.type(), asked) != null;
    }

    /** What is gone through: of the object itself the field whose elements it hands out, where that is all it does. */
    Flow through(Flow of) {
        Field field = of.first() instanceof Origin.Self(CodeType self) && of.origins().size() == 1
                ? asked.stream()
                        .flatMap(name -> world.members.operations(self, name).stream())
                        .map(door -> world.plain(door).stepsThrough())
                        .filter(Objects::nonNull)
                        .map(member -> kept(self, member))
                        .filter(kept -> kept != null && nesting.elementOf(kept.type()) != null)
                        .findFirst()
                        .orElse(null)
                : null;
        return field == null ? of : Flow.ofOwn(field);
    }

    /** The field of that name, or the one that an operation of that name gives; null for others. */
    private Field kept(CodeType self, String member) {
        Field field = world.members.field(self, member);
        return field != null
                ? field
                : world.members.operations(self, member)
                        .stream()
                        .map(getter -> world.plain(getter).gives())
                        .filter(Objects::nonNull)
                        .map(given -> world.members.field(self, given))
                        .filter(Objects::nonNull)
                        .findFirst()
                        .orElse(null);
    }

    /** One element, which comes from the operation that the language asks for steps; of an unknown type where nothing tells. */
    Flow element(Flow of) {
        CodeType type = of.type().type();
        Operation door = asked(type, asked);
        List<Origin> elements = of.origins()
                .stream()
                .map(origin -> Containers.elementOf(new Origin.Result(door, origin)))
                .toList();
        TypeUse handed = result(of.type(), door);
        TypeUse inside = nesting.elementOf(handed);
        if (inside != null && handed.type() != null && world.library.lists("stepsThrough", handed.type().name())) {
            return new Flow(elements, nesting.innermost(inside)); // it names the collection it steps through
        }
        return new Flow(elements, inside == null ? stepped(handed) : inside);
    }

    /** What an iterator of the code base gives with each step. */
    private TypeUse stepped(TypeUse iterator) {
        TypeUse result = isOwn(iterator)
                ? result(iterator, asked(iterator.type(), steps))
                : TypeUse.UNKNOWN;
        TypeUse wrapped = nesting.elementOf(result);
        return wrapped == null ? result : wrapped;
    }

    private static boolean isOwn(TypeUse use) {
        return use.type() != null && !use.type().external() && !use.type().shape();
    }

    /** What takes a function to hand its elements to, as Ruby's {@code each} does, gives no steps. */
    private Operation asked(CodeType type, List<String> names) {
        for (String name : names) {
            for (Operation operation : world.members.operations(type, name)) {
                if (!operation.home().external() && operation.parameters().isEmpty()) {
                    return operation;
                }
            }
        }
        return null;
    }

    private TypeUse result(TypeUse of, Operation door) {
        TypeUse seen = door == null ? null : world.supertypes.as(of, door.home());
        return seen == null ? TypeUse.UNKNOWN : door.returns().substitute(Supertypes.bindings(seen));
    }
}
