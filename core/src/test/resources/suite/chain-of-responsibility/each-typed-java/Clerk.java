package aldera;

class Clerk implements Desk {
    private final Master master;

    Clerk(Master master) {
        this.master = master;
    }

    @Override
    public String hear(Complaint complaint) {
        return complaint.text().contains("bill") ? "we look at the bill" : master.hear(complaint);
    }
}
