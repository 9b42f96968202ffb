package aldera;

interface Desk {
    String hear(Complaint complaint);
}
