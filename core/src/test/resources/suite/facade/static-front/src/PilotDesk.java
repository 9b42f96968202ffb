package aldera;

class PilotDesk {
    private String sent = "";

    void send(String ship, int hour) {
        sent += ship + hour;
    }
}
