package dev.huella.core.reading;

import dev.huella.core.facts.Step;
import dev.huella.core.facts.Value;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * In languages where giving a value to a name makes a variable of the whole function, gathers those names so that
 * they are declared where the function begins. Functions inside functions open a frame of their own.
 */
public final class LocalNames {
    private final Deque<Frame> frames = new ArrayDeque<>();

    /** One function's names. */
    private static final class Frame {
        private final Map<String, SourceSpan> assigned = new LinkedHashMap<>();
        private final Set<String> elsewhere = new HashSet<>();
        private final Set<String> parameters = new HashSet<>();
    }

    /** Enters a function. */
    public void enter(Collection<String> parameters) {
        var frame = new Frame();
        frame.parameters.addAll(parameters);
        frames.push(frame);
    }

    /** The name is one of a function around this one, or of the file. */
    public void elsewhere(String name) {
        if (!frames.isEmpty()) {
            frames.peek().elsewhere.add(name);
        }
    }

    /** The name is declared by the statement that it stands in. */
    public void parameter(String name) {
        if (!frames.isEmpty()) {
            frames.peek().parameters.add(name);
        }
    }

    /** Notes the target of an assignment; anything but a bare name is none. */
    public void assigned(Value target) {
        if (target instanceof Value.Name(String name, SourceSpan at) && !frames.isEmpty()) {
            frames.peek().assigned.putIfAbsent(name, at);
        }
    }

    /** True when the name is known in this function already. */
    public boolean knows(String name) {
        return frames.stream().anyMatch(frame -> frame.parameters.contains(name) || frame.assigned.containsKey(name));
    }

    /** Leaves the function: its body with the declarations before it. */
    public List<Step> leave(List<Step> body) {
        Frame frame = frames.pop();
        List<Step> all = new ArrayList<>();
        frame.assigned.forEach((name, at) -> {
            if (!frame.parameters.contains(name) && !frame.elsewhere.contains(name)) {
                all.add(new Step.Declare(name, null, null, at));
            }
        });
        all.addAll(body);
        return all;
    }
}
