package post;

class Sorted implements Stage {
    @Override
    public Stage scan() {
        return new Delivered();
    }

    @Override
    public Stage fail() {
        return new Posted();
    }

    @Override
    public boolean open() {
        return true;
    }
}
