package post;

class Returned implements Stage {
    @Override
    public Stage scan() {
        return this;
    }

    @Override
    public Stage fail() {
        return this;
    }

    @Override
    public boolean open() {
        return false;
    }
}
