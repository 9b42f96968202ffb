package aldera;

public class Horn implements SluiceListener {
    private int blown;

    @Override
    public void opened() {
        blown++;
    }
}
