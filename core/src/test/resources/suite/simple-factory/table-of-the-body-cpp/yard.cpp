#include <functional>
#include <map>
#include <memory>
#include <string>
struct Boat { virtual ~Boat() = default; virtual int launch() = 0; };
struct Tug : Boat { int launch() override { return 1; } };
struct Ferry : Boat { int launch() override { return 2; } };
std::unique_ptr<Boat> boatFor(const std::string& e) {
    static const std::map<std::string, std::function<std::unique_ptr<Boat>()>> makers = {
        {"tug", [] { return std::make_unique<Tug>(); }},
        {"ferry", [] { return std::make_unique<Ferry>(); }},
    };
    return makers.at(e)();
}
