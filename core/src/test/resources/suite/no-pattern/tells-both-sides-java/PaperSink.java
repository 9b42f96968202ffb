package aldera;

public class PaperSink implements Sink {
    private int count;

    @Override
    public void line(String text) {
        count++;
        System.out.println(text);
    }

    @Override
    public int lines() {
        return count;
    }
}
