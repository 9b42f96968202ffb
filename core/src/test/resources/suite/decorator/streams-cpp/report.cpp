#include "sink.hpp"

void report() {
    std::unique_ptr<Sink> sink =
        std::make_unique<NumberedSink>(std::make_unique<IndentedSink>(std::make_unique<MemorySink>()));
    sink->put("first");
    sink->flush();
}
