package dev.huella.core.resolve;

import dev.huella.core.model.CodeType;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** Types made for functions that stand where an interface is asked for, by the type whose text holds them. */
final class FunctionTypes {
    private final Map<CodeType, List<CodeType>> made = new ConcurrentHashMap<>();

    void add(CodeType function) {
        made.computeIfAbsent(function.outer(), key -> new ArrayList<>()).add(function);
    }

    /** Before the bodies are resolved again. */
    void clear() {
        made.clear();
    }

    /** In the order of the text: one thread reads the bodies of one type. */
    List<CodeType> in(CodeType type) {
        return made.getOrDefault(type, List.of());
    }
}
