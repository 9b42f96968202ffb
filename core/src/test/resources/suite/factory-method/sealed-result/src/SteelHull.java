package aldera.yard;

public class SteelHull extends Hull {
    @Override
    public int ribs() {
        return 44;
    }
}
