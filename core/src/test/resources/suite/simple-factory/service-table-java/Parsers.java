package feeds;

import java.util.Map;
import java.util.function.Supplier;

public final class Parsers {
    private static final Map<String, Supplier<Parser>> KNOWN = Map.of("csv", CsvParser::new, "nmea", NmeaParser::new);

    private Parsers() {
    }

    public static Parser of(String format) {
        Supplier<Parser> maker = KNOWN.get(format);
        if (maker == null) {
            throw new IllegalArgumentException("No parser for " + format);
        }
        return maker.get();
    }
}
