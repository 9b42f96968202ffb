package dev.huella.desktop;

import javafx.scene.control.ListCell;

/** Shows one line of the list. A cell keeps its parts and only fills them again, because scrolling shows other rows in it. */
final class ListRowCell extends ListCell<ListRow> {
    private final ListRowBox box = new ListRowBox();

    ListRowCell() {
        setPrefWidth(0);
    }

    @Override
    protected void updateItem(ListRow row, boolean empty) {
        super.updateItem(row, empty);
        boolean shown = !empty && row != null;
        setAccessibleText(shown ? row.title() + " " + row.detail() : null);
        if (shown) {
            box.fill(row);
        }
        setGraphic(shown ? box : null);
        if (shown) {
            box.applyCss(); // cells are filled after the styles of a frame were given out: their signs would have no colour
        }
    }
}
