#include "log.hpp"
int main() {
    auto tee = std::make_shared<port::TeeSink>();
    tee->add(std::make_shared<port::FilterSink>(std::make_shared<port::FileSink>("port.log"), port::Level::info));
    tee->add(std::make_shared<port::MemorySink>());
    port::Logger::get().use(tee);
    port::Logger::get().log(port::Level::warning, "gale");
}
