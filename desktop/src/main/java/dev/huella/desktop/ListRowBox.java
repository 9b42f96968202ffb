package dev.huella.desktop;

import java.util.List;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.layout.Region;

/**
 * The parts of one line of the list and their places: a sketch for headings, a title with a detail below, and a number and
 * signs at the end. The places are worked out here, not by panes and labels in each other: thirty lines are shown at once, and
 * each further node in them takes its time when a list is shown for the first time.
 */
final class ListRowBox extends Region {
    private static final PseudoClass HEADING = PseudoClass.getPseudoClass("heading");
    private static final double WIDTH = 228;
    private static final double INSET = 12;
    private static final double GAP = 6;
    private static final double BETWEEN_SIGNS = 3;
    private final CutText title = new CutText();
    private final CutText detail = new CutText("line-hint");
    private final CutText end = new CutText("line-hint");
    private ListRow row;
    private Node sketch;
    private List<Node> signs = List.of();

    ListRowBox() {
        setMinSize(0, 0);
        setPrefWidth(WIDTH);
        setMaxWidth(WIDTH);
    }

    void fill(ListRow shown) {
        row = shown;
        sketch = row.isHeading() && row.pattern() != null ? PatternSketch.of(row.pattern()) : null;
        signs = row.isHeading() ? List.of() : row.signs().stream().map(VerdictSign::of).toList();
        title.show(row.title());
        title.pseudoClassStateChanged(HEADING, row.isHeading());
        detail.show(row.isHeading() ? "" : row.detail());
        end.show(row.end());
        getChildren().setAll(Stream.concat(
                Stream.of(sketch, title, detail, end)
                        .filter(part -> part != null && !(part instanceof CutText text && text.isEmpty())),
                signs.stream()).toList());
        requestLayout();
    }

    @Override
    protected double computePrefHeight(double width) {
        return snapSizeY(Math.max(heightOfTexts(), sketch == null ? 0 : sketch.prefHeight(-1)));
    }

    /** The line of the detail is kept for every row that could have one, so that rows of a kind are of one height. */
    private double heightOfTexts() {
        return title.height() + (row == null || row.isHeading() ? 0 : detail.height());
    }

    @Override
    protected void layoutChildren() {
        double right = getWidth();
        for (Node sign : signs.reversed()) {
            right -= sign.getLayoutBounds().getWidth();
            centre(sign, right);
            right -= BETWEEN_SIGNS;
        }
        right += signs.isEmpty() ? 0 : BETWEEN_SIGNS - GAP;
        if (!end.isEmpty()) {
            right -= end.width();
            centre(end, right);
            right -= GAP;
        }
        double left = row != null && row.isHeading() ? 0 : INSET;
        if (sketch != null) {
            sketch.resize(sketch.prefWidth(-1), sketch.prefHeight(-1));
            centre(sketch, left);
            left += sketch.prefWidth(-1) + GAP;
        }
        double top = (getHeight() - heightOfTexts()) / 2;
        place(title, left, top, right - left);
        place(detail, left, top + title.height(), right - left);
    }

    private void centre(Node part, double x) {
        part.relocate(snapPositionX(x), snapPositionY((getHeight() - part.getLayoutBounds().getHeight()) / 2));
    }

    private void place(CutText text, double x, double y, double room) {
        text.cutTo(room);
        text.relocate(snapPositionX(x), snapPositionY(y));
    }
}
