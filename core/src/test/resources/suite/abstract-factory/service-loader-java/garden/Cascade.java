package garden;

class Cascade implements Fountain {
    private int level;

    public void play() {
        level += 10;
    }
}
