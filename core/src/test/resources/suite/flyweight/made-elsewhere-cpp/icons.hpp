#pragma once
#include <map>
#include <memory>
#include <string>

class Icon {
public:
    explicit Icon(std::string name) : name_(std::move(name)) {}
    std::string draw(int x, int y) const { return name_ + std::to_string(x) + "," + std::to_string(y); }
private:
    const std::string name_;
};

class IconShelf {
public:
    std::shared_ptr<Icon> icon(const std::string& name) {
        auto found = icons_.find(name);
        if (found != icons_.end()) {
            return found->second;
        }
        auto icon = std::make_shared<Icon>(name);
        icons_.emplace(name, icon);
        return icon;
    }
private:
    std::map<std::string, std::shared_ptr<Icon>> icons_;
};
