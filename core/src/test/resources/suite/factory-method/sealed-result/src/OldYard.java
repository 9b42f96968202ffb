package aldera.yard;

public class OldYard extends Yard {
    @Override
    protected Hull lay() {
        return new OakHull();
    }
}
