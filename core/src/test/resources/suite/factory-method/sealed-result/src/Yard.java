package aldera.yard;

public abstract class Yard {
    public Hull launch(String name) {
        Hull hull = lay();
        hull.christen(name);
        return hull;
    }

    protected abstract Hull lay();
}
