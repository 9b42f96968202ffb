#include "sinks.h"

int main() {
    std::unique_ptr<Sink> sink = std::make_unique<LineSink>(std::make_unique<UpperSink>(std::make_unique<FileSink>("out.txt")));
    sink->put("hello");
    sink->close();
}
