package dev.huella.core.resolve;

import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.model.TypeUse;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;

/** Where a language lets an object read or write all that it has at once, under the names of its fields. */
final class WholeObject {
    private static final String MEMBER = "allFields";
    private static final String READ = "readsAllFields";
    private static final String WRITE = "writesAllFields";

    private WholeObject() {}

    /** True for {@code self.__dict__}, {@code vars(self)} and the like. */
    static boolean is(Value value, LibraryKnowledge library) {
        return switch (value) {
            case Value.Member(Value.Self _, String name, var _) -> library.lists(MEMBER, name);
            case Value.Call call -> call.receiver() == null && call.arguments().size() == 1
                    && call.arguments().getFirst() instanceof Value.Self && library.lists(READ, call.name());
            case null, default -> false;
        };
    }

    /** All that the object has, put together; null where nothing is known of it. */
    static Flow of(CodeType type, Resolution world) {
        List<Origin> parts = new ArrayList<>();
        for (Field field : fields(type, world)) {
            parts.add(new Origin.Result(null, new Origin.OfField(field, true)));
        }
        return parts.isEmpty() ? null : new Flow(parts, TypeUse.UNKNOWN);
    }

    /** A copy of all that the object has; null for all other calls. */
    static Flow copied(Value.Call call, Body body) {
        LibraryKnowledge library = body.world.library;
        boolean asked = call.receiver() != null && is(call.receiver(), library);
        boolean given = call.arguments().size() == 1 && is(call.arguments().getFirst(), library);
        return (asked || given) && library.copies(call.name()) ? of(body.type, body.world) : null;
    }

    /** Notes what goes into the fields, whichever they are, where a call gives them values out of something. */
    static boolean written(Value.Call call, Body body, ValueResolver values) {
        LibraryKnowledge library = body.world.library;
        boolean into = call.receiver() instanceof Value.Self && library.lists(MEMBER, call.name())
                || library.lists(WRITE, call.name()) && call.arguments().size() == 2
                        && call.arguments().getFirst() instanceof Value.Self;
        Value from = into && !call.arguments().isEmpty() ? call.arguments().getLast() : null;
        if (from == null || from instanceof Value.Cast || from instanceof Value.Self) {
            return false; // what is written in place has its own steps
        }
        boolean copied = from instanceof Value.Call copy && library.copies(copy.name()) && copy.arguments().size() == 1;
        set(values.flow(copied ? ((Value.Call) from).arguments().getFirst() : from), body, call.at());
        return true;
    }

    /** Each of the fields gets something out of {@code from}. */
    private static void set(Flow from, Body body, SourceSpan at) {
        Flow part = new Flow(from.origins().stream().<Origin>map(origin -> new Origin.Result(null, origin)).toList(),
                TypeUse.UNKNOWN);
        fields(body.type, body.world)
                .forEach(field -> body.add(new Deed.Sets(field, true, part, body.setting, at)));
    }

    /** One after the other, in a loop over what they get. */
    static void setEach(Value target, Flow given, Body body, SourceSpan at) {
        if (target instanceof Value.Self && body.world.library.rule(Rule.DYNAMIC)
                && given.first() instanceof Origin.ElementOf(Origin from)
                && Setting.inside(body.setting, Setting.Kind.EACH)) {
            set(Flow.of(from, TypeUse.UNKNOWN), body, at);
        }
    }

    private static List<Field> fields(CodeType type, Resolution world) {
        List<Field> all = new ArrayList<>(type.fields());
        world.supertypes.above(type)
                .stream()
                .filter(above -> !above.external())
                .forEach(above -> all.addAll(above.fields()));
        all.removeIf(Field::isStatic);
        return all;
    }
}
