#pragma once
#include <map>
#include <string>

class TideTable {
public:
    static TideTable& instance();

    TideTable(const TideTable&) = delete;
    TideTable& operator=(const TideTable&) = delete;

    double high(const std::string& day) const;
    void enter(const std::string& day, double metres);

private:
    TideTable() = default;
    std::map<std::string, double> highs_;
};
