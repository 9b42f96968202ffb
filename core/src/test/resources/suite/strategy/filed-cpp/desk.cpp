#include <map>
#include <memory>
#include <string>
#include <vector>

class Fee {
public:
    virtual ~Fee() = default;
    virtual std::string kind() const = 0;
    virtual int of(int tons) const = 0;
};

class TugFee : public Fee {
public:
    std::string kind() const override { return "tug"; }
    int of(int) const override { return 80; }
};

class FerryFee : public Fee {
public:
    std::string kind() const override { return "ferry"; }
    int of(int tons) const override { return tons * 2; }
};

class Desk {
public:
    explicit Desk(std::vector<std::unique_ptr<Fee>> all) {
        for (auto& fee : all) {
            auto kind = fee->kind();
            fees_.emplace(kind, std::move(fee));
        }
    }

    int bill(const std::string& kind, int tons) const { return fees_.at(kind)->of(tons); }

private:
    std::map<std::string, std::unique_ptr<Fee>> fees_;
};
