package weigh;

public class Yard {
    private final Scale scale = new TimedScale(new RoundingScale(new FloorScale()));

    public int take(String crate) {
        return scale.weigh(crate);
    }
}
