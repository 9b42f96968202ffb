#pragma once
#include <cstddef>
#include <iterator>
#include <memory>
#include <stack>

template <typename T>
class Tree {
    struct Node {
        T value;
        std::unique_ptr<Node> left;
        std::unique_ptr<Node> right;
        explicit Node(T v) : value(std::move(v)) {}
    };

public:
    class Iterator {
    public:
        using iterator_category = std::forward_iterator_tag;
        using value_type = T;
        using difference_type = std::ptrdiff_t;
        using pointer = T*;
        using reference = T&;

        explicit Iterator(Node* root) { descend(root); }
        reference operator*() const { return path_.top()->value; }
        Iterator& operator++() {
            Node* node = path_.top();
            path_.pop();
            descend(node->right.get());
            return *this;
        }
        bool operator!=(const Iterator& other) const { return path_.size() != other.path_.size(); }

    private:
        void descend(Node* node) {
            while (node) {
                path_.push(node);
                node = node->left.get();
            }
        }
        std::stack<Node*> path_;
    };

    void insert(T value) { insert(root_, std::move(value)); }
    Iterator begin() { return Iterator(root_.get()); }
    Iterator end() { return Iterator(nullptr); }

private:
    void insert(std::unique_ptr<Node>& at, T value) {
        if (!at) at = std::make_unique<Node>(std::move(value));
        else insert(value < at->value ? at->left : at->right, std::move(value));
    }
    std::unique_ptr<Node> root_;
};
