#pragma once
#include <map>
#include <memory>
#include <string>
#include <vector>

class Cable {
public:
    explicit Cable(int metres) : metres_(metres) {}
    void wind(int turns) { turns_ += turns; }
    int metres() const { return metres_; }

private:
    int metres_;
    int turns_ = 0;
};

class CableStore {
public:
    std::unique_ptr<Cable> take(int metres) {
        auto& shelf = shelves_[metres];
        if (shelf.empty()) {
            return std::make_unique<Cable>(metres);
        }
        auto cable = std::move(shelf.back());
        shelf.pop_back();
        return cable;
    }
    void giveBack(std::unique_ptr<Cable> cable) { shelves_[cable->metres()].push_back(std::move(cable)); }

private:
    std::map<int, std::vector<std::unique_ptr<Cable>>> shelves_;
};
