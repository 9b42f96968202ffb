package gifts;

public class Shop {
    public String sale(boolean festive) {
        Counter counter = new Counter();
        if (festive) {
            counter.use(new RibbonWrapping(3));
        } else {
            counter.use(new PaperWrapping());
        }
        return counter.sell("cup");
    }
}
