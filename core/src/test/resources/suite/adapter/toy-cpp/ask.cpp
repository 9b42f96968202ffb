#include <algorithm>
#include <iostream>
#include <string>

class Ask {
public:
    virtual ~Ask() = default;
    virtual std::string Request() const { return "question"; }
};

class Backwards {
public:
    std::string SpecificRequest() const { return "noitseuq"; }
};

class Turned : public Ask, public Backwards {
public:
    Turned() {}
    std::string Request() const override {
        std::string text = SpecificRequest();
        std::reverse(text.begin(), text.end());
        return "turned: " + text;
    }
};

void client(const Ask* ask) { std::cout << ask->Request(); }

int main() {
    Ask* ask = new Ask;
    client(ask);
    Turned* turned = new Turned;
    client(turned);
    delete ask;
    delete turned;
}
