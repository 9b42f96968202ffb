#pragma once
#include <memory>
#include <string>
#include <vector>
class Item { public: virtual ~Item() = default; virtual int cents() const = 0; virtual void add(std::unique_ptr<Item>) { throw std::string("no children"); } };
class Dish : public Item { public: explicit Dish(int c) : c_(c) {} int cents() const override { return c_; } private: int c_; };
class Menu : public Item {
public:
    void add(std::unique_ptr<Item> item) override { items_.push_back(std::move(item)); }
    int cents() const override { int sum = 0; for (std::size_t i = 0; i < items_.size(); ++i) { if (i > 4) break; sum += items_[i]->cents(); } return sum; }
private:
    std::vector<std::unique_ptr<Item>> items_;
};
class Waiter { public: int bill(const Item& item) const { if (dynamic_cast<const Menu*>(&item)) return item.cents() * 9 / 10; return item.cents(); } };
