package dev.huella.desktop;

import java.util.List;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * Shows one line of the list: a heading, or a title with a detail below and signs at the end. A cell keeps its parts and only
 * fills them again, because scrolling and filtering show other rows in the same cells.
 */
final class ListRowCell extends ListCell<ListRow> {
    private static final double WIDTH = 228;
    private static final Insets INSET = new Insets(0, 0, 0, 12);
    private static final PseudoClass HEADING = PseudoClass.getPseudoClass("heading");
    private final Label title = new Label();
    private final Label detail = TopBar.styled(new Label(), "hint");
    private final Label end = TopBar.styled(new Label(), "hint");
    private final HBox signs = new HBox(3);
    private final VBox texts = new VBox(title, detail);
    private final HBox box = new HBox(6, texts, space(), end, signs);

    ListRowCell() {
        setPrefWidth(0);
        title.setMinWidth(0);
        texts.setMinWidth(0);
        end.setMinWidth(Region.USE_PREF_SIZE);
        signs.setAlignment(Pos.CENTER_RIGHT);
        box.setAlignment(Pos.CENTER_LEFT);
        box.setPrefWidth(WIDTH);
        box.setMaxWidth(WIDTH);
        box.setMinWidth(0);
        detail.managedProperty().bind(detail.visibleProperty());
    }

    @Override
    protected void updateItem(ListRow row, boolean empty) {
        super.updateItem(row, empty);
        boolean shown = !empty && row != null;
        setAccessibleText(shown ? row.title() + " " + row.detail() : null);
        if (shown) {
            fill(row);
        }
        setGraphic(shown ? box : null);
        if (shown && !signs.getChildren().isEmpty()) {
            signs.applyCss(); // cells are filled after the styles of a frame were given out: it would show them without colour
        }
    }

    private void fill(ListRow row) {
        boolean heading = row.isHeading();
        title.setText(row.title());
        title.pseudoClassStateChanged(HEADING, heading);
        detail.setText(row.detail());
        detail.setVisible(!heading);
        end.setText(row.end());
        box.setPadding(heading ? Insets.EMPTY : INSET);
        signs.getChildren().setAll(heading ? List.<Node>of() : row.signs().stream().map(VerdictSign::of).toList());
        if (box.getChildren().getFirst() != texts) {
            box.getChildren().removeFirst();
        }
        if (heading && row.pattern() != null) {
            box.getChildren().addFirst(PatternSketch.of(row.pattern()));
        }
    }

    private static Region space() {
        var space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        return space;
    }
}
