package dev.huella.desktop;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Shows one line of the list: a heading, or a title with a detail below and signs at the end. */
final class ListRowCell extends ListCell<ListRow> {
    private static final double WIDTH = 228;

    @Override
    protected void updateItem(ListRow row, boolean empty) {
        super.updateItem(row, empty);
        setText(null);
        setPrefWidth(0);
        setAccessibleText(row == null ? null : row.title() + " " + row.detail());
        setGraphic(empty || row == null ? null : row.isHeading() ? heading(row) : line(row));
    }

    private static HBox heading(ListRow row) {
        var title = TopBar.styled(new Label(row.title()), "strong");
        title.setMinWidth(0);
        var box = new HBox(6, title, space(), TopBar.styled(new Label(row.end()), "hint"));
        box.setAlignment(Pos.CENTER_LEFT);
        if (row.pattern() != null) {
            box.getChildren().addFirst(PatternSketch.of(row.pattern()));
        }
        box.setPrefWidth(WIDTH);
        box.setMaxWidth(WIDTH);
        return box;
    }

    private static HBox line(ListRow row) {
        var title = new Label(row.title());
        title.setMinWidth(0);
        var detail = TopBar.styled(new Label(row.detail()), "hint");
        var texts = new VBox(title, detail);
        texts.setMinWidth(0);
        var signs = new HBox(3);
        signs.setAlignment(Pos.CENTER_RIGHT);
        row.signs().forEach(kind -> signs.getChildren().add(VerdictSign.of(kind)));
        var end = TopBar.styled(new Label(row.end()), "hint");
        end.setMinWidth(Region.USE_PREF_SIZE);
        var box = new HBox(6, texts, space(), end, signs);
        box.setAlignment(Pos.CENTER_LEFT);
        box.setStyle("-fx-padding: 0 0 0 12;");
        box.setPrefWidth(WIDTH);
        box.setMaxWidth(WIDTH);
        return box;
    }

    private static Region space() {
        var space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        return space;
    }
}
