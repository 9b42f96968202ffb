package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Element;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.model.TypeUse;
import java.util.List;

/** Calls by which listeners join and leave a list that the library keeps, and by which they are told. */
final class ListenerCalls {
    private final Body body;
    private final ValueResolver values;
    private final CallResolver calls;
    private final DynamicCalls others;

    ListenerCalls(Body body, ValueResolver values, CallResolver calls, DynamicCalls others) {
        this.body = body;
        this.values = values;
        this.calls = calls;
        this.others = others;
    }

    /** Null when the call is none of those. {@code receiver} is null where none is written. */
    Flow call(Value.Call call, Flow receiver, boolean used) {
        if (body.world.library.connects(call.name()) && call.arguments().size() > 2) {
            return connect(call);
        }
        ListenerLists lists = body.world.library.listenerLists();
        if (!lists.mayKnow(call.name())) {
            return null;
        }
        CodeType type = receiver == null ? body.type : receiver.type().erased();
        ListenerLists.Kind kind = type == null ? null : kind(lists, type);
        Field behind = kind == null ? behind(receiver) : null;
        kind = behind == null ? kind : lists.of(behind.type().erased());
        if (kind == null || !kind.knows(call.name()) || behind != null && kind.tells().contains(call.name())) {
            return null;
        }
        Flow list = behind == null
                ? list(lists, type, receiver, call)
                : reached(lists.list(behind, body.world), receiver, call);
        boolean joins = kind.joins().contains(call.name());
        if (list == null || joins && call.arguments().isEmpty()) {
            return null;
        }
        if (kind.tells().contains(call.name())) {
            tell(call, kind, list, false); // the library gives back nothing of what listeners answer
        } else {
            move(call, kind, list, joins);
        }
        return receiver == null ? Flow.of(new Origin.Self(body.type), TypeUse.of(body.type)) : receiver;
    }

    /** The field that holds what keeps those to tell, where it is reached through what only lets others join. */
    private Field behind(Flow receiver) {
        Element front = receiver == null
                ? null
                : switch (receiver.first()) {
                    case Origin.OfField(Field field, boolean _) -> field;
                    case Origin.Result(Operation callee, Origin _) -> callee;
                    default -> null;
                };
        return front == null ? null : body.world.fronts.get(front);
    }

    private ListenerLists.Kind kind(ListenerLists lists, CodeType type) {
        return type.external() ? lists.of(type) : lists.through(type, body.world.supertypes);
    }

    /** The list of a type that is such a base, or the field that holds an object of the library. */
    private Flow list(ListenerLists lists, CodeType type, Flow receiver, Value.Call call) {
        Element owner = type;
        if (type.external()) {
            owner = receiver == null
                    ? null
                    : receiver.origins()
                            .stream()
                            .map(origin -> origin instanceof Origin.OfField(Field held, boolean _) ? held : null)
                            .filter(held -> held != null)
                            .findFirst()
                            .orElse(null);
        }
        return reached(owner == null ? null : lists.list(owner, body.world), receiver, call);
    }

    private Flow reached(Field list, Flow receiver, Value.Call call) {
        boolean own = receiver == null || receiver.any(origin -> origin instanceof Origin.OfField(Field _, boolean mine)
                && mine);
        if (list == null || own) {
            return list == null ? null : Flow.ofOwn(list);
        }
        return values.names().ofField(list, receiver, call.at());
    }

    /** {@code connect(sender, &Type::signal, receiver, &Type::slot)}; null when the second names no signal. */
    private Flow connect(Value.Call call) {
        List<Value> given = call.arguments();
        String named = named(given.get(1));
        String signal = named == null ? NameResolver.path(given.get(1)) : named;
        int dot = signal == null ? -1 : signal.lastIndexOf('.');
        CodeType type = named != null
                ? values.quietly(given.getFirst()).type().erased()
                : dot < 0 ? null : body.world.names.known(signal.substring(0, dot), body.from);
        Field field = type == null ? null : body.world.members.field(type, signal.substring(dot + 1));
        if (field == null || !field.modifiers().has(Mark.EVENT)) {
            return null;
        }
        Flow list = values.names().ofField(field, values.flow(given.getFirst()), call.at());
        return joined(call, list, field.type());
    }

    /** The last of what is given is told from then on, on the object before it where it is only named. */
    private Flow joined(Value.Call call, Flow list, TypeUse asked) {
        List<Value> all = call.arguments();
        int last = Math.min(3, all.size() - 1);
        Value listener = all.get(last);
        String named = named(listener);
        String slot = NameResolver.path(listener);
        if (named != null) {
            Value on = last == 3 ? all.get(2) : new Value.Self(null, listener.at());
            listener = new Value.Reference(on, null, named, listener.at());
        } else if (slot != null && slot.contains(".")) {
            listener = new Value.Reference(null, TypeText.of(slot.substring(0, slot.lastIndexOf('.'))),
                    slot.substring(slot.lastIndexOf('.') + 1), listener.at());
        }
        Flow given = values.flow(listener, asked, "");
        body.add(new Deed.Calls(null, "+=", list, List.of(given), false, body.setting, call.at()));
        return Flow.of(Origin.UNKNOWN, TypeUse.UNKNOWN);
    }

    /** The operation that a macro names, {@code SIGNAL(moved())}; null for all other values. */
    private String named(Value value) {
        return value instanceof Value.Call(Value of, String macro, List<Value> inside, var _) && of == null
                && body.world.library.lists("names", macro) && inside.size() == 1
                && inside.getFirst() instanceof Value.Call meant && meant.receiver() == null ? meant.name() : null;
    }

    /** Calling an object of the library that keeps functions calls each of them; null for all other calls. */
    Flow applied(Value.Call call, Flow receiver, boolean used) {
        ListenerLists.Kind kind = body.world.library.listenerLists().of(receiver.type().erased());
        Flow list = kind == null || !kind.tells().contains(Value.APPLY)
                ? null
                : list(body.world.library.listenerLists(), receiver.type().erased(), receiver, call);
        if (list != null) {
            tell(call, kind, list, used);
        }
        return list;
    }

    private void move(Value.Call call, ListenerLists.Kind kind, Flow list, boolean joins) {
        int at = Math.min(kind.takes(), call.arguments().size() - 1);
        Flow given = at < 0
                ? Flow.of(Origin.UNKNOWN, TypeUse.UNKNOWN)
                : values.flow(call.arguments().get(at), values.containers().element(list).type(), "");
        body.add(new Deed.Calls(null, joins ? "+=" : "-=", list, List.of(given), false, body.setting, call.at()));
    }

    private void tell(Value.Call call, ListenerLists.Kind kind, Flow list, boolean used) {
        List<Value> handedOn = call.arguments()
                .subList(Math.min(kind.skips(), call.arguments().size()), call.arguments().size());
        var telling = new Value.Call(call.receiver(), kind.update(), handedOn, call.at());
        Flow each = values.containers().element(list);
        Setting around = body.setting;
        body.setting = new Setting(around, Setting.Kind.EACH, List.of(list), 0, 0);
        if (kind.update().equals(Value.APPLY)) {
            others.apply(telling, each, used, TypeUse.UNKNOWN);
        } else {
            List<Flow> plain = calls.arguments().plain(handedOn);
            CodeType listener = each.type().dimensions() > 0 ? null : each.type().erased();
            Operation callee = listener == null
                    ? null
                    : calls.overloads()
                            .choose(body.world.members.operations(listener, kind.update()), handedOn, plain);
            calls.called(telling, callee, each, plain, used, TypeUse.UNKNOWN);
        }
        body.setting = around;
    }
}
