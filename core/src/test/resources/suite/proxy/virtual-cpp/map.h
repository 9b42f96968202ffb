#include <memory>
class Map {
public:
    virtual ~Map() = default;
    virtual int tile(int x) = 0;
};
class BigMap : public Map {
public:
    int tile(int x) override { return x * 2; }
};
class LazyMap : public Map {
public:
    int tile(int x) override {
        if (!map_) {
            map_ = std::make_unique<BigMap>();
        }
        return map_->tile(x);
    }
private:
    std::unique_ptr<BigMap> map_;
};
class View {
public:
    explicit View(Map& m) : map_(m) {}
    int centre() { return map_.tile(0); }
private:
    Map& map_;
};
