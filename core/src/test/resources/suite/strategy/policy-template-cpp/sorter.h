#pragma once
#include <functional>
#include <string>
#include <vector>

struct Letter {
    int grams = 0;
    std::string town;
};

class Sorting {
public:
    virtual ~Sorting() = default;
    virtual int bag(const Letter& letter) const = 0;
};

class ByTown : public Sorting {
public:
    int bag(const Letter& letter) const override { return static_cast<int>(letter.town.size()) % 8; }
};

class ByWeight : public Sorting {
public:
    int bag(const Letter& letter) const override { return letter.grams / 50; }
};

class Frame {
public:
    explicit Frame(const Sorting& sorting) : sorting_(std::cref(sorting)) {}
    void use(const Sorting& sorting) { sorting_ = std::cref(sorting); }
    void sort(const std::vector<Letter>& letters) {
        for (const auto& letter : letters) {
            ++counts_[sorting_.get().bag(letter) % 8];
        }
    }

private:
    std::reference_wrapper<const Sorting> sorting_;
    int counts_[8] = {};
};
