package aldera;

class Harbourmaster {
    void count(Convoy convoy) {
        for (Walk walk = convoy.walk(); walk.more();) {
            System.out.println(walk.next());
        }
    }
}
