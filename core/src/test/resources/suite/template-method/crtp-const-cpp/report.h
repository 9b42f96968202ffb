#include <string>

template <class Derived>
struct Report {
    std::string print() const {
        std::string text = "Port of Aldera\n";
        text += derived()->body();
        if (derived()->hasFoot()) {
            text += derived()->foot();
        }
        return text;
    }

    bool hasFoot() const { return false; }
    std::string foot() const { return ""; }

private:
    const Derived* derived() const { return static_cast<const Derived*>(this); }
};

struct TideReport : Report<TideReport> {
    std::string body() const { return "tides\n"; }
};

struct CraneReport : Report<CraneReport> {
    std::string body() const { return "cranes\n"; }
    bool hasFoot() const { return true; }
    std::string foot() const { return "hours\n"; }
};
