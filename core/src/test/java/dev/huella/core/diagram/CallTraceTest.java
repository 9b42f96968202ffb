package dev.huella.core.diagram;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.CodeBase;
import dev.huella.core.diagram.CallSequence.Fragment;
import dev.huella.core.diagram.CallSequence.Lifeline;
import dev.huella.core.diagram.CallSequence.Message;
import dev.huella.core.diagram.CallSequence.Step;
import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Mark;
import dev.huella.core.layout.SequenceLayout;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import java.util.List;
import org.junit.jupiter.api.Test;

class CallTraceTest {
    private static final String PORT = """
            class Lock {
              private final java.util.List<Watcher> watchers = new java.util.ArrayList<>();
              private final Pump pump = new Pump();
              void raise(int level, Log log) {
                if (level > 3) { pump.start(); } else { pump.stop(); }
                for (Watcher watcher : watchers) { watcher.told(this); }
                Note note = new Note(level);
                log.add(note);
                raise(level - 1, log);
              }
              int drain() { while (pump.running()) { pump.stop(); } return check(); }
              private int check() { synchronized (pump) { pump.stop(); } return 1; }
            }
            class Pump { void start() { } void stop() { } boolean running() { return false; } }
            interface Watcher { void told(Lock lock); }
            class Light implements Watcher { Pump lamp = new Pump(); public void told(Lock lock) { lamp.start(); } }
            class Bell implements Watcher { public void told(Lock lock) { } }
            class Note { Note(int level) { } }
            class Log { void add(Note note) { note.hashCode(); } }
            """;
    private static final Model MODEL = CodeBase.of(PORT);

    private static CallSequence calls(String type, String name, int depth) {
        CodeType home = CodeBase.type(MODEL, type);
        Operation operation = home.operations()
                .stream()
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow();
        return CallTrace.of(operation, depth, place -> PORT.lines().skip(place.line() - 1L).findFirst().orElse(null));
    }

    /** The steps in one line: messages by receiver and text, fragments with their guards. */
    private static String text(CallSequence sequence, List<Step> steps) {
        var text = new StringBuilder();
        for (Step step : steps) {
            switch (step) {
                case Message message -> text.append(sequence.lifelines().get(message.to()).head())
                        .append('.')
                        .append(message.text())
                        .append(message.result().isEmpty() ? "" : "=" + message.result())
                        .append(message.inside().isEmpty() ? "" : "{ " + text(sequence, message.inside()) + "}")
                        .append(' ');
                case Fragment fragment -> {
                    text.append(fragment.operator());
                    fragment.operands()
                            .forEach(operand -> text.append(" [")
                                    .append(operand.guard())
                                    .append("] ( ")
                                    .append(text(sequence, operand.steps()))
                                    .append(")"));
                    text.append(' ');
                }
            }
        }
        return text.toString();
    }

    @Test
    void callsComeInOrderWithTheirFragments() {
        CallSequence sequence = calls("Lock", "raise", 3);
        assertThat(text(sequence, sequence.start().inside())).isEqualTo(
                "alt [level > 3] ( pump : Pump.start() ) [else] ( pump : Pump.stop() ) "
                        + "loop [for each of watchers] ( watchers[i] : Watcher.told(lock){ opt [it is a Light] "
                        + "( lamp : Pump.start() ) } ) : Note.new log : Log.add(note) : Lock.raise(level, log) ");
    }

    @Test
    void whoMayAnswerIsNamed() {
        CallSequence sequence = calls("Lock", "raise", 1);
        assertThat(sequence.lifelines()).filteredOn(lifeline -> lifeline.type().name().equals("Watcher"))
                .singleElement()
                .extracting(Lifeline::possible)
                .isEqualTo(List.of("Light", "Bell"));
        assertThat(sequence.lifelines()).filteredOn(Lifeline::made)
                .extracting(one -> one.type().name())
                .containsExactly("Note");
    }

    @Test
    void depthSaysHowFarCallsAreFollowed() {
        assertThat(text(calls("Lock", "drain", 1), calls("Lock", "drain", 1).start().inside()))
                .isEqualTo("pump : Pump.running()=boolean loop [while running()] ( pump : Pump.stop() ) "
                        + ": Lock.check()=int ")
                .doesNotContain("critical");
        assertThat(text(calls("Lock", "drain", 2), calls("Lock", "drain", 2).start().inside()))
                .contains(": Lock.check()=int{ critical [pump] ( pump : Pump.stop() ) }");
    }

    @Test
    void whatIsHandedOnStaysTheSameLifeline() {
        Model model = CodeBase
                .of("""
                        class Crane { private Hold hold = new Hold(); void unload(Tally tally) { tally.begin(); hold.lift(tally); } }
                        class Hold { void lift(Tally tally) { tally.count(); } }
                        class Tally { void begin() { } void count() { } }""");
        Operation unload = CodeBase.type(model, "Crane")
                .operations()
                .stream()
                .filter(one -> one.name().equals("unload"))
                .findFirst()
                .orElseThrow();
        CallSequence sequence = CallTrace.of(unload, 3, place -> null);
        assertThat(sequence.lifelines()).extracting(Lifeline::head)
                .containsExactly(": Crane", "tally : Tally", "hold : Hold");
        assertThat(text(sequence, sequence.start().inside()))
                .isEqualTo("tally : Tally.begin() hold : Hold.lift(tally){ tally : Tally.count() } ");
    }

    @Test
    void theDrawingKeepsTimeDownwardsAndTextsApart() {
        Drawing drawing = SequenceLayout.layOut(calls("Lock", "raise", 3));
        List<Mark.Text> texts = drawing.marks()
                .stream()
                .filter(Mark.Text.class::isInstance)
                .map(Mark.Text.class::cast)
                .toList();
        assertThat(texts).extracting(Mark.Text::text).contains("loop", "alt", "[else]", "«create»", "may be Light");
        for (Mark.Text one : texts) {
            assertThat(texts).noneMatch(other -> other != one && overlap(one, other));
            assertThat(one.x()).isPositive();
            assertThat(one.x() + width(one)).isLessThan(drawing.width());
        }
        assertThat(SequenceLayout.layOut(calls("Lock", "raise", 3))).isEqualTo(drawing);
    }

    private static boolean overlap(Mark.Text one, Mark.Text other) {
        return one.x() < other.x() + width(other) && other.x() < one.x() + width(one)
                && Math.abs(one.y() - other.y()) < 9;
    }

    private static double width(Mark.Text text) {
        return dev.huella.core.drawing.Fonts.width(text.text(), text.size(), text.bold(), text.italic());
    }
}
