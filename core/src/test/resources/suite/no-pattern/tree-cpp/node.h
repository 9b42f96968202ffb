#pragma once
#include <memory>
#include <string>
#include <vector>

class ListNode {
public:
    ListNode(std::string value, std::unique_ptr<ListNode> next) : value_(std::move(value)), next_(std::move(next)) {}
    const std::string& value() const { return value_; }
    const ListNode* next() const { return next_.get(); }
private:
    std::string value_;
    std::unique_ptr<ListNode> next_;
};

class Manifest {
public:
    void push(std::string line) { head_ = std::make_unique<ListNode>(std::move(line), std::move(head_)); ++size_; }
    int size() const { return size_; }
    bool has(const std::string& line) const {
        for (const ListNode* at = head_.get(); at != nullptr; at = at->next()) {
            if (at->value() == line) {
                return true;
            }
        }
        return false;
    }
private:
    std::unique_ptr<ListNode> head_;
    int size_ = 0;
};
