#include "shapes.h"
#include <iostream>

class Carpenter {
public:
    explicit Carpenter(const ToolShed& shed) : shed_(shed) {}
    void work() {
        for (const auto* name : {"hammer", "saw"}) std::cout << shed_.take(name)->use() << '\n';
    }
private:
    const ToolShed& shed_;
};

int main() {
    ToolShed shed;
    Carpenter(shed).work();
}
