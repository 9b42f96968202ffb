#include <iostream>
#include <string>

class Report {
public:
    virtual ~Report() = default;
    void print() {
        std::cout << header() << "\n";
        body();
        if (hasFooter()) std::cout << footer() << "\n";
    }
protected:
    virtual std::string header() const = 0;
    virtual void body() = 0;
    virtual bool hasFooter() const { return true; }
    virtual std::string footer() const { return "--"; }
};

class TideReport : public Report {
protected:
    std::string header() const override { return "tides"; }
    void body() override { std::cout << "high at six\n"; }
};

class ShipReport : public Report {
protected:
    std::string header() const override { return "ships"; }
    void body() override { std::cout << "none\n"; }
    bool hasFooter() const override { return false; }
};
