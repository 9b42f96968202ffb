#pragma once
#include <map>
#include <memory>
#include <string>
#include <utility>

namespace chart {

class Symbol {
public:
    Symbol(std::string shape, std::string colour);
    std::string draw(double lat, double lon) const;

private:
    const std::string shape_;
    const std::string colour_;
};

class SymbolDrawer {
public:
    std::shared_ptr<const Symbol> find(const std::string& shape, const std::string& colour);
    std::size_t kinds() const { return symbols_.size(); }

private:
    std::map<std::pair<std::string, std::string>, std::shared_ptr<const Symbol>> symbols_;
};

class Buoy {
public:
    Buoy(double lat, double lon, std::shared_ptr<const Symbol> symbol);
    std::string draw() const;

private:
    double lat_;
    double lon_;
    std::shared_ptr<const Symbol> symbol_;
};

}
