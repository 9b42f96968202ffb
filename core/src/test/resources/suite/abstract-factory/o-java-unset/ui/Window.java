package ui;

class Window {
    private WidgetKit kit;
    private Button close;

    void setKit(WidgetKit kit) {
        this.kit = kit;
    }

    String open() {
        close = kit.button();
        if (kit instanceof FlatKit) {
            close = new FlatButton();
        }
        return close.paint() + kit.scroll(10).track();
    }

    public static void main(String[] args) {
        Window window = new Window();
        window.setKit(new RoundKit());
        System.out.println(window.open());
    }
}
