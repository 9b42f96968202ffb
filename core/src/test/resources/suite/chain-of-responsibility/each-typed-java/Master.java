package aldera;

class Master implements Desk {
    @Override
    public String hear(Complaint complaint) {
        return "noted: " + complaint.text();
    }
}
