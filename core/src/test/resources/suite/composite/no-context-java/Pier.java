class Pier {
    int bright(int hour) {
        Row row = new Row();
        row.add(new Oil());
        row.add(new Gas(4));
        return row.light(hour);
    }
}
