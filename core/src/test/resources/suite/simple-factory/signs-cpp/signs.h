#include <memory>
#include <string>
#include <stdexcept>
class Sign { public: virtual ~Sign() = default; virtual int size() const = 0; };
class Stop : public Sign { public: int size() const override { return 9; } };
class Slow : public Sign { public: int size() const override { return 4; } };
class SignMaker {
public:
    std::unique_ptr<Sign> make(const std::string& kind) {
        if (kind == "stop") {
            return std::make_unique<Stop>();
        }
        if (kind == "slow") {
            return std::make_unique<Slow>();
        }
        throw std::invalid_argument(kind);
    }
};
class Road {
public:
    int place(SignMaker& maker) { return maker.make("stop")->size(); }
};
