#include "icons.hpp"

class Toolbar {
public:
    explicit Toolbar(IconShelf& shelf) : shelf_(shelf) {}
    std::string draw() {
        Icon own("logo");
        return own.draw(0, 0) + shelf_.icon("save")->draw(16, 0) + shelf_.icon("open")->draw(32, 0);
    }
private:
    IconShelf& shelf_;
};
