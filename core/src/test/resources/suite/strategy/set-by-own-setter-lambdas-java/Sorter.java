package aldera.sort;

import java.util.List;
import java.util.function.ToIntFunction;

record Crate(int weight, int height) {}

final class Loader {
    private ToIntFunction<Crate> rank;

    private void putRank(ToIntFunction<Crate> to) {
        this.rank = to;
    }

    Loader(ToIntFunction<Crate> rank) {
        this.rank = rank;
    }

    void rankBy(ToIntFunction<Crate> rank) {
        putRank(rank);
    }

    int heaviest(List<Crate> crates) {
        int best = 0;
        for (Crate crate : crates) {
            best = Math.max(best, rank.applyAsInt(crate));
        }
        return best;
    }
}

final class Dock {
    int run(List<Crate> crates) {
        Loader loader = new Loader(Crate::weight);
        int first = loader.heaviest(crates);
        loader.rankBy(crate -> crate.height() * crate.weight());
        return first + loader.heaviest(crates);
    }
}
