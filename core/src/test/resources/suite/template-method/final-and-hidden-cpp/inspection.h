#pragma once
#include <string>
#include <vector>

class Inspection {
public:
    virtual ~Inspection() = default;

    std::vector<std::string> run(const std::string& ship) {
        std::vector<std::string> found;
        if (!due(ship)) return found;
        for (auto& part : parts()) {
            found.push_back(look(part));
        }
        finish(ship);
        return found;
    }

private:
    virtual std::vector<std::string> parts() const = 0;
    virtual std::string look(const std::string& part) = 0;
    virtual bool due(const std::string&) const { return true; }
    virtual void finish(const std::string&) {}
};

class HullInspection final : public Inspection {
    std::vector<std::string> parts() const override { return {"keel", "plates"}; }
    std::string look(const std::string& part) override { return part + " fine"; }
};

class EngineInspection : public Inspection {
    std::vector<std::string> parts() const override { return {"shaft"}; }
    std::string look(const std::string& part) override { ++looked_; return part + " oiled"; }
    bool due(const std::string& ship) const override { return ship != "rowing boat"; }
    int looked_ = 0;
};
