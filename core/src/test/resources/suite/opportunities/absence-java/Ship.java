class Log { private int n; void write(String s) { n++; } }
class Ship {
    private Log log; private int miles;
    void keep(Log l) { log = l; }
    void leave() { if (log != null) log.write("left"); }
    void sail() { miles++; if (log != null) { log.write("sailed"); } }
    void arrive() { if (log == null) return; log.write("arrived"); }
}
class Boat { private Log log; void go() { if (log != null) log.write("go"); } }
