package dev.huella.desktop;

import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Findings;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.project.Project;
import java.util.List;
import java.util.Locale;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What the stage is about, in the order in which it deserves attention, with a filter that says what it leaves. */
final class ListPane {
    private final Session session;
    private final ListView<ListRow> list = new ListView<>();
    private final TextField filter = new TextField();
    private final Label heading = TopBar.styled(new Label(), "heading");
    private final Label count = TopBar.styled(new Label(), "second");
    private final Label empty = TopBar.styled(new Label(), "hint");
    private final Node rules;
    private final Button limit;
    private final Button order;
    private final VBox node;
    private boolean choosing;
    private boolean filling;
    private Model typesOf;
    private TypeRows types;

    ListPane(Session session) {
        this.session = session;
        var titles = new HBox(6, heading, count);
        titles.setAlignment(javafx.geometry.Pos.BASELINE_LEFT);
        filter.setId("filter");
        filter.getStyleClass().add("field");
        filter.setPromptText("filter: name, role, package");
        filter.setAccessibleText("Filter the list");
        rules = new IntakeRules(session).node();
        limit = TopBar.tool("", "Show all packages again", () -> session.limit().set(java.util.Set.of()));
        limit.setVisible(false);
        session.limit().addListener((property, before, now) -> {
            limit.setVisible(!now.isEmpty());
            limit.setText("only %s — show all".formatted(Words.count(now.size(), "package")));
            fill();
        });
        limit.setId("limit");
        limit.managedProperty().bind(limit.visibleProperty());
        order = TopBar.tool("", "Change between patterns and packages",
                () -> session.byPackage().set(!session.byPackage().get()));
        order.setId("order");
        order.managedProperty().bind(order.visibleProperty());
        session.byPackage().addListener(change -> fillSoon());
        var head = new VBox(8, titles, filter, order, limit, rules);
        head.getStyleClass().add("list-head");
        empty.setWrapText(true);
        empty.setMaxWidth(210);
        list.setId("list");
        list.setPlaceholder(empty);
        list.setCellFactory(view -> new ListRowCell());
        VBox.setVgrow(list, Priority.ALWAYS);
        node = new VBox(head, list);
        node.getStyleClass().add("list-pane");
        node.setMinWidth(264);
        node.setMaxWidth(264);
        list.getSelectionModel().setSelectionMode(javafx.scene.control.SelectionMode.MULTIPLE);
        list.getSelectionModel().selectedItemProperty().addListener((property, before, now) -> chosen(now));
        filter.textProperty().addListener(change -> fillSoon());
        session.stage().addListener(change -> fillSoon());
        session.project().addListener(change -> fillSoon());
        session.working().addListener(change -> fillSoon());
        session.findings().addListener(change -> fillSoon());
        session.focus().addListener(change -> follow());
        session.memory().addListener(change -> fillSoon());
        fill();
    }

    Node node() {
        return node;
    }

    void requestFocus() {
        list.requestFocus();
    }

    /** The types that are chosen in the list. */
    List<CodeType> chosenTypes() {
        return list.getSelectionModel()
                .getSelectedItems()
                .stream()
                .filter(row -> row != null && row.focus() instanceof Focus.OfType)
                .map(row -> ((Focus.OfType) row.focus()).type())
                .toList();
    }

    private void chosen(ListRow row) {
        if (!choosing && row != null && row.focus() != null && list.getSelectionModel().getSelectedItems().size() < 2) {
            session.look(row.focus());
        }
    }

    /** The focus was moved elsewhere: the list shows it. */
    private void follow() {
        choosing = true;
        for (int i = 0; i < list.getItems().size(); i++) {
            if (same(session.focus().get(), list.getItems().get(i).focus())) {
                list.getSelectionModel().clearAndSelect(i);
                list.scrollTo(Math.max(0, i - 4));
                choosing = false;
                return;
            }
        }
        list.getSelectionModel().clearSelection();
        choosing = false;
    }

    /** A file is the same whichever line of it is looked at. */
    private static boolean same(Focus one, Focus other) {
        return one instanceof Focus.OfFile here && other instanceof Focus.OfFile there
                ? here.path().equals(there.path())
                : one.equals(other);
    }

    /** Fills the list after what happens now: opening a project changes six things it shows, and one filling is enough. */
    private void fillSoon() {
        if (!filling) {
            filling = true;
            Platform.runLater(this::fill);
        }
    }

    private void fill() {
        filling = false;
        choosing = true;
        boolean intake = session.stage().get() == WorkStage.INTAKE && session.project().get() != null;
        rules.setVisible(intake);
        rules.setManaged(intake);
        boolean judged = session.stage().get() == WorkStage.FINDS || session.stage().get() == WorkStage.VERDICTS;
        order.setVisible(judged && session.project().get() != null);
        String other = session.stage().get() == WorkStage.FINDS ? "pattern" : "what is owed";
        order.setText(
                session.byPackage().get() ? "by package — order by " + other : "by " + other + " — order by package");
        if (session.project().get() == null) {
            list.getItems().clear();
            heading.setText(session.stage().get().title());
            count.setText("");
            empty.setText(session.working().get()
                    ? "The code is being read; the ground above fills up with it."
                    : "Nothing is open yet. Drop a folder of code on the window.");
        } else if (session.stage().get() == WorkStage.INTAKE) {
            intake(session.project().get());
        } else if (session.stage().get() == WorkStage.FINDS) {
            finds(session.findings().get());
        } else if (session.stage().get() == WorkStage.VERDICTS) {
            verdicts(session.findings().get());
        } else {
            types(session.project().get().model());
        }
        choosing = false;
        follow();
    }

    private boolean inLimit(String namespace) {
        return session.limit().get().isEmpty() || session.limit().get().contains(namespace);
    }

    /** Finds with a player in the packages that the list is limited to. */
    private List<Finding> inLimit(List<Finding> all) {
        return session.limit().get().isEmpty()
                ? all
                : all.stream()
                        .filter(finding -> finding.instance()
                                .players()
                                .values()
                                .stream()
                                .flatMap(List::stream)
                                .anyMatch(player -> inLimit(player.element().home().namespace())))
                        .toList();
    }

    private boolean kept(String text) {
        return text.toLowerCase(Locale.ROOT).contains(filter.getText().strip().toLowerCase(Locale.ROOT));
    }

    private void intake(Project project) {
        list.getItems().setAll(new IntakeRows(project, this::kept).rows());
        int files = project.model().files().size();
        heading.setText("%,d files".formatted(files));
        count.setText(project.sources().leftOut().isEmpty()
                ? "none left out"
                : "%,d left out".formatted(project.sources().leftOut().size()));
        empty.setText("No file is called that. Shorten the filter.");
    }

    private void finds(Findings findings) {
        var rows = new FindRows(findings, inLimit(findings.all()), this::kept, session.byPackage().get());
        int left = rows.left();
        list.getItems().setAll(rows.rows());
        heading.setText("%,d finds".formatted(left));
        count.setText(left == findings.all().size() ? "" : "of %,d".formatted(findings.all().size()));
        empty.setText(session.working().get()
                ? "The definitions are being held against the code."
                : findings.all().isEmpty()
                        ? "No pattern of the catalogue was found in this code. Its structure is one stage up."
                        : "Nothing here is called that. Shorten the filter.");
    }

    private void verdicts(Findings findings) {
        var verdicts = new VerdictRows(inLimit(findings.all()), this::kept, session.byPackage().get());
        list.getItems().setAll(verdicts.rows());
        heading.setText("%,d to look at".formatted(verdicts.left()));
        count.setText(verdicts.left() == verdicts.all() ? "" : "of %,d".formatted(verdicts.all()));
        empty.setText(session.working().get()
                ? "The definitions are being held against the code."
                : verdicts.all() == 0
                        ? "Nothing is broken and nothing is open. What was found is under Finds."
                        : "Nothing here is called that. Shorten the filter.");
    }

    /** The rows of all types are made in the background, once for a model. */
    private void types(Model model) {
        if (typesOf != model) {
            typesOf = model;
            types = null;
            Thread.ofVirtual().name("types").start(() -> {
                var made = new TypeRows(model);
                Platform.runLater(() -> {
                    if (typesOf == model) {
                        types = made;
                        fill();
                    }
                });
            });
        }
        if (types == null) {
            list.getItems().clear();
            heading.setText("Types");
            count.setText("");
            empty.setText("The types are being put in order.");
            return;
        }
        List<ListRow> rows = types.rows(filter.getText().strip().toLowerCase(Locale.ROOT), session.memory().get(),
                this::inLimit);
        int left = (int) rows.stream().filter(row -> row.focus() instanceof Focus.OfType).count();
        list.getItems().setAll(rows);
        heading.setText("%,d types".formatted(left));
        count.setText(left == types.all() ? "by package" : "of %,d".formatted(types.all()));
        empty.setText("No type is called that. Shorten the filter.");
    }
}
