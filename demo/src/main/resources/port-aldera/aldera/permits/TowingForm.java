package aldera.permits;

class TowingForm implements Form {
    @Override
    public String fill(VisitRequest request) {
        return "tow " + request.ship() + " to berth " + request.berth();
    }

    @Override
    public int copies() {
        return 3;
    }
}
