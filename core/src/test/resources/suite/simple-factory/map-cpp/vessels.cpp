#include <functional>
#include <map>
#include <memory>
#include <stdexcept>
#include <string>

struct Vessel {
    virtual ~Vessel() = default;
    virtual int toll() const = 0;
};
struct Barge : Vessel { int toll() const override { return 40; } };
struct Tanker : Vessel { int toll() const override { return 400; } };

class Registry {
public:
    Registry() {
        makers_["barge"] = [] { return std::make_unique<Barge>(); };
        makers_["tanker"] = [] { return std::make_unique<Tanker>(); };
    }
    std::unique_ptr<Vessel> enter(const std::string& kind) const {
        auto found = makers_.find(kind);
        if (found == makers_.end()) throw std::invalid_argument(kind);
        return found->second();
    }
private:
    std::map<std::string, std::function<std::unique_ptr<Vessel>()>> makers_;
};
