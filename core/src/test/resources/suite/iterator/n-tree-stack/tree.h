#pragma once
#include <memory>
#include <stack>
#include <string>

struct Node {
    std::string key;
    std::unique_ptr<Node> left;
    std::unique_ptr<Node> right;
};

class Tree {
public:
    class Walk {
    public:
        explicit Walk(const Node* root) { push(root); }

        bool hasNext() const { return !open_.empty(); }

        const std::string& next() {
            const Node* node = open_.top();
            open_.pop();
            push(node->right.get());
            return node->key;
        }

    private:
        void push(const Node* node) {
            while (node) {
                open_.push(node);
                node = node->left.get();
            }
        }

        std::stack<const Node*> open_;
    };

    Walk walk() const { return Walk(root_.get()); }

    void insert(const std::string& key) { insert(root_, key); }

private:
    static void insert(std::unique_ptr<Node>& at, const std::string& key) {
        if (!at) {
            at = std::make_unique<Node>();
            at->key = key;
        } else {
            insert(key < at->key ? at->left : at->right, key);
        }
    }

    std::unique_ptr<Node> root_;
};
