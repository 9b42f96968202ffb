package feeds;

final class NmeaParser implements Parser {
    @Override
    public String[] fields(String line) {
        return line.substring(1).split(",");
    }
}
