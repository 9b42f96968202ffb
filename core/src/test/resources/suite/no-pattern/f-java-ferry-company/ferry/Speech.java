package aldera.ferry;

public interface Speech {
    void say(String text);

    static Speech silent() {
        return text -> { };
    }
}
