#include "sorter.h"
#include <iostream>

static bool byLength(const std::string& a, const std::string& b) { return a.size() < b.size(); }

int main() {
    std::vector<std::string> words{"pear", "fig", "apple"};
    Sorter sorter(byLength);
    sorter.sort(words);
    sorter.use([](const std::string& a, const std::string& b) { return a < b; });
    sorter.sort(words);
    for (const auto& word : words) std::cout << word << '\n';
}
