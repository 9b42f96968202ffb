package weigh;

public class RoundingScale implements Scale {
    private final Scale inner;

    public RoundingScale(Scale inner) {
        this.inner = inner;
    }

    @Override
    public int weigh(String crate) {
        return inner.weigh(crate) / 10 * 10;
    }

    @Override
    public String unit() {
        return inner.unit();
    }
}
