package dev.huella.core.resolve;

import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.source.SourceSpan;
import java.util.List;

/** What a call gets done by a body so plain that its text tells: a field read or set, or what was handed given back. */
final class PlainCalls {
    private final Body body;

    PlainCalls(Body body) {
        this.body = body;
    }

    /** The field of the object itself that one of its own operations gives, and does nothing else; null for others. */
    Field fieldGiven(Operation callee, Flow on) {
        boolean own = callee != null && on.first() instanceof Origin.Self(CodeType self) && callee.home() == self
                && !callee.isStatic() && isOwnText(self);
        String given = own ? body.world.plain(callee).gives() : null;
        return given == null ? null : body.world.members.field(callee.home(), given);
    }

    /** Fields of the object itself that a call sets to what it is handed, or to what lies in that. */
    void note(Value.Call call, Operation callee, Flow on, List<Flow> arguments) {
        if (callee == null && !arguments.isEmpty() && arguments.getFirst().first() instanceof Origin.Self(CodeType self)
                && body.world.library.lists("givesBackFirst", call.name())) {
            arguments.stream().skip(1).forEach(from -> noteTakenOver(self, from, call.at()));
        }
        noteSet(callee, on, arguments, call.at());
    }

    /** Fields of the object itself that one of its operations sets to what it is handed. */
    void noteSet(Operation callee, Flow on, List<Flow> arguments, SourceSpan at) {
        if (callee != null && !callee.isStatic() && on.first() instanceof Origin.Self) {
            body.world.plain(callee).sets().forEach((member, from) -> {
                Field field = from < arguments.size() ? body.world.members.field(callee.home(), member) : null;
                if (field != null && !field.isStatic()) {
                    body.add(new Deed.Sets(field, true, arguments.get(from), body.setting, at));
                }
            });
        }
    }

    /** Each field of the object itself that another object has as well is set to what it has there. */
    private void noteTakenOver(CodeType self, Flow from, SourceSpan at) {
        CodeType type = from.type().type();
        if (type == null || type.external() || NameResolver.isType(from)) {
            return;
        }
        for (Field field : self.fields()) {
            Field other = field.isStatic() ? null : body.world.members.field(type, field.name());
            if (other != null && !other.isStatic()) {
                Origin there = new Origin.OfField(other, false);
                body.add(new Deed.Sets(field, true, Flow.of(there, other.type()), body.setting, at));
            }
        }
    }

    /** False where the body was added to the type from outside. */
    private boolean isOwnText(CodeType self) {
        return self.place() == null || body.operation.place() == null
                || self.place().contains(body.operation.place());
    }

    /** What was given and may be the result; empty where that may be anything else, or another body may do it. */
    List<Flow> handedBack(Operation callee, List<Flow> arguments) {
        if (!callee.isStatic() && callee.modifiers().visibility() != Visibility.PRIVATE) {
            return List.of();
        }
        return body.world.plain(callee)
                .handsBack()
                .stream()
                .filter(at -> at < arguments.size())
                .map(arguments::get)
                .toList();
    }
}
