package weaving;

class Linen implements Cloth {
    private final int metres;

    Linen(int metres) {
        this.metres = metres;
    }

    @Override
    public int length() {
        return metres;
    }

    @Override
    public String name() {
        return "linen";
    }
}
