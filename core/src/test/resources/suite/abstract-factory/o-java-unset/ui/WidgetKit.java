package ui;

public interface WidgetKit {
    Button button();

    Scroll scroll(int length);
}
