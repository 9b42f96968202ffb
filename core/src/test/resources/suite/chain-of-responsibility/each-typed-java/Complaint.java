package aldera;

record Complaint(String text, int weight) {
}
