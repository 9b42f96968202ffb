#pragma once
#include <fstream>
#include <string>
#include <vector>

class Registry;

class Feed {
public:
    Feed(const std::string& path, Registry& registry);
    std::size_t size() const { return rows_.size(); }

private:
    std::vector<std::string> rows_;
};

class Registry {
public:
    void enter(Feed* feed) { feeds_.push_back(feed); }

private:
    std::vector<Feed*> feeds_;
};
