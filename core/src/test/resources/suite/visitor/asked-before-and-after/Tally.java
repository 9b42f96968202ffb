package aldera.manifest;

public class Tally {
    public int tally(Cargo whole) {
        Depth depth = new Depth();
        whole.accept(depth);
        whole.accept(new Count());
        return depth.most();
    }

    public Cargo load() {
        Cargo container = new Container();
        container.add(new Box());
        return container;
    }
}
