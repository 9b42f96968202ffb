package aldera.ferry;

public interface FerryFollower {
    void moved(String ferry, String where);
}
