package aldera;

public class Lamp implements SluiceListener {
    private boolean lit;

    @Override
    public void opened() {
        lit = true;
    }
}
