#pragma once
#include <memory>
#include <vector>

class Node {
public:
    virtual ~Node() = default;
    virtual void add(std::shared_ptr<Node> child) {}
    virtual int count() const = 0;
};
class Bollard : public Node {
public:
    int count() const override { return 1; }
};
class Ring : public Node {
public:
    void add(std::shared_ptr<Node> child) override { lost_.push_back(child); }
    int count() const override { return 1; }
private:
    std::vector<std::shared_ptr<Node>> lost_;
};
class Quay : public Node {
public:
    void add(std::shared_ptr<Node> child) override { children_.push_back(std::move(child)); }
    int count() const override {
        int total = 0;
        for (const auto& child : children_) total += child->count();
        return total;
    }
private:
    std::vector<std::shared_ptr<Node>> children_;
};
inline int bollards(const std::shared_ptr<Node>& node) {
    if (std::dynamic_pointer_cast<Bollard>(node)) return 1;
    return node->count();
}
