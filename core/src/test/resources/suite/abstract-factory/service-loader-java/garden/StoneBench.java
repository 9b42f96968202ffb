package garden;

class StoneBench implements Bench {
    public int seats() {
        return 6;
    }
}
