#pragma once
#include <memory>
#include <string>

class Map {
public:
    virtual ~Map() = default;
    virtual std::string tile(int x, int y) = 0;
    virtual int zoom() const = 0;
};

class PaperMap : public Map {
public:
    explicit PaperMap(std::string file) : file_(std::move(file)) {}
    std::string tile(int x, int y) override { return file_ + std::to_string(x * 100 + y); }
    int zoom() const override { return 3; }

private:
    std::string file_;
};

class MapOnDemand : public Map {
public:
    explicit MapOnDemand(std::string file) : file_(std::move(file)) {}

    std::string tile(int x, int y) override { return real().tile(x, y); }
    int zoom() const override { return real().zoom(); }

private:
    Map& real() const {
        if (!map_) {
            map_ = std::make_unique<PaperMap>(file_);
        }
        return *map_;
    }

    std::string file_;
    mutable std::unique_ptr<Map> map_;
};

class Walker {
public:
    explicit Walker(Map& map) : map_(map) {}
    std::string look() { return map_.tile(1, 2); }

private:
    Map& map_;
};
