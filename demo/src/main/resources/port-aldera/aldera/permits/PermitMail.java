package aldera.permits;

/** Reads what agents send by mail. */
public class PermitMail {
    private final PermitDesk desk;

    public PermitMail(PermitDesk desk) {
        this.desk = desk;
    }

    public void read(String line) {
        String[] parts = line.split(";");
        var request = new VisitRequest(parts[0], parts[1], "mail", Integer.parseInt(parts[2]), true, false);
        if (!request.ready()) {
            request.pay();
        }
        desk.take(parts[3], request);
    }
}
