#include <map>
#include <memory>
#include <string>
class Sprite {
public:
    explicit Sprite(std::string name) : name_(name) {}
    const std::string& name() const { return name_; }
private:
    const std::string name_;
};
class Sprites {
public:
    std::shared_ptr<Sprite> get(const std::string& name) {
        auto found = sprites_.find(name);
        if (found != sprites_.end()) {
            return found->second;
        }
        auto made = std::make_shared<Sprite>(name);
        sprites_[name] = made;
        return made;
    }
private:
    std::map<std::string, std::shared_ptr<Sprite>> sprites_;
};
class Scene {
public:
    std::string draw(Sprites& s) { return s.get("gull")->name(); }
};
