package aldera.yard;

public class NorthYard extends Yard {
    @Override
    protected Hull lay() {
        return new SteelHull();
    }
}
