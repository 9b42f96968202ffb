#pragma once
#include <string>
#include <vector>

class Report {
public:
    virtual ~Report() = default;

    std::string write() const {
        std::string out = head();
        for (const auto& line : lines()) {
            out += "\n" + format(line);
        }
        return out + foot();
    }

protected:
    virtual std::string head() const = 0;
    virtual std::vector<std::string> lines() const = 0;
    virtual std::string format(const std::string& line) const { return "- " + line; }
    virtual std::string foot() const { return "\n--"; }
};

class TideReport final : public Report {
protected:
    std::string head() const override { return "Tides"; }
    std::vector<std::string> lines() const override { return {"06:10 4.2", "18:30 3.9"}; }
};

class ShipReport final : public Report {
protected:
    std::string head() const override { return "Ships"; }
    std::vector<std::string> lines() const override { return {"Aurora"}; }
    std::string format(const std::string& line) const override { return "* " + line; }
};
