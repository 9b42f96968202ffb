#include "document.h"
#include <iostream>

int main() {
    Document document;
    Timeline timeline(document);
    document.write("a");
    timeline.save();
    document.write("b");
    timeline.back();
    std::cout << document.text() << "\n";
}
