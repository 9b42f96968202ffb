package post;

interface Stage {
    Stage scan();

    Stage fail();

    boolean open();
}
