package aldera.yard;

public class OakHull extends Hull {
    @Override
    public int ribs() {
        return 31;
    }
}
