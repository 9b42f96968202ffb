#include "doc.h"

#include <iostream>

int main() {
    editor::Document document;
    const auto id = document.connect([](std::string_view text) { std::cout << text << '\n'; });
    editor::Session session(document);
    session.perform(std::make_unique<editor::Insert>("hello"));
    session.perform(std::make_unique<editor::Erase>(2));
    session.undo();
    document.disconnect(id);
}
