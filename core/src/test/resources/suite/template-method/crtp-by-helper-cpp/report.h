#include <string>

template <typename Kind>
class Report {
public:
    std::string print() {
        std::string text = head();
        text += self().body();
        text += self().foot();
        return text;
    }

protected:
    std::string head() const { return "Port of Aldera\n"; }

private:
    Kind& self() { return static_cast<Kind&>(*this); }
};

class TideReport : public Report<TideReport> {
public:
    std::string body() { return "tides\n"; }
    std::string foot() { return "metres\n"; }
};

class CraneReport : public Report<CraneReport> {
public:
    std::string body() { return "cranes\n"; }
    std::string foot() { return "hours\n"; }
};
