#pragma once
#include <generator>
#include <string>
#include <vector>

class Book {
public:
    explicit Book(std::string title) : title_(std::move(title)) {}
    const std::string& title() const { return title_; }

private:
    std::string title_;
};

class Shelf {
public:
    void put(Book book) { books_.push_back(std::move(book)); }

    std::generator<const Book&> walk() const {
        for (const auto& book : books_) {
            co_yield book;
        }
    }

private:
    std::vector<Book> books_;
};
