package press;

@FunctionalInterface
public interface Finish {
    String apply(String page);

    static Finish gilded(Finish inner) {
        return page -> "gold(" + inner.apply(page) + ")";
    }

    static Finish stitched(Finish inner) {
        return page -> inner.apply(page) + " + thread";
    }
}
