package aldera.permits;

class DivingForm implements Form {
    @Override
    public String fill(VisitRequest request) {
        return "divers under " + request.ship();
    }

    @Override
    public int copies() {
        return 2;
    }
}
