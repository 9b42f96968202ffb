package aldera.permits;

class WeldingForm implements Form {
    @Override
    public String fill(VisitRequest request) {
        return request.agent() + " welds aboard " + request.ship();
    }

    @Override
    public int copies() {
        return 4;
    }
}
