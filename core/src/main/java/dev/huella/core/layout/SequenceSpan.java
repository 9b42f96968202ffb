package dev.huella.core.layout;

import dev.huella.core.diagram.CallSequence.Fragment;
import dev.huella.core.diagram.CallSequence.Message;
import dev.huella.core.diagram.CallSequence.Operand;
import dev.huella.core.diagram.CallSequence.Step;
import java.util.List;

/** From which lifeline to which steps reach, and how deep fragments stand in each other. */
final class SequenceSpan {
    private SequenceSpan() {}

    static int low(Fragment fragment, int none) {
        return fragment.operands().stream().mapToInt(operand -> low(operand.steps(), none)).min().orElse(none);
    }

    static int low(List<Step> steps, int none) {
        int low = none;
        for (Step step : steps) {
            low = Math.min(low, switch (step) {
                case Message message -> Math.min(Math.min(Math.max(0, message.from()), message.to()),
                        low(message.inside(), none));
                case Fragment fragment -> low(fragment, none);
            });
        }
        return low;
    }

    static int high(Fragment fragment) {
        return fragment.operands().stream().mapToInt(operand -> high(operand.steps())).max().orElse(0);
    }

    private static int high(List<Step> steps) {
        int high = 0;
        for (Step step : steps) {
            high = Math.max(high, switch (step) {
                case Message message -> Math.max(Math.max(message.from(), message.to()), high(message.inside()));
                case Fragment fragment -> high(fragment);
            });
        }
        return high;
    }

    /** How many fragments stand inside each other below this one. */
    static int depth(Fragment fragment) {
        int deepest = 0;
        for (Operand operand : fragment.operands()) {
            deepest = Math.max(deepest, depth(operand.steps()));
        }
        return deepest;
    }

    private static int depth(List<Step> steps) {
        int deepest = 0;
        for (Step step : steps) {
            deepest = Math.max(deepest, switch (step) {
                case Message message -> depth(message.inside());
                case Fragment fragment -> 1 + depth(fragment);
            });
        }
        return deepest;
    }
}
