#pragma once
#include <map>
#include <memory>
#include <string>
#include <vector>

class Species {
public:
    Species(std::string name, std::string bark) : name_(std::move(name)), bark_(std::move(bark)) {}

    std::string paint(int x, int y) const { return name_ + "@" + std::to_string(x) + "," + std::to_string(y) + bark_; }

private:
    const std::string name_;
    const std::string bark_;
};

class Nursery {
public:
    std::shared_ptr<const Species> species(const std::string& name, const std::string& bark) {
        auto key = name + "/" + bark;
        auto found = known_.find(key);
        if (found != known_.end()) {
            return found->second;
        }
        auto made = std::make_shared<const Species>(name, bark);
        known_.emplace(key, made);
        return made;
    }

private:
    std::map<std::string, std::shared_ptr<const Species>> known_;
};

struct Tree {
    int x;
    int y;
    std::shared_ptr<const Species> species;
};

class Forest {
public:
    void plant(int x, int y, const std::string& name, const std::string& bark) {
        trees_.push_back({x, y, nursery_.species(name, bark)});
    }

    std::string paint() const {
        std::string all;
        for (const auto& tree : trees_) {
            all += tree.species->paint(tree.x, tree.y);
        }
        return all;
    }

private:
    Nursery nursery_;
    std::vector<Tree> trees_;
};
