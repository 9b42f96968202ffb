import java.util.*;
class Raft { final List<String> logs; final String mast; Raft(List<String> l, String m) { logs = l; mast = m; } }
class RaftBuilder {
    private final List<String> logs = new ArrayList<>(); private String mast;
    RaftBuilder log(String l) { logs.add(l); return this; }
    RaftBuilder mast(String m) { mast = m; return this; }
    Raft build() { return new Raft(logs, mast); }
}
class Castaway { Raft leave() { return new RaftBuilder().log("oak").mast("pine").build(); } }
