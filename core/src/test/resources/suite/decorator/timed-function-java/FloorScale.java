package weigh;

public class FloorScale implements Scale {
    @Override
    public int weigh(String crate) {
        return crate.length() * 10;
    }

    @Override
    public String unit() {
        return "kg";
    }
}
