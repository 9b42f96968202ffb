package dev.huella.core.layout;

import dev.huella.core.diagram.CallSequence;
import dev.huella.core.diagram.CallSequence.Fragment;
import dev.huella.core.diagram.CallSequence.Lifeline;
import dev.huella.core.diagram.CallSequence.Message;
import dev.huella.core.diagram.CallSequence.Operand;
import dev.huella.core.diagram.CallSequence.Step;
import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Drawing.Area;
import dev.huella.core.drawing.Mark;
import dev.huella.core.drawing.SequenceSketch;
import java.util.ArrayList;
import java.util.List;

/** A sequence of calls becomes a drawing: lifelines from left to right as they take part, time downwards. */
public final class SequenceLayout {
    private static final double MARGIN = 24;
    private static final double ROW = 34;
    private static final double BAR = 5;
    private static final double LOOP = 26;
    private static final double GAP = 26;
    private final CallSequence sequence;
    private final SequenceSketch sketch = new SequenceSketch();
    private final double[] centres;
    private final double[] headTops;
    private final double[] ends;
    private final double[] lefts;
    private final int[] busy;
    private double at;
    private double right;

    private SequenceLayout(CallSequence sequence) {
        this.sequence = sequence;
        int size = sequence.lifelines().size();
        centres = new double[size];
        headTops = new double[size];
        ends = new double[size];
        lefts = new double[size];
        busy = new int[size];
    }

    public static Drawing layOut(CallSequence sequence) {
        return new SequenceLayout(sequence).run();
    }

    private Drawing run() {
        columns();
        double tallest = sequence.lifelines().stream().mapToDouble(SequenceSketch::headHeight).max().orElse(0);
        for (int i = 0; i < centres.length; i++) {
            headTops[i] = MARGIN + tallest - SequenceSketch.headHeight(sequence.lifelines().get(i));
        }
        at = MARGIN + tallest + 14;
        message(sequence.start());
        double bottom = at + 10;
        for (int i = 0; i < centres.length; i++) {
            sketch.lifeline(sequence.lifelines().get(i), centres[i], headTops[i], bottom);
        }
        if (sequence.cut()) {
            sketch.note(MARGIN, bottom + 18, "There is more; only the first steps are shown.");
            bottom += 20;
        }
        List<Mark> marks = new ArrayList<>();
        List<Area> areas = new ArrayList<>();
        sketch.finish(marks, areas);
        return new Drawing(sequence.title(), right + MARGIN, bottom + MARGIN, marks, areas);
    }

    /** Far enough apart for the heads and for the texts of all messages between. */
    private void columns() {
        List<double[]> needs = new ArrayList<>();
        collect(List.of(sequence.start()), 0, needs);
        for (int i = 0; i < centres.length; i++) {
            double half = SequenceSketch.headWidth(sequence.lifelines().get(i)) / 2;
            double before = i == 0
                    ? MARGIN + 30
                    : centres[i - 1] + SequenceSketch.headWidth(sequence.lifelines().get(i - 1)) / 2 + GAP;
            centres[i] = before + half;
            for (double[] need : needs) {
                if ((int) need[1] == i) {
                    double from = need[0] < 0 ? MARGIN : centres[(int) need[0]];
                    centres[i] = Math.max(centres[i], from + need[2]);
                }
            }
            right = Math.max(right, centres[i] + half);
        }
        for (double[] need : needs) {
            if ((int) need[1] == centres.length) {
                right = Math.max(right, centres[(int) need[0]] + need[2]);
            }
        }
    }

    /** Adds left lifeline, right lifeline and the room between them that a text needs. */
    private void collect(List<Step> steps, int depth, List<double[]> into) {
        for (Step step : steps) {
            switch (step) {
                case Message message -> {
                    double text = Math.max(SequenceSketch.width(message.text()),
                            SequenceSketch.width(message.result())) + 34;
                    int low = Math.min(message.from(), message.to());
                    int high = Math.max(message.from(), message.to());
                    double head = message.creates() && high == message.to()
                            ? SequenceSketch.headWidth(sequence.lifelines().get(high)) / 2
                            : 0;
                    into.add(low == high
                            ? new double[]{low, low + 1, text + LOOP + 10}
                            : new double[]{low, high, text + head});
                    collect(message.inside(), depth, into);
                }
                case Fragment fragment -> {
                    for (Operand operand : fragment.operands()) {
                        int low = SequenceSpan.low(operand.steps(), centres.length);
                        double guard = SequenceSketch.width("[" + operand.guard() + "]") + 70;
                        into.add(new double[]{Math.max(0, low), Math.max(0, low) + 1, guard});
                        collect(operand.steps(), depth + 1, into);
                    }
                }
            }
        }
    }

    private void steps(List<Step> steps, int depth) {
        for (Step step : steps) {
            switch (step) {
                case Message message -> message(message);
                case Fragment fragment -> fragment(fragment, depth);
            }
        }
    }

    private void message(Message message) {
        int to = message.to();
        double start = at + ROW;
        boolean self = message.from() == to;
        if (message.creates() && message.from() >= 0 && !self && busy[to] == 0 && ends[to] == 0) {
            create(message, start);
        } else if (self) {
            sketch.own(edge(to, true), start, message, LOOP, SequenceSketch.barWidth(busy[to] + 1));
            start += 14;
        } else {
            boolean rightwards = message.from() < to;
            double from = message.from() < 0 ? MARGIN : edge(message.from(), rightwards);
            double end = centres[to] + (rightwards ? -BAR : BAR + busy[to] * BAR);
            sketch.call(from, end, start, message, message.from() < 0);
        }
        at = start;
        double top = start;
        busy[to]++;
        steps(message.inside(), 0);
        double bottom = at + (message.inside().isEmpty() ? 14 : 12);
        if (!message.result().isEmpty()) {
            at += 24;
            bottom = at;
            double from = centres[to] + (message.from() < to ? -BAR : BAR);
            if (!self && message.from() >= 0) {
                sketch.back(from, edge(message.from(), message.from() < to), at, message.result(), message.at());
            }
        }
        busy[to]--;
        sketch.bar(centres[to] + busy[to] * BAR, top, bottom, message.element());
        ends[to] = Math.max(ends[to], bottom);
        at = bottom;
    }

    private void create(Message message, double start) {
        Lifeline made = sequence.lifelines().get(message.to());
        double height = SequenceSketch.headHeight(made);
        double half = SequenceSketch.headWidth(made) / 2;
        boolean rightwards = message.from() < message.to();
        headTops[message.to()] = start - height / 2;
        sketch.create(edge(message.from(), rightwards), centres[message.to()] + (rightwards ? -half : half), start,
                message);
        at = start + height / 2 - 8;
        ends[message.to()] = at;
    }

    /** The border of the bar that is running on a lifeline. */
    private double edge(int lifeline, boolean rightSide) {
        double bars = Math.max(0, busy[lifeline] - 1) * BAR;
        return centres[lifeline] + (rightSide ? bars + BAR : -BAR);
    }

    private void fragment(Fragment fragment, int depth) {
        int low = SequenceSpan.low(fragment, centres.length);
        int high = SequenceSpan.high(fragment);
        int inner = SequenceSpan.depth(fragment);
        double left = centres[Math.max(0, low)] - 34 - inner * 8;
        double width = 0;
        double top = at + 14;
        at = top + 12;
        List<Double> cuts = new ArrayList<>();
        for (int i = 0; i < fragment.operands().size(); i++) {
            Operand operand = fragment.operands().get(i);
            if (i > 0) {
                at += 12;
                cuts.add(at);
                at += 6;
            }
            double clear = centres[Math.max(0, low)] + busy[Math.max(0, low)] * BAR + 8;
            double guard = Math.max(clear, i == 0
                    ? left + SequenceSketch.operatorWidth(fragment.operator()) + 6
                    : left + 8);
            sketch.guard(guard, i == 0 ? top + 12 : at + 8, operand.guard());
            width = Math.max(width, guard + SequenceSketch.width("[" + operand.guard() + "]") + 8 - left);
            steps(operand.steps(), depth + 1);
        }
        at += 12;
        double far = Math.max(left + width, reach(fragment, high) + inner * 8);
        right = Math.max(right, far);
        sketch.fragment(fragment.operator(), left, top, far - left, at - top, cuts);
    }

    /** How far right the texts inside go. */
    private double reach(Fragment fragment, int high) {
        double far = centres[high] + 34;
        for (Operand operand : fragment.operands()) {
            far = Math.max(far, reach(operand.steps()));
        }
        return far;
    }

    private double reach(List<Step> steps) {
        double far = 0;
        for (Step step : steps) {
            switch (step) {
                case Message message -> {
                    double text = message.from() == message.to()
                            ? centres[message.to()] + LOOP + 24 + SequenceSketch.width(message.text())
                            : 0;
                    double head = message.creates()
                            ? centres[message.to()]
                                    + SequenceSketch.headWidth(sequence.lifelines().get(message.to())) / 2 + 8
                            : 0;
                    far = Math.max(far, Math.max(Math.max(text, head), reach(message.inside())));
                }
                case Fragment fragment -> {
                    for (Operand operand : fragment.operands()) {
                        far = Math.max(far, reach(operand.steps()) + 8);
                    }
                }
            }
        }
        return far;
    }
}
