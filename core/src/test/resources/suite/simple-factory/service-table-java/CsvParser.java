package feeds;

final class CsvParser implements Parser {
    @Override
    public String[] fields(String line) {
        return line.split(";");
    }
}
