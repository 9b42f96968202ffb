#pragma once
#include <memory>
#include <string>

namespace aldera {

struct Crate {
    double weight;
    std::string seal;
    int marks = 0;
};

class Inspector {
public:
    virtual ~Inspector() = default;
    void followedBy(std::shared_ptr<Inspector> n) { next_ = std::move(n); }
    virtual void look(Crate& c) {
        if (next_) {
            next_->look(c);
        }
    }

private:
    std::shared_ptr<Inspector> next_;
};

class Weigher : public Inspector {
public:
    void look(Crate& c) override {
        if (c.weight > 30) {
            return;
        }
        Inspector::look(c);
    }
};

class SealReader : public Inspector {
public:
    void look(Crate& c) override {
        if (c.seal.empty()) {
            c.marks += 2;
        } else {
            Inspector::look(c);
        }
    }
};

}  // namespace aldera
