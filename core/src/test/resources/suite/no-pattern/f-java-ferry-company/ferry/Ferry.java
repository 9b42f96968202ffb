package aldera.ferry;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** A ferry tells its followers where it is and lets its current phase decide what it does next. */
public class Ferry {
    private final String name;
    private final List<FerryFollower> followers = new ArrayList<>();
    private Phase phase = new Moored();
    private int passengers;

    public Ferry(String name) {
        this.name = name;
    }

    public void follow(FerryFollower follower) {
        followers.add(follower);
    }

    public void unfollow(FerryFollower follower) {
        followers.remove(follower);
    }

    public void board(int people) {
        phase.board(this, people);
    }

    public void go() {
        phase.go(this);
        List<FerryFollower> copy = new ArrayList<>(followers);
        for (FerryFollower follower : copy) {
            follower.moved(name, phase.label());
        }
    }

    void enter(Phase next) {
        this.phase = next;
    }

    void add(int people) {
        passengers += people;
    }

    int empty() {
        int left = passengers;
        passengers = 0;
        return left;
    }

    public List<FerryFollower> followers() {
        return Collections.unmodifiableList(followers);
    }
}
