#include <memory>
#include <string>
#include <vector>

namespace aldera {

class Area {
public:
    virtual ~Area() {}
    virtual double squareMetres() const = 0;
    virtual void flood(int level) = 0;
};

class Basin : public Area {
    double side;
    int level = 0;
public:
    explicit Basin(double s) : side(s) {}
    double squareMetres() const override { return side * side; }
    void flood(int l) override { level = l; }
};

class Dock : public Area {
    double length, width;
    bool gate = true;
public:
    Dock(double l, double w) : length{l}, width{w} {}
    double squareMetres() const override { return length * width; }
    void flood(int l) override { gate = l < 3; }
};

class District : public Area {
    std::vector<std::unique_ptr<Area>> parts;
public:
    void add(std::unique_ptr<Area> part) { parts.push_back(std::move(part)); }
    double squareMetres() const override {
        double sum = 0;
        for (const auto& p : parts) sum += p->squareMetres();
        return sum;
    }
    void flood(int level) override {
        for (auto it = parts.begin(); it != parts.end(); ++it) (*it)->flood(level);
    }
};

}

int main() {
    aldera::District all;
    all.add(std::make_unique<aldera::Basin>(40));
    auto east = std::make_unique<aldera::District>();
    east->add(std::make_unique<aldera::Dock>(120, 30));
    all.add(std::move(east));
    all.flood(2);
    return all.squareMetres() > 0 ? 0 : 1;
}
