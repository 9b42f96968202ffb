package dev.huella.core.reading;

import dev.huella.core.facts.Step;
import dev.huella.core.facts.Value;
import java.util.List;

/** Values that are filed under keys: what lies there is the second of each pair. */
public final class Pairs {
    private Pairs() {}

    /**
     * What is kept of pairs.
     *
     * @param pairs written in place, or made of each of several by a function
     * @param all the operation of the language that gives the same elements
     * @return null for anything else
     */
    public static Value kept(Value pairs, String all) {
        return switch (pairs) {
            case Value.ArrayOf(var type, List<Value> written, var at) when !written.isEmpty()
                    && written.stream().allMatch(pair -> second(pair) != null) ->
                new Value.ArrayOf(type, written.stream().map(Pairs::second).toList(), at);
            case Value.Call call when call.receiver() != null && call.arguments().size() == 1
                    && call.arguments().getFirst() instanceof Value.Function filing ->
                filed(call, filing, all);
            case null, default -> null;
        };
    }

    private static Value filed(Value.Call call, Value.Function filing, String all) {
        Value value = filing.body().size() == 1 && filing.body().getFirst() instanceof Step.Return(Value pair, var _)
                ? second(pair)
                : null;
        if (value == null || filing.parameters().size() != 1) {
            return null;
        }
        return value instanceof Value.Name name && name.name().equals(filing.parameters().getFirst().name())
                ? new Value.Call(call.receiver(), all, List.of(), call.at())
                : new Value.Call(call.receiver(), "map", List.of(new Value.Function(filing.parameters(),
                        List.of(new Step.Return(value, filing.at())), filing.at())), call.at());
    }

    private static Value second(Value pair) {
        return switch (pair) {
            case Value.ArrayOf(var _, List<Value> both, var _) when both.size() == 2 -> both.getLast();
            case Value.Cast cast -> second(cast.value());
            case null, default -> null;
        };
    }
}
