package dev.huella.desktop;

import javafx.geometry.VPos;
import javafx.scene.text.Text;

/** A text on one line that ends with a sign that there was more when it has not enough room; cheaper to show than a label. */
final class CutText extends Text {
    private static final String CUT = "…";
    private String whole = "";

    CutText(String... classes) {
        getStyleClass().setAll(classes);
        getStyleClass().add("line");
        setTextOrigin(VPos.TOP);
        setManaged(false); // it is cut while its place is worked out, which must not ask for its place again
    }

    void show(String text) {
        whole = text;
        setText(text);
    }

    boolean isEmpty() {
        return whole.isEmpty();
    }

    double width() {
        return getLayoutBounds().getWidth();
    }

    double height() {
        return getLayoutBounds().getHeight();
    }

    /** Shows as much of the beginning as there is room for, and nothing where there is none. */
    void cutTo(double room) {
        setText(room > 0 ? whole : "");
        if (width() <= room) {
            return;
        }
        int fits = 0;
        int tooMuch = whole.length();
        while (tooMuch - fits > 1) {
            int middle = (fits + tooMuch) / 2;
            setText(beginning(middle));
            if (width() <= room) {
                fits = middle;
            } else {
                tooMuch = middle;
            }
        }
        setText(beginning(fits));
    }

    private String beginning(int letters) {
        return whole.substring(0, letters).stripTrailing() + CUT;
    }
}
