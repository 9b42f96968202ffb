package aldera;

class Porter implements Desk {
    private final Clerk clerk;

    Porter(Clerk clerk) {
        this.clerk = clerk;
    }

    @Override
    public String hear(Complaint complaint) {
        if (complaint.weight() < 2) {
            return "sorry";
        }
        return clerk.hear(complaint);
    }
}
