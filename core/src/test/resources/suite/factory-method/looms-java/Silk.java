package weaving;

class Silk implements Cloth {
    private final int metres;

    Silk(int metres) {
        this.metres = metres;
    }

    @Override
    public int length() {
        return metres;
    }

    @Override
    public String name() {
        return "silk";
    }
}
