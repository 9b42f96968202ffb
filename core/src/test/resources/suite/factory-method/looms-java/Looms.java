package weaving;

class LinenLoom extends Loom {
    @Override
    protected Cloth cloth(int metres) {
        return new Linen(metres);
    }
}

class SilkLoom extends Loom {
    @Override
    protected Cloth cloth(int metres) {
        return new Silk(metres - 1);
    }
}
