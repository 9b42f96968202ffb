package dev.huella.desktop;

import dev.huella.core.conformance.Finding;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/** One box for going anywhere and doing anything: types, finds, files and actions by parts of their names. */
final class CommandBox {
    private static final int MOST = 12;
    private static final double WIDTH = 460;
    private final Session session;
    private final Actions actions;
    private final TextField field = new TextField();
    private final ListView<Answer> answers = new ListView<>();

    CommandBox(Session session, Actions actions) {
        this.session = session;
        this.actions = actions;
        field.setId("command-box");
        field.getStyleClass().add("field");
        field.setPromptText("Go to a type, a find, a file, or do something      Ctrl K");
        field.setPrefWidth(380);
        field.setMinWidth(220);
        field.setAccessibleText("Go to a type, a find or a file, or do something");
        answers.setId("answers");
        answers.getStyleClass().add("answers");
        answers.setMaxSize(WIDTH, 380);
        answers.setVisible(false);
        answers.setCellFactory(list -> new AnswerCell());
        StackPane.setAlignment(answers, Pos.TOP_CENTER);
        StackPane.setMargin(answers, new Insets(46, 0, 0, 0));
        field.textProperty().addListener((property, before, now) -> search(now));
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        field.focusedProperty().addListener((property, before, now) -> {
            if (!now) {
                answers.setVisible(false);
            }
        });
        answers.setOnMousePressed(event -> take());
    }

    /** What typing led to. */
    record Answer(String kind, String title, String detail, Runnable run) {}

    TextField field() {
        return field;
    }

    Node answers() {
        return answers;
    }

    Actions actions() {
        return actions;
    }

    void ask() {
        field.requestFocus();
        field.selectAll();
        search(field.getText());
    }

    private void key(KeyEvent event) {
        int at = answers.getSelectionModel().getSelectedIndex();
        if (event.getCode() == KeyCode.DOWN) {
            answers.getSelectionModel().select(Math.min(at + 1, answers.getItems().size() - 1));
            event.consume();
        } else if (event.getCode() == KeyCode.UP) {
            answers.getSelectionModel().select(Math.max(at - 1, 0));
            event.consume();
        } else if (event.getCode() == KeyCode.ENTER) {
            take();
            event.consume();
        } else if (event.getCode() == KeyCode.ESCAPE) {
            field.clear();
            answers.setVisible(false);
            event.consume();
        }
    }

    private void take() {
        Answer chosen = answers.getSelectionModel().getSelectedItem();
        if (chosen != null && answers.isVisible()) {
            field.clear();
            answers.setVisible(false);
            chosen.run().run();
        }
    }

    private void search(String text) {
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        List<Answer> found = new ArrayList<>();
        if (session.project().get() != null && !wanted.isEmpty()) {
            places(wanted, found);
        }
        actions.all()
                .stream()
                .filter(action -> action.title().toLowerCase(Locale.ROOT).contains(wanted))
                .limit(MOST)
                .forEach(action -> found.add(new Answer("do", action.title(),
                        action.keys() == null ? "" : action.keys().getDisplayText(), action.run())));
        answers.getItems().setAll(found);
        answers.setPrefHeight(Math.min(380, found.size() * 28 + 12));
        answers.setVisible(field.isFocused() && !found.isEmpty());
        answers.getSelectionModel().selectFirst();
    }

    private void places(String wanted, List<Answer> found) {
        Model model = session.project().get().model();
        types(model, wanted)
                .forEach(type -> found.add(new Answer(type.kind().word(), type.name(), type.namespace(), () -> {
                    session.stage().set(WorkStage.STRUCTURE);
                    session.look(new Focus.OfType(type));
                })));
        for (Finding finding : session.findings().get().all()) {
            var focus = new Focus.OfFind(finding);
            String title = focus.title();
            if (found.size() < 2 * MOST && (title + finding.instance().pattern().id()).toLowerCase(Locale.ROOT)
                    .contains(wanted)) {
                found.add(new Answer("find", title, finding.instance().pattern().id(), () -> {
                    session.stage().set(WorkStage.FINDS);
                    session.look(focus);
                }));
            }
        }
        for (Model.FileRead file : model.files()) {
            if (found.size() < 3 * MOST && file.path().toLowerCase(Locale.ROOT).contains(wanted)) {
                found.add(new Answer("file", file.path(), "",
                        () -> session.look(new Focus.OfFile(file.path(), 1, session.focus().get()))));
            }
        }
    }

    /** Types whose names begin so come before those that have it inside. */
    private static List<CodeType> types(Model model, String wanted) {
        List<CodeType> beginning = new ArrayList<>();
        List<CodeType> inside = new ArrayList<>();
        for (CodeType type : model.declared()) {
            String name = type.name().toLowerCase(Locale.ROOT);
            if (name.startsWith(wanted)) {
                beginning.add(type);
            } else if (inside.size() < MOST && name.contains(wanted)) {
                inside.add(type);
            }
        }
        return Stream.concat(beginning.stream(), inside.stream()).limit(MOST).toList();
    }

    /** One answer on one line. A cell keeps its parts: each key that is typed fills them again. */
    private static final class AnswerCell extends ListCell<Answer> {
        private final AnswerLine line = new AnswerLine();

        AnswerCell() {
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(Answer answer, boolean empty) {
            super.updateItem(answer, empty);
            boolean shown = !empty && answer != null;
            setAccessibleText(shown ? answer.kind() + " " + answer.title() + " " + answer.detail() : null);
            if (shown) {
                line.fill(answer);
            }
            setGraphic(shown ? line : null);
        }
    }

    /** The kind in a column of its own, the title, and the detail at the end as far as there is room. */
    private static final class AnswerLine extends Region {
        private static final double COLUMN = 72;
        private static final double GAP = 8;
        private final CutText kind = new CutText("line-hint");
        private final CutText title = new CutText();
        private final CutText detail = new CutText("line-hint");

        AnswerLine() {
            getChildren().addAll(kind, title, detail);
            setPrefWidth(WIDTH - 42);
            setMaxWidth(WIDTH - 42);
        }

        void fill(Answer answer) {
            kind.show(answer.kind());
            title.show(answer.title());
            detail.show(answer.detail());
            requestLayout();
        }

        @Override
        protected double computePrefHeight(double width) {
            return snapSizeY(title.height());
        }

        @Override
        protected void layoutChildren() {
            title.cutTo(getWidth() - COLUMN);
            detail.cutTo(getWidth() - COLUMN - title.width() - GAP);
            kind.relocate(0, 0);
            title.relocate(COLUMN, 0);
            detail.relocate(snapPositionX(getWidth() - detail.width()), 0);
        }
    }
}
