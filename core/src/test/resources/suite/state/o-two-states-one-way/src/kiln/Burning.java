package kiln;

class Burning implements Heat {
    @Override
    public void light(Kiln kiln) {
        System.out.println("already lit");
    }

    @Override
    public void stoke(Kiln kiln) {
        kiln.warm(40);
    }
}
