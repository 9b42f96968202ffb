package garden;

class BirdBath implements Fountain {
    private boolean wet;

    public void play() {
        wet = true;
    }
}
