#pragma once
#include <memory>
#include <string>
class Index {
public:
    void add(const std::string& key, int value) { insert(root_, key, value); }
    int find(const std::string& key) const { const Node* at = root_.get(); while (at) { if (at->key == key) return at->value; at = key < at->key ? at->left.get() : at->right.get(); } return -1; }
private:
    struct Node { std::string key; int value; std::unique_ptr<Node> left, right; };
    static void insert(std::unique_ptr<Node>& at, const std::string& key, int value) {
        if (!at) { at = std::make_unique<Node>(); at->key = key; at->value = value; }
        else insert(key < at->key ? at->left : at->right, key, value);
    }
    std::unique_ptr<Node> root_;
};
